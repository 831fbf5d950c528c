import type { Schemas } from "../api/client";
import { dayAndYear, daysBetween } from "../days";

const WIDE = 300;
const LEFT = 84;
const ROW = 17;
const REACH = 90;

/** Ranges told on past looks, laid about the day the flush came; those that missed stand out. */
export function ToldAndCame({ told }: { told: Schemas["season.PlantSheetPast"][] }) {
  const height = told.length * ROW + 22;
  const x = (days: number) =>
    LEFT + ((Math.max(-REACH, Math.min(REACH, days)) + REACH) / (2 * REACH)) * (WIDE - LEFT);
  return (
    <figure className="mt-1">
      <svg viewBox={`0 0 ${WIDE} ${height}`} className="block w-full" aria-hidden="true">
        {[-60, -30, 30, 60].map((days) => (
          <line key={days} x1={x(days)} x2={x(days)} y1={0} y2={height - 18} stroke="var(--line)" />
        ))}
        <line x1={x(0)} x2={x(0)} y1={0} y2={height - 14} stroke="var(--ink)" strokeWidth={1.5} />
        {told.map((one, i) => {
          const low = daysBetween(one.came, one.low);
          const high = daysBetween(one.came, one.high);
          const held = low <= 0 && high >= 0;
          const y = i * ROW + ROW / 2;
          const paint = held ? "var(--leaf)" : "var(--alarm)";
          return (
            <g key={one.on}>
              <text x={0} y={y + 4.5} fontSize={12} fill="var(--soft)">
                {dayAndYear(one.on)}
              </text>
              <line
                x1={x(low)}
                x2={x(high)}
                y1={y}
                y2={y}
                stroke={paint}
                strokeWidth={4}
                strokeDasharray={held ? undefined : "5 2"}
              />
              <circle
                cx={x(daysBetween(one.came, one.mid))}
                cy={y}
                r={3.2}
                fill="var(--surface)"
                stroke={paint}
              />
            </g>
          );
        })}
        <text x={x(0)} y={height - 2} textAnchor="middle" fontSize={12} fill="var(--ink)">
          it came
        </text>
        <text x={x(-60)} y={height - 2} textAnchor="middle" fontSize={12} fill="var(--soft)">
          60 d early
        </text>
        <text x={x(60)} y={height - 2} textAnchor="middle" fontSize={12} fill="var(--soft)">
          60 d late
        </text>
      </svg>
      <table className="sr-only">
        <caption>Told before, and what came</caption>
        <thead>
          <tr>
            <th>looked</th>
            <th>told</th>
            <th>came</th>
            <th>held</th>
          </tr>
        </thead>
        <tbody>
          {told.map((one) => (
            <tr key={one.on}>
              <th scope="row">{dayAndYear(one.on)}</th>
              <td>
                {dayAndYear(one.low)} to {dayAndYear(one.high)}
              </td>
              <td>{dayAndYear(one.came)}</td>
              <td>{one.low <= one.came && one.came <= one.high ? "yes" : "no"}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  );
}
