import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { sticksWords } from "../wood/words";

/** What of the wood on the shelf still lives on the day, against what the plan takes. */
export function WoodThere({ wood, grafts }: { wood: Schemas["day.There"]; grafts: number }) {
  const short = grafts - wood.grafts;
  return (
    <p className="mt-1 text-[15px]">
      {wood.lots.length === 0
        ? "No lot on the shelf lives until then"
        : `${wood.lots.join(", ")}: ${sticksWords(wood.sticks)}, ${wood.buds} buds that live until then`}
      {short > 0 ? (
        <>
          , <b className="text-alarm">{short} short</b>. Pinch, collect or ask for it: see what is wanted
          under{" "}
          <Link to="/wood" className="text-sea underline">
            Wood
          </Link>
          .
        </>
      ) : (
        `, enough for ${grafts}.`
      )}
    </p>
  );
}
