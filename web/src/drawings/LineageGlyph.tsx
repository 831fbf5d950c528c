import type { Schemas } from "../api/client";

type Kind = Schemas["lineage.Member"]["kind"];

const PATHS: Record<Kind, string> = {
  SOURCE: "M3 15 V8 L9 3 L15 8 V15 Z M7 15 V11 H11 V15",
  PLANT: "M9 17 V8 M9 13 L6 10 M9 12 L12 9 M4 10 C0 6 4 1 9 3 C14 1 18 6 14 10",
  LOT: "M3 13 L15 5 M4 9 L14 2 M6 16 L16 9 M7 6 L12 13",
  GRAFT: "M5.5 17 V8 L9 13 L12.5 8 V17 M9 13 V2 M9 6 L12 4",
};

export const KIND_NAMES: Record<Kind, string> = {
  SOURCE: "source",
  PLANT: "plant",
  LOT: "lot",
  GRAFT: "graft",
};

/** A source as a gate, a plant as a tree, a lot as tied sticks, a graft as a union. */
export function LineageGlyph({ kind }: { kind: Kind }) {
  return (
    <svg width={18} height={18} role="img" aria-label={KIND_NAMES[kind]} className="shrink-0">
      <path d={PATHS[kind]} fill="none" stroke="currentColor" strokeWidth={1.6} strokeLinecap="round" />
    </svg>
  );
}
