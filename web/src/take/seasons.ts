const NORTH = ["spring", "summer", "autumn", "winter"];
const SOUTH = ["autumn", "winter", "spring", "summer"];

/** Seasons such as "spring 2026" or "winter 2025–26", the latest first. */
export function latestFirst(labels: string[], latitudeDeg: number): string[] {
  const names = latitudeDeg < 0 ? SOUTH : NORTH;
  const at = (label: string) => {
    const [name, years] = label.split(" ");
    return Number.parseInt(years, 10) * names.length + names.indexOf(name);
  };
  return [...labels].sort((a, b) => at(b) - at(a));
}

/** The year a season began in. */
export const yearOf = (label: string) => Number.parseInt(label.split(" ")[1], 10);
