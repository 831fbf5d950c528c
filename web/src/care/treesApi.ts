import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { dayAndYear, MONTHS } from "../days";

export type Tree = Schemas["care.Tree"];

/** What a plant grew from. */
export const useTree = (code: string) =>
  useQuery({
    meta: { what: `the tree ${code}` },
    queryKey: ["tree", code],
    queryFn: () => told(api.GET("/api/trees/{code}", { params: { path: { code } } })),
  });

const month = (day: string) => `${MONTHS[Number(day.slice(5, 7)) - 1]} ${day.slice(0, 4)}`;

/** When it may fruit first. */
export const fruitWords = ({ earliest, likely, latest }: Schemas["care.Fruit"]) =>
  `First fruit about ${month(likely)}, from ${month(earliest)} to ${month(latest)}`;

/** How a plant left the farm. */
export const goneWords = (gone: Schemas["place.PlantGone"]) =>
  `${GONE[gone.how]}${gone.to ? ` to ${gone.to}` : ""}, ${dayAndYear(gone.on)}`;

export const GONE: Record<Schemas["place.PlantGone"]["how"], string> = {
  DEAD: "dead",
  SOLD: "sold",
  GIVEN: "given away",
  TAKEN_OFF: "taken off the farm",
};
