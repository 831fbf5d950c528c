import type { Schemas } from "../api/client";
import { type Choices, lengthNumber, lengthUnit, lengthWords } from "../units";
import type { FitView } from "./fitApi";

type Unit = Choices["length"];

/** How much meets, with its unit: "27 mm", "1 1/16 in", "54 mm²". */
export function metWords(met: number, unit: Schemas["fit.Contact"]["unit"], length: Unit): string {
  if (unit === "MM") return length === "mm" ? `${Math.round(met)} mm` : lengthWords(met, length);
  return length === "mm" ? `${Math.round(met)} mm²` : `${(met / 645.16).toFixed(3)} in²`;
}

/** The one large statement: what meets, of what this pair can give. */
export function headline(view: FitView, length: Unit): string {
  const { contact, best } = view.measured;
  if (contact.met <= 0) return "No cambium meets";
  const met = metWords(contact.met, contact.unit, length);
  const most = metWords(best.met, best.unit, length);
  return met === most
    ? `${met} of cambium meets, the most it can`
    : `${met} of cambium meets, of ${most} possible`;
}

/** Where wrapping begins, by the school the rulebook follows for this technique. */
export function wrapFrom(schools: Schemas["rules.SchoolQuestion"][] | undefined, technique: string): string {
  const question = schools?.find((q) => q.key === "wrap");
  const school = question && (question.byTechnique[technique] ?? question.standard);
  return (school && question.schools[school]?.name) || "from below upward";
}

/** Where the scion is flush and how the tape is wound. */
export function layWords(view: FitView, wrap: "CLOCKWISE" | "COUNTER", from: string): string {
  if (view.measured.contact.met <= 0) return "";
  const way = wrap === "CLOCKWISE" ? "clockwise" : "counter-clockwise";
  if (view.side === "middle") return `Set in the middle; wrap ${way}, ${from}.`;
  const pulled = (view.side === "right") === (wrap === "CLOCKWISE");
  return pulled
    ? `Even on the ${view.side}; wrap ${way}, ${from}: the tape pulls it home.`
    : `Even on the ${view.side}, but tape wound ${way} pulls the other way: wrap it the other way round.`;
}

/** A measure of the cut list. */
export function stepWords(step: Schemas["fit.CutStep"], length: Unit): string {
  if (step.degrees) return `${Math.round(step.low)}°`;
  if (step.low === step.high) return lengthWords(step.low, length);
  return `${lengthNumber(step.low, length)}–${lengthNumber(step.high, length)} ${lengthUnit(length)}`;
}
