import { PartHeading } from "../ui/parts";
import { OwnFigures } from "./OwnFigures";

const NAMES: Record<string, string> = {
  cutBudS: "a bud is cut in",
  cutStickS: "a stick is cut and joined in",
  wrapBudS: "a bud is wrapped in",
  wrapStickS: "a stick is wrapped in",
  prepareS: "a stick is prepared in",
  labelS: "a label is hung in",
  paceShape: "times of one hand differ by",
  paceStrength: "the usual pace counts for",
  pauseTimes: "a gap is a pause from",
  cleanMinutes: "a blade is cleaned in",
  stepMinutes: "to the next place on the walk",
  faceMinutes: "a cut face may wait",
  dayHours: "a day at the bench holds",
  tapeWidthMm: "tape is wide",
  tapeOverlap: "tape overlaps by",
  tapeMarginMm: "wrapped beyond the cut",
  tapeRestMm: "tape thrown away of a piece",
  scionMm: "covered of a stick",
  cleanMl: "alcohol for one cleaning",
  spareShare: "to spare of what is used up",
};

/** What a graft day rests on: how long things take, what a day holds, what is used up. */
export function DayFigures() {
  return (
    <>
      <PartHeading>The graft day</PartHeading>
      <OwnFigures name="Figures of the graft day" subject="DAY" names={NAMES} />
    </>
  );
}
