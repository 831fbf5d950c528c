import type { Schemas } from "../api/client";
import { type Choices, lengthNumber, lengthWords } from "../units";
import type { Lot } from "./woodApi";

export type Grade = NonNullable<Lot["grade"]>;

export const GRADE_WORDS: Record<Grade, string> = {
  A: "ready",
  B: "usable, with an action",
  C: "last resort",
  X: "leave it",
};

export const STANDING_WORDS: Record<Schemas["lineage.Health"]["standing"], string> = {
  CLEAN: "clean",
  DUE: "test due",
  LAPSED: "test lapsed",
  UNTESTED: "never tested",
  SUSPECT: "suspect",
  POSITIVE: "positive",
};

export const KIND_WORDS: Record<Schemas["lineage.SourceView"]["kind"], string> = {
  OWN: "own plant",
  NEIGHBOUR: "neighbour",
  POST: "post",
  NURSERY: "nursery",
  SCHEME: "clean-stock scheme",
};

export const IDENTITY_WORDS: Record<Schemas["lineage.SourceView"]["identity"], string> = {
  FRUITED_HERE: "fruited here",
  SEEN_FRUIT: "fruit was seen",
  LABEL_ONLY: "label only",
};

export const BASIS_WORDS: Record<Lot["basis"], string> = {
  LOG: "by its log",
  SET: "as it is set",
  WEATHER: "by the weather",
  USUAL: "taken as usual: no log",
};

const WEEK = 7;

/** "2–4 days", "5–7 weeks", "spent"; where the figures cannot tell, what would: trying two. */
export function leftWords(lot: Lot): string {
  const { low, mid, high } = lot.freshness.toGood;
  if (mid <= 0) return lot.freshness.toLast.mid > 0 ? "past its good days" : "spent";
  const unit = low > 4 * WEEK ? "weeks" : "days";
  const per = unit === "weeks" ? WEEK : 1;
  const from = Math.floor(low / per);
  const to = Math.max(1, Math.round(high / per));
  if (low < 1) return `up to ${to} ${unit}, try two first`;
  if (from === to) return `${to} ${to === 1 ? unit.slice(0, -1) : unit}`;
  return `${from}–${to} ${unit}`;
}

/** What is known where the figures cannot tell whether wood is still good, and what would tell. */
export function doubtWords(lot: Lot): string | undefined {
  const { low, mid } = lot.freshness.toGood;
  if (mid <= 0 || low >= 1) return undefined;
  const { grafts } = lot.keepSpan;
  const by = grafts > 0 ? `By the figures and ${grafts} grafts of yours` : "By the figures";
  return `${by} this wood may be past its good days by now, or not yet. Graft two sticks and see before you count on it.`;
}

export const percent = (share: number) => `${Math.round(share * 100)} %`;

export const sticksWords = (n: number) => (n === 1 ? "1 stick" : `${n} sticks`);

/** The thinnest to the thickest of some sticks: "6.4–7.8 mm". */
export function diameterWords(diameters: number[], length: Choices["length"]): string {
  if (diameters.length === 0) return "not measured";
  const low = Math.min(...diameters);
  const high = Math.max(...diameters);
  return low === high
    ? lengthWords(low, length)
    : `${lengthNumber(low, length)}–${lengthWords(high, length)}`;
}

/** What to say first of the shelf. */
export function shelfHeadline(lots: Lot[]): string {
  const usable = lots.filter((lot) => !lot.refusal && lot.grade !== "X");
  if (lots.length === 0) return "No wood on the shelf";
  if (usable.length === 0) return "No lot on the shelf can be used";
  return `Use ${usable[0].varietyName}, ${usable[0].code}, first`;
}

export function shelfSubtitle(lots: Lot[]): string {
  const sticks = lots.reduce((sum, lot) => sum + lot.sticksLeft, 0);
  const held = lots.filter((lot) => lot.refusal).length;
  const poor = lots.filter((lot) => !lot.refusal && (lot.grade === "X" || lot.grade === "C")).length;
  return [
    `${lots.length} lots, ${sticksWords(sticks)}`,
    poor > 0 ? `${poor} of them poor` : "",
    held > 0 ? `${held} held` : "",
  ]
    .filter(Boolean)
    .join(", ")
    .concat(".");
}
