import { dated } from "../days";
import type { Lot } from "./woodApi";
import { STANDING_WORDS } from "./words";

/** What speaks against a lot: held, suspect, never tested; nothing where it is clean. */
export function Standing({ lot }: { lot: Pick<Lot, "refusal" | "health"> }) {
  if (lot.refusal) {
    return (
      <span className="mt-0.5 flex items-baseline gap-1.5 font-semibold text-[13.5px] text-alarm">
        <svg width={12} height={12} aria-hidden className="shrink-0 self-center">
          <path d="M1 1H11M1 6H11M1 11H11" stroke="currentColor" strokeWidth={2.4} />
        </svg>
        <span title={dated(lot.refusal)}>
          {lot.refusal.includes("is held") ? "held" : STANDING_WORDS[lot.health.standing]}
        </span>
      </span>
    );
  }
  if (lot.health.standing === "CLEAN") return null;
  return <> · {STANDING_WORDS[lot.health.standing]}</>;
}
