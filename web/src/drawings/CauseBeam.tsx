interface Reason {
  words: string;
  times: number;
}

interface Props {
  reasons: Reason[];
  width?: number;
}

const HEIGHT = 46;
const MOST_TILT = 9;
const GAP = 3;

// The side of a weight grows with what it says, twofold by twofold.
const side = (times: number) => 7 + 4 * Math.min(4, Math.abs(Math.log2(times)));

function Arm({ weights, way, from }: { weights: Reason[]; way: 1 | -1; from: number }) {
  let at = from;
  return weights.map((weight) => {
    const s = side(weight.times);
    const x = way === 1 ? at : at - s;
    at += way * (s + GAP);
    return (
      <rect
        key={weight.words}
        x={x}
        y={HEIGHT / 2 - s}
        width={s}
        height={s}
        fill={way === 1 ? "var(--ink)" : "var(--ground)"}
        stroke="var(--ink)"
        strokeWidth={1.4}
      >
        <title>{weight.words}</title>
      </rect>
    );
  });
}

/** A beam with weights: what speaks for a cause lies on its right and full, what speaks against it on its left and hollow. */
export function CauseBeam({ reasons, width = 210 }: Props) {
  const middle = width / 2;
  const speaks = reasons.filter((reason) => reason.times > 1);
  const against = reasons.filter((reason) => reason.times < 1);
  const sum = reasons.reduce((all, reason) => all + Math.log2(reason.times), 0);
  const tilt = Math.max(-MOST_TILT, Math.min(MOST_TILT, sum * 2));
  return (
    <svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      aria-hidden="true"
      className="max-w-full"
    >
      <path d={`M${middle} ${HEIGHT / 2}l-7 16h14z`} fill="var(--soft)" />
      <g transform={`rotate(${tilt} ${middle} ${HEIGHT / 2})`}>
        <path d={`M8 ${HEIGHT / 2}H${width - 8}`} stroke="var(--ink)" strokeWidth={2} />
        <Arm weights={speaks} way={1} from={middle + 8} />
        <Arm weights={against} way={-1} from={middle - 8} />
      </g>
    </svg>
  );
}
