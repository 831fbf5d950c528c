// The screen fetched first needs two lines of arithmetic, not a library of scales; the stations use that.

/** A number line: from a span of values to a span of pixels. */
export function linear([from, to]: [number, number], [start, end]: [number, number]) {
  const perUnit = (end - start) / (to - from || 1);
  return (value: number) => start + (value - from) * perUnit;
}

/** Days along a line of pixels, both ways. */
export interface DayScale {
  (day: Date): number;
  invert(x: number): Date;
  domain(): Date[];
  range(): number[];
}

/** Days from one to another over a span of pixels. */
export function dayScale([from, to]: [Date, Date], [start, end]: [number, number]): DayScale {
  const there = linear([from.getTime(), to.getTime()], [start, end]);
  const back = linear([start, end], [from.getTime(), to.getTime()]);
  return Object.assign((day: Date) => there(day.getTime()), {
    invert: (x: number) => new Date(back(x)),
    domain: () => [from, to],
    range: () => [start, end],
  });
}
