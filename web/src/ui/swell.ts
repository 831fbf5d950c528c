// The screen fetched first needs a soft line, not a library of shapes.

type Point = readonly [x: number, y: number];

const to = ([x, y]: Point) => `${Math.round(x * 10) / 10} ${Math.round(y * 10) / 10}`;
const between = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

/** A soft line through the middles between points: never above nor below what its neighbours are. */
export function swell(points: readonly Point[]): string {
  const [first] = points;
  const last = points[points.length - 1];
  if (!first || !last) return "";
  const bends = points.slice(1, -1).map((p, i) => `Q${to(p)} ${to(between(p, points[i + 2]))}`);
  return `M${to(first)}${bends.join("")}L${to(last)}`;
}

/** What lies between two soft lines, or between one and a straight ground. */
export function swellArea(top: readonly Point[], bottom: readonly Point[]): string {
  return top.length === 0 ? "" : `${swell(top)}${swell([...bottom].reverse()).replace("M", "L")}Z`;
}
