import type { Schemas } from "../api/client";

type Lane = Schemas["season.LaneRow"];

export type Row = { kind: "group"; name: string; lanes: Lane[] } | { kind: "lane"; lane: Lane };

/** Lanes under headings of species and place, in walking order, those of one species together. */
export function laneRows(lanes: Lane[], species: string | undefined): Row[] {
  const groups = new Map<string, Lane[]>();
  for (const lane of lanes) {
    if (species && lane.speciesKey !== species) continue;
    const name = `${lane.speciesKey} · ${lane.spotName}`;
    groups.set(name, [...(groups.get(name) ?? []), lane]);
  }
  const names = [...groups.keys()];
  const firstOf = (name: string) =>
    names.findIndex((other) => other.split(" · ")[0] === name.split(" · ")[0]);
  return names
    .sort((a, b) => firstOf(a) - firstOf(b))
    .flatMap((name) => {
      const own = groups.get(name) ?? [];
      return [
        { kind: "group" as const, name, lanes: own },
        ...own.map((lane) => ({ kind: "lane" as const, lane })),
      ];
    });
}

/** Species in the order of their lanes. */
export const speciesOf = (lanes: Lane[]) => [...new Set(lanes.map((lane) => lane.speciesKey))];
