import type { Schemas } from "../api/client";
import { type FitDraft, FRESH } from "./draft";

/** A stick or a stem of a batch; of a lot or a plant of the farm, or only a number. */
export interface PieceDraft {
  id: string;
  mm: number;
  barkMm?: number;
  lotId?: number;
  stemId?: number;
}

export interface PairDraft {
  sticks: PieceDraft[];
  stems: PieceDraft[];
  scionSpecies: string;
  stockSpecies: string;
  on: FitDraft["on"];
  allowed: string[];
  locks: Schemas["fit.Bond"][];
  apart: Schemas["fit.Bond"][];
}

const KEY = "bay-lantern-pairing";

export const FRESH_PAIRS: PairDraft = {
  sticks: [],
  stems: [],
  scionSpecies: "avocado",
  stockSpecies: "avocado",
  on: FRESH.on,
  allowed: [],
  locks: [],
  apart: [],
};

export function keptPairs(): PairDraft {
  try {
    const kept = localStorage.getItem(KEY);
    return kept ? { ...FRESH_PAIRS, ...JSON.parse(kept) } : FRESH_PAIRS;
  } catch {
    return FRESH_PAIRS;
  }
}

export const keepPairs = (draft: PairDraft) => localStorage.setItem(KEY, JSON.stringify(draft));

/** A name nothing in the list has yet: "stick 4". */
export function freshName(kind: string, taken: PieceDraft[]): string {
  let n = taken.length + 1;
  while (taken.some((p) => p.id === `${kind} ${n}`)) n++;
  return `${kind} ${n}`;
}

export const bonded = (bonds: Schemas["fit.Bond"][], stickId: string, stemId: string) =>
  bonds.some((b) => b.stickId === stickId && b.stemId === stemId);
