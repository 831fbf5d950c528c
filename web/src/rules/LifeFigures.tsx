import { PartHeading } from "../ui/parts";
import { OwnFigures } from "./OwnFigures";
import { RowNumbers } from "./RowNumbers";

const LIFE: Record<string, string> = {
  establishedAfter: "established after",
  pushCleft: "a cleft pushes after",
  pushSide: "a side graft pushes after",
  pushBud: "a bud pushes after",
  pushApproach: "an approach graft pushes after",
  soonDays: "soon means within",
  apartAgain: "a held graft is looked at again after",
  growth: "a scion grows a day by",
  waitCleft: "waiting for a cleft pays until",
  waitSide: "waiting for a side graft pays until",
  waitBud: "waiting for a bud pays until",
  waitApproach: "waiting for an approach graft pays until",
  giveUpAt: "given up under a chance of",
  lapseDays: "a visit lapses after",
  firstFruit: "first fruit after",
  smallPot: "a small pot holds up to",
  floodOdds: "a flood of stock shoots counts for",
  foreseenDays: "weather visits are foreseen for",
  stormMs: "a storm blows from",
  diesBy: "those that die show it by",
  toldStrength: "what looks tell counts for",
  thinUnder: "records are thin under",
  rangeMass: "a range holds",
  kinStrength: "kin count for",
  kinSpread: "groups differ by",
  daySpread: "days differ by",
  dayFreely: "how freely that is learned",
  occasionStrength: "a day’s own luck counts for",
};

const CAUSE: Record<string, string> = {
  causeStrength: "cases told here count from",
  causeCap: "one fact speaks at most",
  causeMost: "a cause is told at most with",
  causeShared: "a day shares its causes by",
  causeSpread: "the share of a cause is known within",
  causeContactLow: "contact is poor under",
  causeContactGood: "contact is good from",
  causeWoodOld: "wood is old from",
  causeWoodFresh: "wood is fresh under",
  causeRainWet: "the first days were wet from",
  causeRainDry: "the first days were dry under",
  causeCool: "the first weeks were cool under",
};

const FACT: Record<string, string> = {
  gainLeast: "what moves take is told from",
  gainRarer: "and from so many of the rarer end",
  gainThin: "a kind is thin under",
  gainSpread: "kinds of an aspect differ by",
  gainFreely: "how freely that is learned",
  gainSure: "a gain is told apart from",
  gainLast: "reach is counted over the last",
  duelPower: "a question is settled with",
  duelMost: "nothing practical beyond",
  stageDays: "a stage counts for a graft within",
  trialAlarm: "a trial finds what is not there",
  trialPower: "a trial finds what is there",
  trialReadings: "a trial is read at most",
  trialMost: "a trial takes at most",
};

/** What the life of grafts, the counting of takes, their causes and gains rest on. */
export function LifeFigures() {
  return (
    <>
      <PartHeading>The life of a graft, and takes</PartHeading>
      <OwnFigures name="Figures of the life of a graft" subject="LIFE" names={LIFE} />
      <PartHeading>When visits are due</PartHeading>
      <p className="text-soft">
        Each row is the day that is aimed at, between the earliest and the latest that growers give, and how
        soon a visit comes again.
      </p>
      <RowNumbers opens="every visit’s days" subject="VISIT" />
      <PartHeading>Why grafts failed</PartHeading>
      <OwnFigures name="Figures of causes" subject="CAUSE" names={CAUSE} />
      <RowNumbers opens="how common each cause is" subject="WEIGHT" only={["cause."]} />
      <RowNumbers opens="how often each sign is seen" subject="WEIGHT" only={["sign."]} />
      <RowNumbers opens="what is on record speaks for" subject="WEIGHT" only={["circumstance."]} />
      <PartHeading>What moves take</PartHeading>
      <OwnFigures name="Figures of what moves take" subject="FACT" names={FACT} />
    </>
  );
}
