import type { Schemas } from "../api/client";
import type { Stage } from "../drawings/stages";
import { eachSize, linesInMm } from "../place/plantLines";
import { type SiteDraft, siteDraft, siteOf } from "../place/SiteBoxes";
import { keptLengths } from "../ui/keptLengths";
import type { Choices } from "../units";

/** Plants of one sort at one place, as they are typed. */
export interface StandDraft {
  lines: string;
  spot: string;
  stage: Stage | "";
}

export interface SpeciesDraft {
  key: string;
  /** Names with commas or a line each. */
  varieties: string;
  stocks: StandDraft;
  mothers: StandDraft;
}

/** The first page as it stands; kept on this device until the farm has begun. */
export interface BeginDraft {
  site: SiteDraft;
  people: string;
  species: SpeciesDraft[];
}

const NOWHERE: StandDraft = { lines: "", spot: "", stage: "" };

export const freshSpecies = (key: string): SpeciesDraft => ({
  key,
  varieties: "",
  stocks: { ...NOWHERE, spot: "Bench" },
  mothers: { ...NOWHERE, spot: "Orchard" },
});

export const freshBegin = (): BeginDraft => ({ site: siteDraft(), people: "", species: [] });

const kept = keptLengths<BeginDraft>("bay-lantern-begin", (draft, again) => ({
  ...draft,
  species: draft.species.map((s) => ({
    ...s,
    stocks: { ...s.stocks, lines: eachSize(s.stocks.lines, again) },
  })),
}));

export const keptBegin = () => kept.read() ?? freshBegin();
export const keepBegin = kept.keep;

export const names = (text: string) =>
  text
    .split(/[,;\n]/)
    .map((name) => name.trim())
    .filter(Boolean);

export const lineCount = (text: string) => text.split("\n").filter((line) => line.trim()).length;

const standing = (stand: StandDraft, lines: string) =>
  lineCount(lines) === 0 ? undefined : { lines, spot: stand.spot.trim(), stage: stand.stage || undefined };

/** What to send, or undefined while the place is not told. */
export function beginningOf(
  draft: BeginDraft,
  unit: Choices["length"],
): Schemas["begin.Beginning"] | undefined {
  const site = siteOf(draft.site, 0);
  return (
    site && {
      site,
      people: names(draft.people),
      grown: draft.species.map((s) => ({
        speciesKey: s.key,
        varieties: names(s.varieties),
        stocks: standing(s.stocks, linesInMm(s.stocks.lines, unit)),
        mothers: standing(s.mothers, s.mothers.lines),
      })),
    }
  );
}
