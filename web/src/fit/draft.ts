import type { Schemas } from "../api/client";
import { keptLengths, typedLength } from "../ui/keptLengths";
import { type Choices, readLength } from "../units";
import type { CaseEntry, FitEntry, Stem } from "./fitApi";

export interface ReadingDraft {
  height: string;
  diameter: string;
}

/** What stands on the fit bench; kept on this device. Lengths as typed, in the grower's unit. */
export interface FitDraft {
  technique: string;
  lotId: string;
  scion: string;
  scionBark: string;
  stemId: string;
  species: string;
  readings: ReadingDraft[];
  bark: string;
  top: string;
  leaf: string;
  height?: number;
  wish: Schemas["fit.Wish"];
  wrap: FitEntry["wrap"];
  on: Omit<CaseEntry, "scionSpecies" | "stockSpecies">;
}

const KEY = "bay-lantern-fit";

export const FRESH: FitDraft = {
  technique: "cleft",
  lotId: "",
  scion: "",
  scionBark: "",
  stemId: "",
  species: "avocado",
  readings: [{ height: "200", diameter: "" }],
  bark: "",
  top: "",
  leaf: "",
  wish: {},
  wrap: "CLOCKWISE",
  on: { slips: "UNKNOWN", wood: "STICK", growth: "ACTIVE", keepTop: false, buds: 3 },
};

const kept = keptLengths<FitDraft>(KEY, (draft, again) => ({
  ...FRESH,
  ...draft,
  scion: again(draft.scion),
  scionBark: again(draft.scionBark),
  readings: draft.readings.map((r) => ({ height: again(r.height), diameter: again(r.diameter) })),
  bark: again(draft.bark),
  top: again(draft.top),
  leaf: again(draft.leaf),
}));

export const keptDraft = kept.read;
export const keepDraft = kept.keep;

/** A stem nothing is known of yet; what was measured on another is not its. */
export const LOOSE: Partial<FitDraft> = {
  stemId: "",
  readings: FRESH.readings,
  bark: "",
  top: "",
  leaf: "",
  height: undefined,
};

/** The part of a draft that a measured stem fills in. */
export function fromStem(stem: Stem, unit: Choices["length"]): Partial<FitDraft> {
  const m = stem.measure;
  return {
    stemId: String(stem.stemId),
    species: stem.speciesKey,
    readings: (m.readings.length > 0 ? m.readings : [{ heightMm: 200, diameterMm: undefined }]).map((r) => ({
      height: typedLength(r.heightMm, unit),
      diameter: typedLength(r.diameterMm, unit),
    })),
    bark: typedLength(m.barkMm, unit),
    top: typedLength(m.topMm, unit),
    leaf: typedLength(m.leafMm, unit),
    height: undefined,
  };
}

/** The measure a draft speaks of; lengths that cannot be read come as NaN and are refused by the farm. */
export function measureOf(draft: FitDraft, unit: Choices["length"]): Schemas["fit.StemMeasure"] {
  const mm = (text: string) => readLength(text, unit);
  return {
    readings: draft.readings
      .filter((r) => r.diameter.trim() !== "")
      .map((r) => ({ heightMm: mm(r.height) ?? 0, diameterMm: mm(r.diameter) ?? 0 })),
    barkMm: mm(draft.bark),
    topMm: mm(draft.top),
    leafMm: mm(draft.leaf),
  };
}

/** A length on the draft that is no number. */
export function unreadable(draft: FitDraft, unit: Choices["length"]): string | undefined {
  const texts = [draft.scion, draft.scionBark, draft.bark, draft.top, draft.leaf].concat(
    draft.readings.flatMap((r) => [r.height, r.diameter]),
  );
  return texts.find((text) => Number.isNaN(readLength(text, unit)));
}

/** What to ask the farm, or undefined while the stick or the stem has no thickness or one cannot be read. */
export function entryOf(draft: FitDraft, unit: Choices["length"]): FitEntry | undefined {
  const stem = measureOf(draft, unit);
  const scionMm = readLength(draft.scion, unit);
  if (scionMm === undefined || stem.readings.length === 0 || unreadable(draft, unit) !== undefined)
    return undefined;
  return {
    techniqueKey: draft.technique,
    speciesKey: draft.species,
    stem,
    heightMm: draft.height,
    scionMm,
    scionBarkMm: readLength(draft.scionBark, unit),
    wish: draft.wish,
    wrap: draft.wrap,
  };
}
