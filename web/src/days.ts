import { addDays, differenceInCalendarDays, parseISO } from "date-fns";

const WEEKDAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];

/** Short names of the months. */
export const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

const dayAndMonth = (day: Date) => `${day.getDate()} ${MONTHS[day.getMonth()]}`;

/** "Thu 14 May" from an ISO day. */
export function dayWords(iso: string): string {
  const day = parseISO(iso);
  return `${WEEKDAYS[day.getDay()]} ${dayAndMonth(day)}`;
}

/** "Th" from an ISO day. */
export const weekdayLetters = (iso: string) => WEEKDAYS[parseISO(iso).getDay()].slice(0, 2);

/** "14 May 2026" from an ISO day. */
export function dayAndYear(iso: string): string {
  const day = parseISO(iso);
  return `${dayAndMonth(day)} ${day.getFullYear()}`;
}

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

export const isoDay = (day: Date) =>
  [
    day.getFullYear(),
    String(day.getMonth() + 1).padStart(2, "0"),
    String(day.getDate()).padStart(2, "0"),
  ].join("-");

/** The day so many days after an ISO day, by the calendar: a change of the clocks makes no odds. */
export const daysOn = (iso: string, days: number) => isoDay(addDays(parseISO(iso), days));

/** A sentence of the farm with its days in words: "tested clear on 8 May 2026". */
export const dated = (sentence: string) => sentence.replace(/\b\d{4}-\d{2}-\d{2}\b/g, dayAndYear);
