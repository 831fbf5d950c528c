import { scaleLinear } from "d3-scale";
import type { Schemas } from "../api/client";

type Group = Schemas["take.Group"];

const percent = (rate: number) => Math.round(rate * 100);

/** "7 of 9, likely 58–91 %". */
export function takeWords(group: Group): string {
  const decided = group.count.taken + group.count.failed;
  const range = `${percent(group.low)}–${percent(group.high)} %`;
  return decided === 0
    ? `none decided, kin say ${range}`
    : `${group.count.taken} of ${decided}, likely ${range}`;
}

/** A dot with its range on a track from 0 to 100; thin groups are hatched, waiting grafts are open circles. */
export function TakeStrip({ group, width = 260 }: { group: Group; width?: number }) {
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
      <rect
        x={x(group.low)}
        y={y - 4.5}
        width={x(group.high) - x(group.low)}
        height={9}
        rx={2}
        fill={group.thin ? `url(#${id})` : "var(--sea)"}
        stroke={group.thin ? "var(--sea)" : "none"}
        opacity={group.thin ? 0.8 : 0.35}
      />
      <circle
        cx={x(group.mean)}
        cy={y}
        r={5.5}
        fill={group.allWaiting ? "var(--surface)" : "var(--sea)"}
        stroke="var(--sea)"
        strokeWidth={2}
      />
    </svg>
  );
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
