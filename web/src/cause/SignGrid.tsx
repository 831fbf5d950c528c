import { CAUSE_TRACES, TraceMark } from "../drawings/TraceMark";
import { Button } from "../ui/parts";
import type { Case, Sign } from "./causeApi";

interface Props {
  one: Case;
  busy: boolean;
  onSigns: (seen: Sign[], unseen: Sign[]) => void;
}

const without = (signs: Sign[], sign: Sign) => signs.filter((s) => s !== sign);

/** What a tap on a sign does next: seen, looked for in vain, not told. */
const STEP = { open: "seen", seen: "not there", unseen: "not told" } as const;

/** Signs to tap: the one that would tell most stands first and large; a tap says seen, another not there, a third nothing. */
export function SignGrid({ one, busy, onSigns }: Props) {
  const { next } = one.weights;
  const standing = (sign: Sign) =>
    one.seen.includes(sign) ? "seen" : one.unseen.includes(sign) ? "unseen" : "open";
  const say = (sign: Sign, seen: boolean) =>
    onSigns(
      seen ? [...without(one.seen, sign), sign] : without(one.seen, sign),
      seen ? without(one.unseen, sign) : [...without(one.unseen, sign), sign],
    );
  const tap = (sign: Sign) => {
    const at = standing(sign);
    if (at === "open") say(sign, true);
    else if (at === "seen") say(sign, false);
    else onSigns(without(one.seen, sign), without(one.unseen, sign));
  };
  return (
    <div>
      {next && CAUSE_TRACES[next] && (
        <div className="mb-2 flex flex-wrap items-center gap-3">
          <TraceMark trace={next} size={84} />
          <div>
            <p className="font-semibold">Look for this first: {CAUSE_TRACES[next]}?</p>
            <div className="mt-1.5 flex gap-2">
              <Button strong disabled={busy} onClick={() => say(next, true)}>
                Yes
              </Button>
              <Button disabled={busy} onClick={() => say(next, false)}>
                No
              </Button>
            </div>
          </div>
        </div>
      )}
      <div className="grid grid-cols-[repeat(auto-fill,minmax(112px,1fr))] gap-1.5">
        {(Object.keys(CAUSE_TRACES) as Sign[]).map((sign) => {
          const at = standing(sign);
          return (
            <button
              key={sign}
              type="button"
              disabled={busy}
              aria-pressed={at === "seen"}
              aria-label={`${CAUSE_TRACES[sign]}: ${at === "open" ? "not told" : at === "seen" ? "seen" : "not there"}; a tap says ${STEP[at]}`}
              onClick={() => tap(sign)}
              className={`flex min-h-14 flex-col items-center rounded border px-1 pt-1 pb-1.5 text-[13.5px] leading-tight ${
                at === "seen"
                  ? "border-sea bg-surface font-semibold shadow-[inset_0_0_0_1px_var(--sea)]"
                  : at === "unseen"
                    ? "border-edge text-soft line-through"
                    : "border-edge"
              }`}
            >
              <TraceMark trace={sign} size={48} />
              {CAUSE_TRACES[sign]}
            </button>
          );
        })}
      </div>
    </div>
  );
}
