import type { Schemas } from "../api/client";

export type Stage = Schemas["season.BudMark"]["stage"];

interface Look {
  words: string;
  see: string;
  fill: string;
  ink: string;
}

/** The bud stages in the order of a flush, with colour, letter and what one sees. */
export const STAGES: Record<Stage, Look> = {
  S: { words: "swelling", see: "buds fat, still tight", fill: "var(--stage-S)", ink: "var(--onsea)" },
  P: { words: "pushing", see: "tip open, no leaf yet", fill: "var(--stage-P)", ink: "var(--onsea)" },
  F: { words: "flushing", see: "soft leaves, often bronze", fill: "var(--stage-F)", ink: "var(--onsea)" },
  H: { words: "hardening", see: "full size, still light", fill: "var(--stage-H)", ink: "#12262b" },
  M: { words: "mature", see: "leaves dark and firm", fill: "var(--stage-M)", ink: "var(--onsea)" },
  R: { words: "resting", see: "buds tight", fill: "var(--stage-R)", ink: "var(--onsea)" },
};

export const STAGE_ORDER = Object.keys(STAGES) as Stage[];
