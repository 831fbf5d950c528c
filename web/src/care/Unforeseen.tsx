import { Link } from "react-router";
import { dayWords } from "../days";

/** Where no weather is known ahead, that nothing can be foreseen is said. */
export function Unforeseen({ until }: { until?: string }) {
  return (
    <p className="mb-2 border-edge border-l-4 pl-3 text-[14.5px] text-soft">
      {until ? `No weather is known after ${dayWords(until)}` : "No weather is known"}: frost, heat, wind and
      rain cannot be told ahead, and what is usual in the season stands in.{" "}
      <Link className="text-sea underline" to="/farm/weather">
        Bring weather in
      </Link>
    </p>
  );
}
