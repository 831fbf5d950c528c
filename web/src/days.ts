// The screen fetched first needs three lines of the calendar, not a library of it; the stations use that.

const WEEKDAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];

/** Short names of the months. */
export const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** The day of an ISO day, at its midnight here. */
export function dayOf(iso: string): Date {
  const [year, month, day] = iso.split("-").map(Number);
  return new Date(year, month - 1, day);
}

/** The day so many days after another, by the calendar: a change of the clocks makes no odds. */
export const plusDays = (day: Date, days: number) =>
  new Date(day.getFullYear(), day.getMonth(), day.getDate() + days);

const DAY_MS = 86_400_000;

const dayAndMonth = (day: Date) => `${day.getDate()} ${MONTHS[day.getMonth()]}`;

/** "Thu 14 May" from an ISO day. */
export function dayWords(iso: string): string {
  const day = dayOf(iso);
  return `${WEEKDAYS[day.getDay()]} ${dayAndMonth(day)}`;
}

/** "Th" from an ISO day. */
export const weekdayLetters = (iso: string) => WEEKDAYS[dayOf(iso).getDay()].slice(0, 2);

/** "14 May" from an ISO day, whichever the year. */
export const dayOfYear = (iso: string) => dayAndMonth(dayOf(iso));

/** "14 May 2026" from an ISO day. */
export function dayAndYear(iso: string): string {
  const day = dayOf(iso);
  return `${dayAndMonth(day)} ${day.getFullYear()}`;
}

/** "today", "in 3 days", "2 days ago". */
export function awayWords(iso: string, today: string): string {
  const days = daysBetween(today, iso);
  if (days === 0) return "today";
  if (days === 1) return "tomorrow";
  if (days === -1) return "yesterday";
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

/** Whole days from one ISO day to another; an hour more or less by the clocks makes no odds. */
export const daysBetween = (from: string, to: string) =>
  Math.round((dayOf(to).getTime() - dayOf(from).getTime()) / DAY_MS);

export const isoDay = (day: Date) =>
  [
    day.getFullYear(),
    String(day.getMonth() + 1).padStart(2, "0"),
    String(day.getDate()).padStart(2, "0"),
  ].join("-");

/** The ISO day so many days after another. */
export const daysOn = (iso: string, days: number) => isoDay(plusDays(dayOf(iso), days));

/** A sentence of the farm with its days in words: "tested clear on 8 May 2026". */
export const dated = (sentence: string) => sentence.replace(/\b\d{4}-\d{2}-\d{2}\b/g, dayAndYear);
