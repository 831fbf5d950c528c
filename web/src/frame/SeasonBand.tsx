import { useState } from "react";
import type { Schemas } from "../api/client";
import { useBand, useFarm, useToLookAt } from "../api/queries";
import { dayOf, dayWords, isoDay, MONTHS, plusDays } from "../days";
import { dayScale } from "../ui/scales";
import { swellArea } from "../ui/swell";
import { useWidth } from "../ui/useWidth";
import { useChoices } from "../units";
import { type Scope, useScope } from "./scope";
import { bandSpecies, Waves } from "./Waves";

const HEIGHT = 64;
const MONTH_WORD = 30;
const BASE = 44;

interface Point {
  day: Date;
  value: number;
}

/** The first days of the twelve months from a day on. */
function monthsFrom(from: string): Date[] {
  const first = dayOf(from);
  return Array.from({ length: 12 }, (_, i) => new Date(first.getFullYear(), first.getMonth() + i, 1));
}

/** The band without its waves. */
function monthsAround(today: string): Schemas["frame.Band"] {
  const day = dayOf(today);
  const from = new Date(day.getFullYear(), day.getMonth() - 6, 1);
  const to = new Date(day.getFullYear(), day.getMonth() + 6, 0);
  return { from: isoDay(from), to: isoDay(to), today, made: [], waves: [] };
}

/** Weekly sums over the year from days with a count. */
function weekly(counts: { day: string; count: number }[], from: string): Point[] {
  const start = dayOf(from);
  const weeks = Array.from({ length: 54 }, (_, i) => ({ day: plusDays(start, i * 7), value: 0 }));
  for (const { day, count } of counts) {
    const week = Math.round((dayOf(day).getTime() - start.getTime()) / (7 * 86_400_000));
    if (week >= 0 && week < weeks.length) weeks[week].value += count;
  }
  return weeks;
}

/** Twelve months around today as a ribbon: the flush waves of the species chosen, those to come paler with their range, and today a small lamp. */
export function SeasonBand({ spanned }: { spanned: boolean }) {
  const band = useBand();
  const visits = useToLookAt().data?.visits ?? [];
  const { scope, setScope } = useScope();
  const { ref, width } = useWidth(900, 160);
  const today = useFarm().data?.today;
  // Until the waves are known the months stand there already.
  const shown = band.data ?? (today ? monthsAround(today) : undefined);
  return (
    <div ref={ref} className="relative h-16 min-w-0 overflow-hidden max-sm:hidden">
      {shown && (
        <Ribbon
          band={shown}
          visits={visits}
          width={width}
          scope={spanned ? scope : {}}
          onScope={spanned ? setScope : undefined}
        />
      )}
      {spanned && scope.from && (
        <button
          type="button"
          className="absolute top-0.5 right-1 rounded bg-surface px-1.5 text-[13px] text-sea underline"
          onClick={() => setScope({})}
        >
          the whole year
        </button>
      )}
      {band.data && <BandTable band={band.data} visits={visits} />}
    </div>
  );
}

interface RibbonProps {
  band: Schemas["frame.Band"];
  visits: Schemas["care.DayCount"][];
  width: number;
  scope: Scope;
  /** Nothing where a span would do nothing. */
  onScope?: (scope: Scope) => void;
}

