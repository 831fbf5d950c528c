import { addDays } from "date-fns";
import type { Schemas } from "../api/client";
import { dayOf, dayWords } from "../days";
import type { DayScale } from "../ui/scales";
import { STAGES } from "./stages";

export type Days = DayScale;

const LETTER_FROM = 15;

/** Reads a lane in a sentence. */
export function laneWords(lane: Schemas["season.LaneRow"]): string {
  const last = lane.last
    ? `${STAGES[lane.last.stage].words} on ${dayWords(lane.last.day)}${lane.last.flowering ? ", in flower" : ""}`
    : "never looked at";
  const next = lane.coming[0];
  return next ? `${last}; next flush ${rangeWords(next)}` : last;
}

/** "22–29 May" from a range of days. */
export function rangeWords(range: Schemas["season.DayRange"]): string {
  if (!range.low) return "beyond the forecast";
  if (!range.high) return `from ${dayWords(range.low).slice(4)} on`;
  const [low, high] = [dayWords(range.low).slice(4), dayWords(range.high).slice(4)];
  if (low === high) return low;
  const [lowDay, lowMonth] = low.split(" ");
  return lowMonth === high.split(" ")[1] ? `${lowDay}–${high}` : `${low} – ${high}`;
}

/** The stages of one tree as coloured runs, those to come paling, with the range of each swell. */
export function Lane({ lane, x, height }: { lane: Schemas["season.LaneRow"]; x: Days; height: number }) {
  const [left, right] = x.range();
  const top = 4;
  const tall = height - 8;
  const shown = lane.runs
    .map((run) => ({ run, a: x(dayOf(run.from)), b: x(addDays(dayOf(run.to), 1)) }))
    .filter(({ a, b }) => b > left && a < right);
  return (
    <g>
      {shown.map(({ run, a, b }) => {
        const [from, to] = [Math.max(a, left), Math.min(b, right)];
        return (
          <g key={`${run.from}${run.stage}`}>
            <rect
              x={from}
              y={top}
              width={Math.max(0.5, to - from - 0.6)}
              height={tall}
              fill={`url(#stage-${run.stage})`}
              opacity={run.forecast ? 0.38 : 1}
            />
            {to - from > LETTER_FROM && (
              <text
                x={(from + to) / 2}
                y={top + tall / 2 + 4}
                textAnchor="middle"
                fontSize={11.5}
                fontWeight={700}
                fill={run.forecast ? "var(--ink)" : STAGES[run.stage].ink}
              >
                {run.stage}
              </text>
            )}
          </g>
        );
      })}
      {lane.coming.map((range) => (
        <SwellRange key={range.low ?? "beyond"} range={range} x={x} y={height - 3.2} />
      ))}
      {lane.last && <Seen mark={lane.last} x={x} height={height} />}
    </g>
  );
}

function SwellRange({ range, x, y }: { range: Schemas["season.DayRange"]; x: Days; y: number }) {
  const [left, right] = x.range();
  if (!range.low) return null;
  const a = Math.max(left, x(dayOf(range.low)));
  const b = Math.min(right, range.high ? x(dayOf(range.high)) : right);
  if (b <= a) return null;
  const mid = range.mid ? x(dayOf(range.mid)) : undefined;
  return (
    <g>
      <line x1={a} x2={b} y1={y} y2={y} stroke="var(--ink)" strokeWidth={1.6} />
      {mid !== undefined && mid >= left && mid <= right && (
        <circle cx={mid} cy={y} r={2.6} fill="var(--ground)" stroke="var(--ink)" strokeWidth={1.4} />
      )}
    </g>
  );
}

function Seen({ mark, x, height }: { mark: Schemas["season.BudMark"]; x: Days; height: number }) {
  const at = x(dayOf(mark.day)) + 1;
  const [left, right] = x.range();
  if (at < left || at > right) return null;
  return (
    <path
      d={`M${at} ${height - 3} l-3.6 -5.4 h7.2 Z`}
      fill="var(--surface)"
      stroke="var(--ink)"
      strokeWidth={1.2}
    />
  );
}
