import { scaleLinear } from "d3-scale";

interface Props {
  low: number;
  mean: number;
  high: number;
  /** True where it rests on too little: hatched. */
  thin: boolean;
  /** True where it is told apart from nothing. */
  told: boolean;
  /** The farthest point drawn, to either side of nothing. */
  reach: number;
  label: string;
  width?: number;
}

/** A rung: from the rail of nothing out to what a change would bring, with the range it lies in. */
export function GainRung({ low, mean, high, thin, told, reach, label, width = 300 }: Props) {
  const x = scaleLinear()
    .domain([-reach, reach])
    .range([6, width - 6])
    .clamp(true);
  const id = `rung-${label.replace(/\W+/g, "-")}`;
  const colour = told ? "var(--leaf)" : "var(--soft)";
  return (
    <svg width={width} height={26} role="img" aria-label={label} className="block max-w-full shrink-0">
      <defs>
        <pattern id={id} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={2} height={5} fill={colour} />
        </pattern>
      </defs>
      <line x1={x(0)} x2={x(0)} y1={0} y2={26} stroke="var(--ink)" strokeWidth={2} />
      <rect
        x={x(low)}
        y={8}
        width={Math.max(1, x(high) - x(low))}
        height={10}
        fill={thin ? `url(#${id})` : colour}
        fillOpacity={thin ? 0.7 : 0.28}
      />
      <line x1={x(0)} x2={x(mean)} y1={13} y2={13} stroke={colour} strokeWidth={4} />
      <circle
        cx={x(mean)}
        cy={13}
        r={5}
        fill={told ? "var(--leaf)" : "var(--surface)"}
        stroke={colour}
        strokeWidth={2}
      />
    </svg>
  );
}
