import type { Schemas } from "../api/client";

type Course = Schemas["take.Course"];

interface Props {
  course: Course;
  width?: number;
  height?: number;
  /** What a unit of the axis is. */
  unit: string;
  /** Another group beside it, drawn broken and without its band. */
  beside?: Course;
}

const LEFT = 34;
const BOTTOM = 34;
const TOP = 8;
const TICK = 30;
const MOST_CIRCLES = 60;

/** The share pushed as steps with its band, the dead from above, open circles for those that wait in between. */
export function PushCurve({ course, width = 290, height = 190, unit, beside }: Props) {
  const { points, waiting } = course;
  const days = [...points, ...waiting, ...(beside?.points ?? [])].map((at) => at.day);
  const last = Math.max(TICK, ...days);
  const x = (day: number) => LEFT + (day / last) * (width - LEFT - 8);
  const y = (share: number) => TOP + (1 - share) * (height - TOP - BOTTOM);
  const path = (along: Course["points"], of: (i: number) => number) =>
    along.map((p, i) => (i === 0 ? `M${x(p.day)} ${y(of(i))}` : `L${x(p.day)} ${y(of(i))}`)).join("");
  const steps = (of: (i: number) => number) => path(points, of);
  const band = `${steps((i) => points[i].high)}${[...points]
    .reverse()
    .map((p) => `L${x(p.day)} ${y(p.low)}`)
    .join("")}Z`;
  const deaths = `${steps((i) => 1 - points[i].died)}L${x(points[points.length - 1]?.day ?? 0)} ${y(1)}L${x(0)} ${y(1)}Z`;
  const ticks = Array.from({ length: Math.floor(last / TICK) + 1 }, (_, i) => i * TICK);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`${course.pushed} of ${course.grafts} have pushed, ${course.died} died, ${waiting.length} wait`}
      className="max-w-full"
    >
      {points.length > 0 && (
        <>
          <path d={deaths} fill="var(--alarm)" opacity={0.22} />
          <path d={band} fill="var(--sea)" opacity={0.22} />
          <path d={steps((i) => 1 - points[i].died)} fill="none" stroke="var(--alarm)" strokeWidth={1.6} />
          <path d={steps((i) => points[i].pushed)} fill="none" stroke="var(--sea)" strokeWidth={2.4} />
        </>
      )}
      {beside && beside.points.length > 0 && (
        <path
          d={path(beside.points, (i) => beside.points[i].pushed)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
          strokeDasharray="7 3"
        />
      )}
      {waiting.slice(0, MOST_CIRCLES).map((w, i) => (
        <circle
          key={w.code}
          cx={x(w.day)}
          cy={y(0.5) + ((i % 5) - 2) * 9}
          r={3.4}
          fill="var(--ground)"
          stroke="var(--ink)"
        >
          <title>{w.code}</title>
        </circle>
      ))}
      {course.stopsPaying !== undefined && course.stopsPaying <= last && (
        <path
          d={`M${x(course.stopsPaying)} ${TOP}V${height - BOTTOM}`}
          stroke="var(--lamp)"
          strokeWidth={2}
          strokeDasharray="4 3"
        />
      )}
      <path d={`M${LEFT} ${TOP}V${height - BOTTOM}H${width - 6}`} fill="none" stroke="var(--soft)" />
      <g fontSize={13} fill="var(--soft)">
        {[0, 50, 100].map((percent) => (
          <text key={percent} x={LEFT - 5} y={y(percent / 100) + 4} textAnchor="end">
            {percent}
          </text>
        ))}
        {ticks.map((day) => (
          <text key={day} x={x(day)} y={height - BOTTOM + 15} textAnchor="middle">
            {day}
          </text>
        ))}
        <text x={width - 6} y={height - 3} textAnchor="end">
          {unit}
        </text>
      </g>
    </svg>
  );
}
