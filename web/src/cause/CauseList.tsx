import { Link } from "react-router";
import { CauseBeam } from "../drawings/CauseBeam";
import { percent } from "../percent";
import { Button } from "../ui/parts";
import { type Case, type CauseTold, shareWords, type Weight } from "./causeApi";

const SHOWN = 5;
const WORTH_SHOWING = 0.03;

interface Props {
  one: Case;
  causes: CauseTold[];
  busy: boolean;
  onDecide: (cause: string) => void;
}

/** The causes of a failure, heaviest first: what speaks for each and against it, and what to do differently. */
export function CauseList({ one, causes, busy, onDecide }: Props) {
  const shown = one.weights.weights.slice(0, SHOWN).filter((w, i) => i < 2 || w.share >= WORTH_SHOWING);
  return (
    <ol>
      {shown.map((weight) => (
        <Cause
          key={weight.cause}
          weight={weight}
          told={causes.find((c) => c.key === weight.cause)}
          known={one.verdict === weight.cause}
          busy={busy}
          onDecide={() => onDecide(weight.cause)}
        />
      ))}
    </ol>
  );
}

interface CauseProps {
  weight: Weight;
  told: CauseTold | undefined;
  known: boolean;
  busy: boolean;
  onDecide: () => void;
}

function Cause({ weight, told, known, busy, onDecide }: CauseProps) {
  const speaks = weight.reasons.filter((reason) => reason.times > 1).map((reason) => reason.words);
  const against = weight.reasons.filter((reason) => reason.times < 1).map((reason) => reason.words);
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_210px_108px] items-center gap-x-4 border-line border-t py-2 max-sm:grid-cols-1">
      <div>
        <p>
          <b>{told?.name ?? weight.cause}</b>{" "}
          <span className="text-[14.5px] text-soft">{shareWords(weight)}</span>
        </p>
        <RangeBar weight={weight} />
        {speaks.length > 0 && <p className="text-[14px]">For it: {speaks.join("; ")}.</p>}
        {against.length > 0 && <p className="text-[14px] text-soft">Against it: {against.join("; ")}.</p>}
        {told && (
          <p className="text-[14px]">
            Next time: {told.change}.{" "}
            <Link className="text-sea underline" to={told.link}>
              Go there
            </Link>
          </p>
        )}
      </div>
      <CauseBeam reasons={weight.reasons} />
      <Button
        data-does="PUT /api/causes/verdicts"
        disabled={busy || known}
        aria-label={`It was: ${told?.name ?? weight.cause}`}
        onClick={onDecide}
      >
        {known ? "Known" : "It was this"}
      </Button>
    </li>
  );
}

/** The share as a bar that grows pale where it may end. */
function RangeBar({ weight }: { weight: Weight }) {
  return (
    <svg
      viewBox="0 0 100 6"
      preserveAspectRatio="none"
      className="my-1 h-2 w-full max-w-[320px]"
      aria-hidden="true"
    >
      <rect width={100} height={6} fill="var(--line)" />
      <rect width={percent(weight.high)} height={6} fill="var(--sea)" opacity={0.35} />
      <rect width={percent(weight.low)} height={6} fill="var(--sea)" />
      <path d={`M${percent(weight.share)} 0v6`} stroke="var(--ink)" strokeWidth={1} />
    </svg>
  );
}
