import { scaleLinear } from "d3-scale";
import type { Schemas } from "../api/client";

export type TakeGroup = Pick<
  Schemas["take.Group"],
  "label" | "under" | "count" | "mean" | "low" | "high" | "thin" | "allWaiting"
>;

// Nobody is sure of all: what lies between is told as far as whole hundredths go.
const percent = (rate: number) => Math.min(99, Math.round(rate * 100));

function rangeWords({ low, high }: TakeGroup): string {
  const [from, to] = [percent(low), percent(high)];
  return from === to ? `about ${to} %` : `${from}–${to} %`;
}

/** "7 of 9, likely 58–91 %". */
export function takeWords(group: TakeGroup): string {
  const decided = group.count.taken + group.count.failed;
  const range = rangeWords(group);
  return decided === 0
    ? `none decided, kin say ${range}`
    : `${group.count.taken} of ${decided}, likely ${range}`;
}

/** A leaf as long as the range on a twig from 0 to 100, its rib where the take most likely is; thin groups are hatched. */
export function TakeStrip({ group, width = 260 }: { group: TakeGroup; width?: number }) {
  const x = scaleLinear()
    .domain([0, 1])
    .range([6, width - 6]);
  const y = 11;
  const id = `hatch-${group.under ?? ""}-${group.label}`.replace(/\W+/g, "-");
  return (
    <svg width={width} height={22} role="img" aria-label={takeWords(group)} className="block shrink-0">
      <defs>
        <pattern id={id} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={2} height={5} fill="var(--sea)" />
        </pattern>
      </defs>
      <line x1={x(0)} x2={x(1)} y1={y} y2={y} stroke="var(--line)" strokeWidth={2} />
      {[0, 0.5, 1].map((at) => (
        <line key={at} x1={x(at)} x2={x(at)} y1={y - 4} y2={y + 4} stroke="var(--line)" />
      ))}
      <path
        d={leaf(x(group.low), x(group.high), y)}
        fill={group.thin ? `url(#${id})` : "var(--leaf)"}
        stroke="var(--leaf)"
        strokeLinejoin="round"
        fillOpacity={group.thin ? 0.75 : 0.32}
      />
      <path
        d={`M${x(group.mean)} ${y - 7.5} V${y + 7.5}`}
        stroke={group.allWaiting ? "var(--soft)" : "var(--ink)"}
        strokeWidth={3}
        strokeLinecap="round"
        strokeDasharray={group.allWaiting ? "2 4" : undefined}
      />
    </svg>
  );
}

/** Pointed at both ends, fullest a little before the middle. */
function leaf(from: number, to: number, y: number): string {
  const fullest = from + (to - from) * 0.45;
  return `M${from} ${y} Q${fullest} ${y - 14} ${to} ${y} Q${fullest} ${y + 14} ${from} ${y} Z`;
}

const SHOWN = 6;

/** Grafts still waiting, as open circles; many are told as a number. */
export function Waiting({ count }: { count: number }) {
  if (count === 0) return null;
  return (
    <span
      className="inline-flex items-center gap-1 whitespace-nowrap text-soft"
      title={`${count} still waiting`}
    >
      <span className="sr-only">{count} still waiting</span>
      <svg width={Math.min(count, SHOWN) * 11} height={12} aria-hidden="true">
        {Array.from({ length: Math.min(count, SHOWN) }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: circles are all alike
          <circle key={i} cx={6 + i * 11} cy={6} r={4} fill="none" stroke="currentColor" strokeWidth={1.5} />
        ))}
      </svg>
      {count > SHOWN && <span aria-hidden="true">{count}</span>}
    </span>
  );
}
