import type { Schemas } from "../api/client";
import { dayOf } from "../days";
import type { DayScale } from "../ui/scales";
import { swell, swellArea } from "../ui/swell";

type Wave = Schemas["season.SpeciesWave"];
type Point = Schemas["season.Point"];

/** The colours of the waves, in the order of their species. */
export const WAVE_PAINTS = ["var(--stage-F)", "var(--stage-S)", "var(--stage-M)", "var(--sea)"];
const MOST = 3;
const ROOM = 58;

/** The species on the band: those chosen, or the three with most trees watched. */
export function bandSpecies(waves: Wave[], chosen?: string[]): Wave[] {
  const own = waves.filter((w) => chosen?.includes(w.speciesKey));
  return (own.length > 0 ? own : waves).slice(0, MOST);
}

/** For each wave the highest point whose name stands clear of the other names and of the lamp. */
function labelled(waves: Wave[], x: (day: string) => number, lamp: number): (Point | undefined)[] {
  const taken = [lamp];
  return waves.map((wave) => {
    const clear = wave.points.filter((p) => taken.every((at) => Math.abs(x(p.day) - at) > ROOM));
    const crest = clear.reduce<Point | undefined>(
      (best, p) => (!best || p.share > best.share ? p : best),
      undefined,
    );
    if (crest) taken.push(x(crest.day));
    return crest;
  });
}

const clear = (at: number, [left, right]: number[]) => Math.max(left + 28, Math.min(right - 28, at));

interface WavesProps {
  waves: Wave[];
  x: DayScale;
  base: number;
  tall: number;
  today: string;
}

/** Each species' share of trees in flush as a low swell; ahead of today it pales and shows its range. */
export function Waves({ waves, x, base, tall, today }: WavesProps) {
  const y = (share: number) => base - share * tall;
  const line = (points: Point[], value: (p: Point) => number) =>
    points.map((p) => [x(dayOf(p.day)), y(value(p))] as const);
  const share = (p: Point) => p.share;
  const body = (points: Point[]) =>
    swellArea(
      line(points, share),
      line(points, () => 0),
    );
  const range = (points: Point[]) =>
    swellArea(
      line(points, (p) => p.high),
      line(points, (p) => p.low),
    );
  const crests = labelled(waves, (day) => x(dayOf(day)), x(dayOf(today)));
  return (
    <g>
      {waves.map((wave, i) => {
        const past = wave.points.filter((p) => p.day <= today);
        const first = wave.points.findIndex((p) => p.forecast);
        const ahead = first < 0 ? [] : wave.points.slice(Math.max(0, first - 1));
        const crest = crests[i];
        return (
          <g key={wave.speciesKey}>
            <path d={body(past)} fill={WAVE_PAINTS[i]} opacity={0.55} />
            <path d={range(ahead)} fill={WAVE_PAINTS[i]} opacity={0.13} />
            <path d={body(ahead)} fill={WAVE_PAINTS[i]} opacity={0.22} />
            <path d={swell(line(wave.points, share))} fill="none" stroke={WAVE_PAINTS[i]} strokeWidth={1.2} />
            {crest && crest.share > 0.1 && (
              <text
                x={clear(x(dayOf(crest.day)), x.range())}
                y={Math.max(12, y(crest.share) - 3)}
                textAnchor="middle"
                fontSize={11}
                fontWeight={600}
                fill="var(--ink)"
                stroke="var(--surface)"
                strokeWidth={3}
                paintOrder="stroke"
              >
                {wave.speciesKey}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
