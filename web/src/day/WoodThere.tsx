import { Link } from "react-router";
import { useRules } from "../api/queries";
import type { Draft } from "../flush/draft";
import { useShelf } from "../wood/woodApi";
import { sticksWords } from "../wood/words";

/** What of the wood on the shelf still lives on the day, against what the plan takes. */
export function WoodThere({ draft }: { draft: Draft }) {
  const lots = useShelf().data?.lots;
  const technique = useRules().data?.techniques.find((t) => t.key === draft.techniqueKey);
  if (!lots || !technique) return null;
  const own = lots.filter(
    (lot) =>
      lot.varietyId === draft.varietyId && !lot.refusal && lot.grade !== "X" && lot.lastUntil >= draft.day,
  );
  const sticks = own.reduce((sum, lot) => sum + lot.sticksLeft, 0);
  const buds = own.reduce((sum, lot) => sum + lot.budsLeft, 0);
  const there = technique.group === "BUD" ? buds : sticks;
  const short = draft.grafts - there;
  return (
    <p className="mt-1 text-[15px]">
      {own.length === 0
        ? "No lot on the shelf lives until then"
        : `${own.map((lot) => lot.code).join(", ")}: ${sticksWords(sticks)}, ${buds} buds that live until then`}
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
        `, enough for ${draft.grafts}.`
      )}
    </p>
  );
}
