import type { Schemas } from "../api/client";
import { keptLengths } from "../ui/keptLengths";
import { type Choices, readLength } from "../units";

export interface StemDraft {
  stemId: number;
  plantCode: string;
  label: string;
  scion: string;
  stock: string;
  /** How the scion was laid at the fit bench; only while both sizes stay as they were there. */
  placing?: Schemas["fit.Wish"];
}

/** What stands on the form; kept on this device so that a reload loses nothing. */
export interface Draft {
  varietyId: string;
  techniqueKey: string;
  makerId: string;
  madeOn: string;
  /** The lot, empty for wood of none, or {@link ONLY_LOT}. */
  lotId: string;
  woodSource: string;
  woodCutOn: string;
  cover: Schemas["bench.BenchEntry"]["cover"];
  notes: string;
  schools: Record<string, string>;
  stems: StemDraft[];
  /** Diameter of the stick in hand and of the stock next in turn, as typed. */
  scion: string;
  stock: string;
}

/** While nobody chose: the one lot there is of the variety, where there is one. */
export const ONLY_LOT = "only";

const KEY = "bay-lantern-bench";

const kept = keptLengths<Draft>(KEY, (draft, again) => ({
  ...draft,
  lotId: draft.lotId ?? "",
  scion: again(draft.scion ?? ""),
  stock: again(draft.stock ?? ""),
  stems: draft.stems.map((stem) => ({ ...stem, scion: again(stem.scion), stock: again(stem.stock) })),
}));

export const keptDraft = kept.read;
export const keepDraft = kept.keep;

/** A fresh form as the last graft was, for the next one. */
export function freshDraft(today: string, last?: Schemas["bench.Graft"]): Draft {
  return {
    varietyId: last ? String(last.varietyId) : "",
    techniqueKey: last?.techniqueKey ?? "",
    makerId: last?.makerId ? String(last.makerId) : "",
    madeOn: today,
    lotId: ONLY_LOT,
    woodSource: "",
    woodCutOn: "",
    cover: (last?.cover as Draft["cover"] | undefined) ?? "FILM",
    notes: "",
    schools: {},
    stems: [],
    scion: "",
    stock: "",
  };
}

/** The entry to send, or undefined while something needed is missing or cannot be read. */
export function entryOf(draft: Draft, unit: Choices["length"]): Schemas["bench.BenchEntry"] | undefined {
  if (!draft.varietyId || !draft.techniqueKey || !draft.madeOn || draft.stems.length === 0) return undefined;
  if (draft.stems.some((stem) => badLength(stem.scion) ?? badLength(stem.stock))) return undefined;
  const length = (text: string) => readLength(text, unit);
  return {
    varietyId: Number(draft.varietyId),
    techniqueKey: draft.techniqueKey,
    makerId: draft.makerId ? Number(draft.makerId) : undefined,
    madeOn: draft.madeOn,
    lotId: draft.lotId ? Number(draft.lotId) : undefined,
    woodSource: draft.lotId ? undefined : draft.woodSource || undefined,
    woodCutOn: draft.lotId ? undefined : draft.woodCutOn || undefined,
    cover: draft.cover,
    notes: draft.notes || undefined,
    schools: draft.schools,
    stems: draft.stems.map((stem) => ({
      stemId: stem.stemId,
      scionMm: length(stem.scion),
      stockMm: length(stem.stock),
      placing: stem.placing,
    })),
  };
}

/** A length that was typed but cannot be read. */
export function badLength(text: string): string | undefined {
  const mm = readLength(text, "mm");
  return mm !== undefined && Number.isNaN(mm) ? "a number, such as 7.8 or 5/16" : undefined;
}
