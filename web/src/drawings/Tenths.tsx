import { scaleLinear, scaleSqrt } from "d3-scale";
import type { Schemas } from "../api/client";

const SIDE = 190;
const EDGE = 26;

/** What was told against what came: on the slope it came as often as it was told. A circle is as large as its grafts are many. */
export function Tenths({ tenths }: { tenths: Schemas["take.Foretelling"]["tenths"] }) {
  const x = scaleLinear()
    .domain([0, 1])
    .range([EDGE, SIDE - 8]);
  const y = scaleLinear()
    .domain([0, 1])
    .range([SIDE - EDGE, 8]);
  const size = scaleSqrt()
    .domain([0, Math.max(1, ...tenths.map((tenth) => tenth.grafts))])
    .range([0, 9]);
  return (
    <svg width={SIDE} height={SIDE} role="img" aria-label="Told against what came" className="block shrink-0">
      <path d={`M${x(0)} ${y(1)} V${y(0)} H${x(1)}`} fill="none" stroke="var(--line)" strokeWidth={1.5} />
      <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} stroke="var(--soft)" strokeDasharray="3 4" />
      {tenths.map((tenth) => (
        <g key={tenth.told}>
          <line
            x1={x(tenth.told)}
            x2={x(tenth.told)}
            y1={y(tenth.told)}
            y2={y(tenth.came)}
            stroke="var(--sea)"
            strokeOpacity={0.5}
          />
          <circle
            cx={x(tenth.told)}
            cy={y(tenth.came)}
            r={Math.max(2, size(tenth.grafts))}
            fill="var(--sea)"
            fillOpacity={0.35}
            stroke="var(--sea)"
          />
        </g>
      ))}
      <text x={x(0.5)} y={SIDE - 8} textAnchor="middle" className="fill-soft text-[12px]">
        told, 0 to 100 %
      </text>
      <text
        transform={`translate(14 ${y(0.5)}) rotate(-90)`}
        textAnchor="middle"
        className="fill-soft text-[12px]"
      >
        took
      </text>
    </svg>
  );
}
