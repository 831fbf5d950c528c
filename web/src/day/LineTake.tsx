import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { percent } from "../percent";

/** What a line is likely to take, and the one change that would raise it most; both open to what they rest on. */
export function LineTake({ likely, grafts }: { likely: Schemas["take.Told"]; grafts: number }) {
  const { take, change } = likely;
  return (
    <span className="block text-[14px]">
      About {Math.round(take.mean * grafts)} of {grafts} likely take{" "}
      <span className="text-soft">
        ({percent(take.low)}–{percent(take.high)} %,{" "}
        <Link
          className="text-sea underline print:no-underline"
          to={likely.byGains ? "/takes/gains" : "/takes"}
        >
          {likely.byGains ? "from what moves take here" : "as grafts like these took"}
        </Link>
        ).
      </span>
      {change && (
        <span className="block">
          Most would be gained by {change.words}: <b>{change.to}</b>, +{percent(change.points.mean)} points,{" "}
          {percent(change.points.low)} to {percent(change.points.high)}; an association in these records.
        </span>
      )}
    </span>
  );
}
