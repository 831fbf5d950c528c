import type { Schemas } from "../api/client";
import { dayWords, weekdayLetters } from "../days";
import { PartHeading } from "../ui/parts";
import { measureWords, shown, unitOf, useChoices } from "../units";
import { useWeather } from "./weatherApi";

type Day = Schemas["season.WeatherDay"];

const WIDTH = 328;
const HEIGHT = 96;
const RAIN_FULL_MM = 30;

/** The next ten days: lowest to highest, and rain; normal days paler than forecast ones. */
export function NextDays() {
  const weather = useWeather();
  const choices = useChoices();
  const warm = (celsius: number) => shown("warmth", Math.round(celsius), choices);
  if (!weather.data) return null;
  const days = weather.data.next;
  const told = days.filter((d) => d.origin !== "FILLED").length;
  return (
    <section aria-label="Next ten days">
      <PartHeading>Next ten days</PartHeading>
      <Bars days={days} warm={warm} />
      <p className="text-[13px] text-soft">
        {told === 0
          ? "Normal for the season: no forecast is here."
          : `${told} days forecast, the paler ones normal for the season.`}{" "}
        {unitOf("warmth", choices)}; the wedge below is rain.
      </p>
      <table className="sr-only">
        <caption>Next ten days</caption>
        <tbody>
          {days.map((d) => (
            <tr key={d.day}>
              <th scope="row">{dayWords(d.day)}</th>
              <td>
                {warm(d.minC)} to {warm(d.maxC)} {unitOf("warmth", choices)}
              </td>
              <td>{measureWords("rain", d.rainMm, choices)}</td>
              <td>{d.origin === "FILLED" ? "normal" : "forecast"}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Bars({ days, warm }: { days: Day[]; warm: (celsius: number) => string }) {
  const low = Math.min(...days.map((d) => d.minC)) - 1;
  const high = Math.max(...days.map((d) => d.maxC)) + 1;
  const y = (c: number) => 16 + ((high - c) / (high - low)) * (HEIGHT - 48);
  const step = WIDTH / days.length;
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden="true" className="block max-w-full">
      {days.map((d, i) => {
        const x = i * step + step / 2;
        const rain = Math.min(1, d.rainMm / RAIN_FULL_MM) * 9;
        return (
          <g key={d.day}>
            <g opacity={d.origin === "FILLED" ? 0.45 : 1}>
              <line
                x1={x}
                x2={x}
                y1={y(d.maxC)}
                y2={y(d.minC)}
                stroke="var(--sea)"
                strokeWidth={7}
                strokeLinecap="round"
              />
            </g>
            <text x={x} y={y(d.maxC) - 7} fontSize={11.5} textAnchor="middle" fill="var(--ink)">
              {warm(d.maxC)}
            </text>
            {rain > 0.6 && (
              <path
                d={`M${x - rain} ${HEIGHT - 18} h${2 * rain} l${-rain} -9 Z`}
                fill="var(--sea)"
                opacity={0.45}
              />
            )}
            <text x={x} y={HEIGHT - 4} fontSize={11.5} textAnchor="middle" fill="var(--soft)">
              {weekdayLetters(d.day)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
