import { scaleLinear } from "d3-scale";
import { format } from "date-fns";
import type { Schemas } from "../api/client";
import { dayOf } from "../days";
import { useWidth } from "../ui/useWidth";
import { shown, unitOf, useChoices } from "../units";

const HEIGHT = 150;
const BASE = 118;
const RAIN_FULL_MM = 60;
const NAME_PX = 52;

/** Days as bars from lowest to highest, rain below; filled days are hollow, those ahead paler. */
export function PastDays({ days, today }: { days: Schemas["season.WeatherDay"][]; today?: string }) {
  const { ref, width } = useWidth(900);
  const choices = useChoices();
  const warm = (celsius: number) => shown("warmth", Math.round(celsius), choices);
  const low = Math.min(...days.map((d) => d.minC));
  const high = Math.max(...days.map((d) => d.maxC));
  const y = scaleLinear()
    .domain([low, high])
    .range([BASE - 14, 16]);
  const step = (width - 40) / days.length;
  // Named as often as the names have room beside each other.
  const every = 5 * Math.ceil(NAME_PX / (5 * step));
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label="Lowest and highest temperature and rain, day by day"
      >
        {y.ticks(4).map((c) => (
          <g key={c}>
            <line x1={34} x2={width} y1={y(c)} y2={y(c)} stroke="var(--line)" />
            <text x={30} y={y(c) + 4} fontSize={12} textAnchor="end" fill="var(--soft)">
              {warm(c)}°
            </text>
          </g>
        ))}
        {days.map((d, i) => {
          const x = 40 + (i + 0.5) * step;
          const filled = d.origin === "FILLED";
          return (
            <g key={d.day} opacity={today && d.day >= today ? 0.55 : 1}>
              <rect
                x={x - step * 0.28}
                y={y(d.maxC)}
                width={step * 0.56}
                height={Math.max(2, y(d.minC) - y(d.maxC))}
                rx={3}
                fill={filled ? "var(--ground)" : "var(--sea)"}
                stroke="var(--sea)"
                strokeDasharray={filled ? "3 2" : undefined}
              />
              <rect
                x={x - step * 0.28}
                y={BASE - 6}
                width={step * 0.56}
                height={Math.min(1, d.rainMm / RAIN_FULL_MM) * 18}
                fill="var(--sea)"
                opacity={0.5}
              />
              {(i % every === 0 || d.day === today) && (
                <text x={x} y={HEIGHT - 4} fontSize={12} textAnchor="middle" fill="var(--soft)">
                  {d.day === today ? "today" : format(dayOf(d.day), "d MMM")}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <details className="text-[14.5px]">
        <summary className="text-sea underline">Read as table</summary>
        <table className="mt-1">
          <thead className="text-left text-soft">
            <tr>
              {[
                "day",
                `lowest ${unitOf("warmth", choices)}`,
                "highest",
                "humidity %",
                `wind ${unitOf("wind", choices)}`,
                `rain ${unitOf("rain", choices)}`,
                "known how",
              ].map((head) => (
                <th key={head} scope="col" className="pr-4 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {days.map((d) => (
              <tr key={d.day} className="border-line border-t">
                <th scope="row" className="pr-4 text-left font-normal">
                  {format(dayOf(d.day), "EEE d MMM")}
                </th>
                <td>{warm(d.minC)}</td>
                <td>{warm(d.maxC)}</td>
                <td>{Math.round(d.humidityPct)}</td>
                <td>{shown("wind", d.windMs, choices)}</td>
                <td>{shown("rain", d.rainMm, choices)}</td>
                <td>
                  {{ RECORDED: "recorded", FORECAST: "forecast", FILLED: "filled from normals" }[d.origin]}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </div>
  );
}
