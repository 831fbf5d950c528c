import { addDays, addMonths, startOfMonth } from "date-fns";
import { useEffect, useState } from "react";
import type { Schemas } from "../api/client";
import { useBand } from "../api/queries";
import { dayOf, daysBetween, isoDay, MONTHS } from "../days";
import { bandSpecies, WAVE_PAINTS } from "../frame/Waves";
import { useChoices } from "../units";

interface DayLeafProps {
  day: string;
  chosen?: string;
  today: string;
  min?: string;
  max?: string;
  onDay: (day: string) => void;
}

const WEEKS = 6;

/** A month of days to tap, weeks from Monday; the foot of each shows which flush is on, as the band does. */
export function DayLeaf({ day, chosen, today, min, max, onDay }: DayLeafProps) {
  const [month, setMonth] = useState(() => startOfMonth(dayOf(day)));
  useEffect(() => setMonth(startOfMonth(dayOf(day))), [day]);
  const band = useBand();
  const waves = bandSpecies(band.data?.waves ?? [], useChoices().band);
  const first = addDays(month, -((month.getDay() + 6) % 7));
  const days = Array.from({ length: WEEKS * 7 }, (_, i) => addDays(first, i));
  const turn = (by: number) => (
    <button
      type="button"
      tabIndex={-1}
      className="min-h-8 min-w-8 rounded max-sm:min-h-11 max-sm:min-w-11 text-sea hover:bg-ground"
      onMouseDown={(e) => e.preventDefault()}
      onClick={() => setMonth(addMonths(month, by))}
    >
      {by < 0 ? "‹" : "›"}
    </button>
  );
  return (
    <>
      <div className="flex items-center justify-between">
        {turn(-1)}
        <b className="text-[14.5px]">
          {MONTHS[month.getMonth()]} {month.getFullYear()}
        </b>
        {turn(1)}
      </div>
      <div className="grid grid-cols-7 text-center text-[13.5px]">
        {["M", "T", "W", "T", "F", "S", "S"].map((letter, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the seven days stay where they are
          <span key={i} className="py-0.5 text-[12px] text-soft">
            {letter}
          </span>
        ))}
        {days.map((date) => {
          const iso = isoDay(date);
          const own = date.getMonth() === month.getMonth();
          const wave = crest(waves, iso);
          return (
            <button
              key={iso}
              type="button"
              tabIndex={-1}
              disabled={(min !== undefined && iso < min) || (max !== undefined && iso > max)}
              onMouseDown={(e) => e.preventDefault()}
              onClick={() => onDay(iso)}
              className={`relative h-8 pb-1 max-sm:h-11 disabled:opacity-35 ${iso === chosen ? "rounded bg-sea font-semibold text-onsea" : own ? "hover:bg-ground" : "text-soft hover:bg-ground"} ${iso === today && iso !== chosen ? "font-bold underline decoration-2 decoration-[var(--lamp)] underline-offset-4" : ""}`}
            >
              {date.getDate()}
              {wave && (
                <span
                  className="absolute inset-x-0 bottom-0 h-1"
                  style={{ background: wave.paint, opacity: wave.share }}
                />
              )}
            </button>
          );
        })}
      </div>
    </>
  );
}

/** The wave that stands highest on a day, in its colour of the band. */
function crest(waves: Schemas["season.SpeciesWave"][], day: string) {
  let best: { paint: string; share: number } | undefined;
  waves.forEach((wave, i) => {
    const near = wave.points.find((p) => Math.abs(daysBetween(p.day, day)) <= 3);
    if (near && near.share > (best?.share ?? 0.15)) best = { paint: WAVE_PAINTS[i], share: near.share };
  });
  return best;
}
