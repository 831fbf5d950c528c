import type { Schemas } from "../api/client";
import { typedLength } from "../ui/keptLengths";
import { type Choices, readLength } from "../units";

type Plant = Schemas["place.Plant"];
type Stem = Schemas["place.Stem"];

export const KIND_WORDS = [
  ["SEEDLING_STOCK", "seedling stock"],
  ["FIELD_TREE", "field tree"],
  ["MOTHER_TREE", "mother tree"],
] as const;

/** How a plant is kept, in words. */
export const KIND_OF = Object.fromEntries(KIND_WORDS) as Record<Plant["kind"], string>;

/** A plant as it is put right; sizes as typed. */
export interface PlantDraft {
  code: string;
  kind: Plant["kind"];
  speciesKey: string;
  spotId: string;
  varietyId: string;
  startedOn: string;
  stems: { label: string; thick: string; high: string }[];
}

export const plantDraft = (plant: Plant, stems: Stem[], unit: Choices["length"]): PlantDraft => ({
  code: plant.code,
  kind: plant.kind,
  speciesKey: plant.speciesKey,
  spotId: String(plant.spotId),
  varietyId: plant.varietyId ? String(plant.varietyId) : "",
  startedOn: plant.startedOn ?? "",
  stems: stems.map((s) => ({
    label: s.label,
    thick: typedLength(s.diameterMm, unit),
    high: typedLength(s.heightMm, unit),
  })),
});

/** What to send; a size nobody touched goes back as it came, not as it was rounded for the box. */
export function plantEntry(
  draft: PlantDraft,
  plant: Plant,
  stems: Stem[],
  unit: Choices["length"],
): Schemas["place.PlantEntry"] {
  const size = (text: string, was: number | undefined) =>
    text === typedLength(was, unit) ? was : readLength(text, unit);
  return {
    code: draft.code.trim(),
    kind: draft.kind,
    speciesKey: draft.speciesKey,
    stockKind: plant.stockKind,
    spotId: Number(draft.spotId),
    startedOn: draft.startedOn || undefined,
    varietyId: draft.varietyId ? Number(draft.varietyId) : undefined,
    notes: plant.notes,
    stems: draft.stems.map((s) => {
      const was = stems.find((one) => one.label === s.label);
      return {
        label: s.label,
        diameterMm: size(s.thick, was?.diameterMm),
        heightMm: size(s.high, was?.heightMm),
      };
    }),
    version: plant.version,
  };
}
