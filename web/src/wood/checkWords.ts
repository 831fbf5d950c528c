/** What each look and each of its states is called, in the order they are looked at. */
export const LOOKS: { key: string; ask: string; states: [string, string][] }[] = [
  {
    key: "stage",
    ask: "The buds",
    states: [
      ["R", "tight, resting"],
      ["S", "swelling"],
      ["P", "tip open"],
      ["F", "in leaf"],
      ["H", "leaves hardening"],
      ["M", "leaves dark, firm"],
    ],
  },
  {
    key: "wood",
    ask: "The wood",
    states: [
      ["SOFT", "soft, bends over"],
      ["SOFT_TIP", "soft tip, firm below"],
      ["SEMI_FIRM", "just firm"],
      ["FIRM", "firm"],
      ["OLD", "old, hard"],
    ],
  },
  {
    key: "bark",
    ask: "The bark",
    states: [
      ["TAUT", "taut"],
      ["SLIGHT", "slightly wrinkled"],
      ["DEEP", "deeply wrinkled"],
    ],
  },
  {
    key: "skin",
    ask: "The skin",
    states: [
      ["CLEAN", "clean"],
      ["RUBBED", "rubbed, scarred"],
      ["SPOTTED", "spots, gum, scale"],
      ["ROTTING", "black, weeping"],
    ],
  },
  {
    key: "section",
    ask: "Cut across, its shape",
    states: [
      ["ROUND", "round"],
      ["ANGULAR", "angular"],
    ],
  },
  {
    key: "pith",
    ask: "Cut across, the green ring",
    states: [
      ["WHOLE", "whole ring"],
      ["BROKEN", "broken ring"],
    ],
  },
  {
    key: "side",
    ask: "Where it grew",
    states: [
      ["SUN", "sunny side"],
      ["SHADE", "shade"],
    ],
  },
];

export const MEASURES: { key: string; name: string; length: boolean }[] = [
  { key: "diameterMm", name: "Thickness", length: true },
  { key: "buds", name: "Buds", length: false },
  { key: "lengthMm", name: "Length", length: true },
  { key: "eyeMm", name: "Eye", length: true },
];

/** Looks that matter for a species: the ring for fig, the shape for citrus. */
export const looksFor = (species: string) =>
  LOOKS.filter(
    (look) => (look.key !== "pith" || species === "fig") && (look.key !== "section" || species === "citrus"),
  );
