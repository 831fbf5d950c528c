import type { Schemas } from "../api/client";
import { PartHeading } from "../ui/parts";
import { OwnFigures } from "./OwnFigures";
import { RowNumbers } from "./RowNumbers";

const NAMES: Record<string, string> = {
  nearMm: "lines meet within",
  barkShare: "bark, where assumed",
  barkLeastMm: "bark, at least",
  shoulderShare: "wedge, half as thick at the top",
  backShare: "back cut",
  tipShare: "tip off the axis",
  toolAngle: "angle of the hand tool",
  tongueStart: "tongue starts at",
  tongueShare: "tongue deep",
  notchShare: "notch high",
  faceShare: "flat side off the pith",
  footShare: "foot wedge",
  shieldMm: "bud cut deep",
  shieldShare: "shield long",
  chipShare: "chip deep",
  liftShare: "bark lifts to",
  showingMm: "left showing",
  tryTilt: "a slight tilt",
  citrusLowestMm: "citrus union above soil",
  soilLowestMm: "any union above soil",
  seedlingMostMm: "thickest seedling stock",
  roomMm: "sound stem below a split",
  reachMm: "within reach up to",
  topMm: "tip not used",
  strayMm: "a practised hand strays",
  budWorth: "a bud’s contact counts",
  weightContact: "weight of contact",
  weightTake: "weight of your own takes",
  weightSizes: "weight of the sizes",
  weightHold: "weight of holding",
  weightSkill: "weight of the hand",
  weightSeason: "weight of the season",
  weightInsurance: "weight of what is left",
  weightWood: "weight of the wood",
  takeStrength: "own grafts that count half",
  takeStart: "take where never tried",
  hinder: "against the species",
  favour: "favour for the species",
  pairLeast: "a pair apart below",
  pairSpoil: "unlike sizes cost",
  usualScionMm: "a scion, where not measured",
  scionEveryMm: "a scion for each",
  mostScions: "scions on a limb, at most",
  limbThinnestMm: "limb, at least",
  limbThickestMm: "limb, at most",
  thirdShare: "reworked in a season",
};

/** What Fit rests on: bark, cuts, heights, the weights of a choice, pairs and limbs. */
export function FitFigures({ fit, species }: { fit: Schemas["rules.FitRules"]; species: string }) {
  const favour = fit.favours[species];
  const hinder = fit.hinders[species];
  return (
    <>
      <PartHeading>Fit</PartHeading>
      {favour && (
        <p>
          Favoured here: {favour.techniques.join(", ")}; {favour.why}.
        </p>
      )}
      {hinder && (
        <p>
          Less good here: {hinder.techniques.join(", ")}; {hinder.why}.
        </p>
      )}
      <OwnFigures name="Figures of fit" subject="FIT" names={NAMES} />
      <RowNumbers opens="what each technique asks and gives" subject="TRAIT" />
    </>
  );
}
