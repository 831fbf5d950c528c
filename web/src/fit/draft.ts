import type { Schemas } from "../api/client";
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

export function keptDraft(): FitDraft | undefined {
  try {
    const kept = localStorage.getItem(KEY);
    return kept ? { ...FRESH, ...JSON.parse(kept) } : undefined;
  } catch {
    return undefined;
  }
}

export const keepDraft = (draft: FitDraft) => localStorage.setItem(KEY, JSON.stringify(draft));

const asTyped = (mm: number | undefined, unit: Choices["length"]) =>
  mm === undefined ? "" : unit === "mm" ? String(mm) : String(Math.round((mm / 25.4) * 1000) / 1000);

/** The part of a draft that a measured stem fills in. */
export function fromStem(stem: Stem, unit: Choices["length"]): Partial<FitDraft> {
  const m = stem.measure;
  return {
    stemId: String(stem.stemId),
    species: stem.speciesKey,
    readings: (m.readings.length > 0 ? m.readings : [{ heightMm: 200, diameterMm: undefined }]).map((r) => ({
      height: asTyped(r.heightMm, unit),
      diameter: asTyped(r.diameterMm, unit),
    })),
    bark: asTyped(m.barkMm, unit),
    top: asTyped(m.topMm, unit),
    leaf: asTyped(m.leafMm, unit),
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
