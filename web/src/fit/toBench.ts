import { freshDraft, keepDraft as keepBenchDraft, keptDraft as keptBenchDraft } from "../bench/draft";
import { typedLength } from "../ui/keptLengths";
import type { Choices } from "../units";
import type { FitDraft } from "./draft";
import type { FitView } from "./fitApi";

/** Fills the Bench's form with what was found here and goes there. */
export function toBench(
  view: FitView,
  draft: FitDraft,
  today: string,
  lot: { id: number; varietyId: number } | undefined,
  stem: { stemId: number; plantCode: string; label: string } | undefined,
  length: Choices["length"],
  navigate: (to: string) => void,
) {
  const bench = keptBenchDraft() ?? freshDraft(today);
  keepBenchDraft({
    ...bench,
    madeOn: today,
    techniqueKey: view.techniqueKey,
    varietyId: lot ? String(lot.varietyId) : bench.varietyId,
    lotId: lot ? String(lot.id) : "",
    makerId: draft.on.makerId ? String(draft.on.makerId) : bench.makerId,
    stems: stem
      ? [
          {
            stemId: stem.stemId,
            plantCode: stem.plantCode,
            label: stem.label,
            scion: typedLength(view.scionMm, length),
            stock: typedLength(view.stockMm, length),
            placing: {
              way: view.placing.way,
              cutMm: view.placing.cutMm,
              offsetMm: view.placing.offsetMm,
              tiltDeg: view.placing.tiltDeg,
              depthMm: view.placing.depthMm,
              splitMm: view.placing.splitMm,
            },
          },
        ]
      : [],
  });
  navigate("/bench");
}
