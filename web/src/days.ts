import { addDays, differenceInCalendarDays, format, parseISO } from "date-fns";

/** "Thu 14 May" from an ISO day. */
export const dayWords = (iso: string) => format(parseISO(iso), "EEE d MMM");

/** "14 May 2026" from an ISO day. */
export const dayAndYear = (iso: string) => format(parseISO(iso), "d MMM yyyy");

/** "today", "in 3 days", "2 days ago". */
export function awayWords(iso: string, today: string): string {
  const days = differenceInCalendarDays(parseISO(iso), parseISO(today));
  if (days === 0) return "today";
  if (days === 1) return "tomorrow";
  if (days === -1) return "yesterday";
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

/** Whole days from one ISO day to another. */
export const daysBetween = (from: string, to: string) =>
  differenceInCalendarDays(parseISO(to), parseISO(from));

export const isoDay = (day: Date) => format(day, "yyyy-MM-dd");

/** The day so many days after an ISO day, by the calendar: a change of the clocks makes no odds. */
export const daysOn = (iso: string, days: number) => isoDay(addDays(parseISO(iso), days));

/** A sentence of the farm with its days in words: "tested clear on 8 May 2026". */
export const dated = (sentence: string) => sentence.replace(/\b\d{4}-\d{2}-\d{2}\b/g, dayAndYear);
