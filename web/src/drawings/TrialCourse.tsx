import { scaleLinear } from "d3-scale";

interface Props {
  /** Grafts of both ways it needs. */
  all: number;
  decided: number;
  waiting: number;
  /** Laid into days and to be made yet. */
  open: number;
  /** Decided grafts each reading waits for. */
  gates: number[];
  label: string;
  width?: number;
}

/** How far a trial is: what is decided as a filled bed, what waits as a dotted one, and the gates at which it may be read. */
export function TrialCourse({ all, decided, waiting, open, gates, label, width = 420 }: Props) {
  const end = Math.max(all, decided + waiting + open);
  const x = scaleLinear()
    .domain([0, end])
    .range([8, width - 8]);
  return (
    <svg
      viewBox={`0 0 ${width} 50`}
      width={width}
      height={50}
      role="img"
      aria-label={label}
      className="block h-auto max-w-full"
    >
      <rect
        x={x(0)}
        y={20}
        width={x(end) - x(0)}
        height={14}
        rx={3}
        fill="var(--ground)"
        stroke="var(--line)"
      />
      <rect x={x(0)} y={20} width={x(decided) - x(0)} height={14} rx={3} fill="var(--sea)" />
      <line
        x1={x(decided)}
        x2={x(decided + waiting)}
        y1={27}
        y2={27}
        stroke="var(--sea)"
        strokeWidth={8}
        strokeDasharray="2 4"
      />
      <line
        x1={x(decided + waiting)}
        x2={x(decided + waiting + open)}
        y1={27}
        y2={27}
        stroke="var(--soft)"
        strokeWidth={2}
        strokeDasharray="2 4"
      />
      {gates.map((at) => (
        <g key={at}>
          <path
            d={`M${x(at)} 14 V40`}
            stroke={decided >= at ? "var(--leaf)" : "var(--ink)"}
            strokeWidth={decided >= at ? 3.5 : 2}
          />
          <text
            x={x(at)}
            y={10}
            textAnchor={at > end * 0.9 ? "end" : "middle"}
            className="fill-soft text-[12px]"
          >
            read at {at}
          </text>
        </g>
      ))}
    </svg>
  );
}