function Ribbon({ band, visits: toCome, width, scope, onScope }: RibbonProps) {
  const [drag, setDrag] = useState<{ start: number; now: number }>();
  const x = dayScale([dayOf(band.from), dayOf(band.to)], [16, width - 16]);
  const made = weekly(
    band.made.map((w) => ({ day: w.week, count: w.count })),
    band.from,
  );
  const visits = weekly(toCome, band.from);
  const shape = (points: Point[], tall: number) => {
    const most = Math.max(1, ...points.map((p) => p.value));
    return swellArea(
      points.map((p) => [x(p.day), BASE - (p.value / most) * tall]),
      points.map((p) => [x(p.day), BASE]),
    );
  };
  const at = (event: React.PointerEvent<SVGSVGElement>) =>
    event.clientX - event.currentTarget.getBoundingClientRect().left;
  const release = () => {
    if (!drag) return;
    const [a, b] = [Math.min(drag.start, drag.now), Math.max(drag.start, drag.now)];
    onScope?.(b - a < 5 ? {} : { from: isoDay(x.invert(a)), to: isoDay(x.invert(b)) });
    setDrag(undefined);
  };
  const span = drag
    ? [Math.min(drag.start, drag.now), Math.max(drag.start, drag.now)]
    : scope.from && scope.to
      ? [x(dayOf(scope.from)), x(dayOf(scope.to))]
      : undefined;
  const waves = bandSpecies(band.waves, useChoices().band);
  const lamp = x(dayOf(band.today));
  // On a narrow band only every other month is named.
  const every = Math.ceil(MONTH_WORD / (width / 12));
  const told = scope.from && scope.to ? `, from ${dayWords(scope.from)} to ${dayWords(scope.to)}` : "";
  return (
    <svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={`Twelve months around today: ${waves.length > 0 ? `flush waves of ${waves.map((w) => w.speciesKey).join(", ")}` : "grafts made and visits to come"}${told}`}
      className={`block touch-none select-none ${onScope ? "cursor-crosshair" : ""}`}
      onPointerDown={(event) => {
        if (!onScope) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setDrag({ start: at(event), now: at(event) });
      }}
      onPointerMove={(event) => drag && setDrag({ ...drag, now: at(event) })}
      onPointerUp={release}
    >
      {span && (
        <rect
          x={span[0]}
          y={4}
          width={Math.max(2, span[1] - span[0])}
          height={BASE - 4}
          fill="var(--sea)"
          opacity={0.16}
        />
      )}
      {waves.length > 0 ? (
        <Waves waves={waves} x={x} base={BASE} tall={32} today={band.today} />
      ) : (
        <>
          <path d={shape(visits, 20)} fill="var(--sea)" opacity={0.22} />
          <path d={shape(made, 30)} fill="var(--sea)" opacity={0.7} />
        </>
      )}
      <line x1={16} x2={width - 16} y1={BASE} y2={BASE} stroke="var(--ink)" />
      {monthsFrom(band.from).map((first, i) => {
        const start = x(first);
        const middle = x(new Date(first.getFullYear(), first.getMonth(), 15));
        return (
          <g key={start}>
            <line x1={start} x2={start} y1={BASE} y2={BASE + 6} stroke="var(--line)" />
            {i % every === 0 && (
              <text x={middle} y={59} textAnchor="middle" fontSize={11.5} fill="var(--soft)">
                {MONTHS[first.getMonth()]}
              </text>
            )}
          </g>
        );
      })}
      <line x1={lamp} x2={lamp} y1={9} y2={BASE + 6} stroke="var(--ink)" strokeWidth={1.5} />
      <circle cx={lamp} cy={9} r={8} fill="var(--lamp)" opacity={0.28} />
      <circle cx={lamp} cy={9} r={4.5} fill="var(--lamp)" stroke="var(--ink)" />
    </svg>
  );
}

const mean = (all: number[]) => all.reduce((sum, n) => sum + n, 0) / Math.max(1, all.length);

/** The same months read as a table. */
function BandTable({ band, visits }: Pick<RibbonProps, "band" | "visits">) {
  const inMonth = (day: string, first: Date) => dayOf(day).getMonth() === first.getMonth();
  return (
    <table className="sr-only">
      <caption>Trees in flush, grafts made and visits to come, by month</caption>
      <tbody>
        {monthsFrom(band.from).map((first) => (
          <tr key={first.getTime()}>
            <th scope="row">
              {MONTHS[first.getMonth()]} {first.getFullYear()}
            </th>
            {band.waves.map((wave) => (
              <td key={wave.speciesKey}>
                {wave.speciesKey}{" "}
                {Math.round(100 * mean(wave.points.filter((p) => inMonth(p.day, first)).map((p) => p.share)))}{" "}
                % in flush
              </td>
            ))}
            <td>
              {band.made.filter((w) => inMonth(w.week, first)).reduce((sum, w) => sum + w.count, 0)} made
            </td>
            <td>{visits.filter((d) => inMonth(d.day, first)).reduce((sum, d) => sum + d.count, 0)} visits</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
