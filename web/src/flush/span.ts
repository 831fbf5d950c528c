import { scaleTime } from "d3-scale";
import { addDays, eachMonthOfInterval, endOfMonth, format } from "date-fns";
import { dayOf, isoDay } from "../days";
import type { Days } from "../drawings/Lane";

export type Zoom = "season" | "year";

const SPANS: Record<Zoom, [number, number]> = { season: [-45, 110], year: [-120, 245] };

/** The days the lanes show, from the zoom or from the span on the season band. */
export function laneDays(
  today: string,
  zoom: Zoom,
  width: number,
  scope: { from?: string; to?: string },
): Days {
  const [back, ahead] = SPANS[zoom];
  const day = dayOf(today);
  const from = scope.from ? dayOf(scope.from) : addDays(day, back);
  const to = scope.to ? addDays(dayOf(scope.to), 1) : addDays(day, ahead);
  return scaleTime().domain([from, to]).range([0, width]);
}

/** The months under the lanes with the middle of what is seen of each. */
export function laneMonths(x: Days): { name: string; start: number; middle: number }[] {
  const [from, to] = x.domain();
  const [left, right] = x.range();
  return eachMonthOfInterval({ start: from, end: to }).map((month) => {
    const start = Math.max(left, x(month));
    const end = Math.min(right, x(endOfMonth(month)));
    return { name: end - start > 34 ? format(month, "MMM") : "", start, middle: (start + end) / 2 };
  });
}

/** The day under a point, within the days shown and not before `least`. */
export function dayAt(x: Days, px: number, least: string, most: string): string {
  const day = isoDay(x.invert(px));
  return day < least ? least : day > most ? most : day;
}
