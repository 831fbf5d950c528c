import { addDays, isValid } from "date-fns";
import { dayOf, isoDay, MONTHS } from "../days";

const WEEKDAYS = ["sun", "mon", "tue", "wed", "thu", "fri", "sat"];
const NAMED: Record<string, number> = { today: 0, yesterday: -1, tomorrow: 1 };

export const isDay = (text: string) => /^\d{4}-\d{2}-\d{2}$/.test(text) && isValid(dayOf(text));

/** A day that exists, as it stands in the calendar; 31 February is none. */
function whole(year: number, month: number, day: number): string | undefined {
  const found = new Date(year, month, day);
  return found.getMonth() === month && found.getDate() === day ? isoDay(found) : undefined;
}

// Without a year the one that lies nearest to today, or the latest that is not after the last day allowed.
function nearest(month: number, day: number, today: string, max?: string): string | undefined {
  const year = dayOf(today).getFullYear();
  const found = [year - 1, year, year + 1].flatMap((y) => whole(y, month, day) ?? []);
  const away = (iso: string) => Math.abs(dayOf(iso).getTime() - dayOf(today).getTime());
  const allowed = found.filter((iso) => !max || iso <= max);
  return (allowed.length ? allowed : found).sort((a, b) => away(a) - away(b))[0];
}

function withYear(year: string | undefined, month: number, day: number, today: string, max?: string) {
  if (!year) return nearest(month, day, today, max);
  return whole(Number(year) + (year.length === 2 ? 2000 : 0), month, day);
}

const monthOf = (letters: string) => MONTHS.findIndex((name) => letters.startsWith(name.toLowerCase()));

/**
 * The ISO day of what somebody wrote: "14 may", "may 14 2025", "14.5.", "14/5/25", "today", "last tue", "next fri",
 * "3 d ago", "in 2 w". A bare weekday is the one just past where nothing later is allowed, else the coming one.
 */
export function readDay(text: string, today: string, max?: string): string | undefined {
  const said = text.trim().toLowerCase().replace(/,/g, " ").replace(/\s+/g, " ");
  if (isDay(said)) return said;
  const on = (days: number) => isoDay(addDays(dayOf(today), days));
  if (said in NAMED) return on(NAMED[said]);
  const away = /^(in )?(\d{1,3}) ?(d|days?|w|weeks?)( ago)?$/.exec(said);
  if (away && Boolean(away[1]) !== Boolean(away[4]))
    return on((away[1] ? 1 : -1) * Number(away[2]) * (away[3].startsWith("w") ? 7 : 1));
  const weekday = /^(last |next )?(sun|mon|tue|wed|thu|fri|sat)[a-z]*$/.exec(said);
  if (weekday) {
    const past = weekday[1] === "last " || (!weekday[1] && max !== undefined && max <= today);
    const ahead = (WEEKDAYS.indexOf(weekday[2]) - dayOf(today).getDay() + 7) % 7;
    if (ahead === 0 && !weekday[1]) return today;
    return on(past ? (ahead || 7) - 7 || -7 : ahead || 7);
  }
  // A weekday before a day is only read, not checked: "Thu 14 May".
  const plain = said.replace(/^(sun|mon|tue|wed|thu|fri|sat)[a-z]* (?=\d)/, "");
  const dayFirst = /^(\d{1,2})\.? ([a-z]{3,9})\.?(?: (\d{4}|\d{2}))?$/.exec(plain);
  const monthFirst = /^([a-z]{3,9})\.? (\d{1,2})(?: (\d{4}|\d{2}))?$/.exec(plain);
  const [day, letters, year] = dayFirst
    ? dayFirst.slice(1)
    : monthFirst
      ? [monthFirst[2], monthFirst[1], monthFirst[3]]
      : [];
  if (day && letters && monthOf(letters) >= 0)
    return withYear(year, monthOf(letters), Number(day), today, max);
  const figures = /^(\d{1,2})[./](\d{1,2})[./]?(\d{4}|\d{2})?$/.exec(plain);
  return figures ? withYear(figures[3], Number(figures[2]) - 1, Number(figures[1]), today, max) : undefined;
}
