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

const say = (one: Case, sign: Sign, seen: boolean, onSigns: Props["onSigns"]) =>
  onSigns(
    seen ? [...without(one.seen, sign), sign] : without(one.seen, sign),
    seen ? without(one.unseen, sign) : [...without(one.unseen, sign), sign],
  );

/** The sign that would tell most, to be looked for first. */
export function NextSign({ one, busy, onSigns }: Props) {
  const { next } = one.weights;
  if (!next || !CAUSE_TRACES[next]) return null;
  return (
    <div
      data-does="PUT /api/causes/{code}/signs"
      className="my-2 flex flex-wrap items-center gap-3 bg-surface px-3 py-2"
    >
      <TraceMark trace={next} size={64} />
      <p className="font-semibold">Look for this first: {CAUSE_TRACES[next]}?</p>
      <Button strong disabled={busy} onClick={() => say(one, next, true, onSigns)}>
        Yes
      </Button>
      <Button disabled={busy} onClick={() => say(one, next, false, onSigns)}>
        No
      </Button>
    </div>
  );
}

/** Signs to tap: one tap says seen, another not there, a third tells nothing. */
export function SignGrid({ one, busy, onSigns }: Props) {
  const standing = (sign: Sign) =>
    one.seen.includes(sign) ? "seen" : one.unseen.includes(sign) ? "unseen" : "open";
  const tap = (sign: Sign) => {
    const at = standing(sign);
    if (at === "unseen") onSigns(without(one.seen, sign), without(one.unseen, sign));
    else say(one, sign, at === "open", onSigns);
  };
  return (
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
  );
}
