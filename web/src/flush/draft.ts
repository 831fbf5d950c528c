import type { Schemas } from "../api/client";

/** A graft day being thought about. */
export interface Draft {
  day: string;
  spotId: number;
  stockSpecies: string;
  varietyId: number;
  techniqueKey: string;
  grafts: number;
  planNo?: number;
}

/** The entry to send; undefined while it is not whole. */
export function entryOf(draft: Draft | undefined): Schemas["day.DayEntry"] | undefined {
  if (!draft?.day || !Number.isInteger(draft.grafts) || draft.grafts < 1) return undefined;
  return {
    day: draft.day,
    spotId: draft.spotId,
    speciesKey: draft.stockSpecies,
    varietyId: draft.varietyId,
    techniqueKey: draft.techniqueKey,
    grafts: draft.grafts,
  };
}

/** A draft for a pairing on its best day. */
export function draftFor(pairing: Schemas["season.PairingView"], today: string, before?: Draft): Draft {
  const citrus = pairing.woodSpecies === "citrus";
  return {
    day: before?.day ?? pairing.window?.best ?? today,
    spotId: pairing.spotId,
    stockSpecies: pairing.stockSpecies,
    varietyId: pairing.varietyId,
    techniqueKey: before?.techniqueKey ?? (citrus ? "chip" : "cleft"),
    grafts: before?.grafts ?? 10,
  };
}

/** A kept plan taken up again. */
export const draftOf = (plan: Schemas["day.Planned"]): Draft => ({
  day: plan.around.day,
  spotId: plan.spotId,
  stockSpecies: plan.speciesKey,
  varietyId: plan.varietyId,
  techniqueKey: plan.techniqueKey,
  grafts: plan.grafts,
  planNo: plan.planNo,
});
