import { type Dispatch, type SetStateAction, useMemo } from "react";
import type { FitDraft } from "./draft";
import type { FitView } from "./fitApi";

const STEP = { fine: 0.1, coarse: 0.5 };

export type FitKeys = Record<string, (event: KeyboardEvent) => void>;

/** The keys of the fit bench: everything the drag does, a step at a time. */
export function useFitKeys(
  view: FitView | undefined,
  setDraft: Dispatch<SetStateAction<FitDraft>>,
  hand: { table: () => void; calliper: () => void },
): FitKeys {
  return useMemo((): FitKeys => {
    if (!view) return {};
    const by = (event: KeyboardEvent) => (event.shiftKey ? STEP.coarse : STEP.fine);
    const p = view.placing;
    // Steps add up on what was asked for last, so that quick keys do not overtake the answers.
    const step = (part: "offsetMm" | "tiltDeg" | "cutMm", by: number) =>
      setDraft((before) => ({
        ...before,
        wish: { ...before.wish, [part]: Math.round(((before.wish[part] ?? p[part]) + by) * 10) / 10 },
      }));
    const along = (mm: number) =>
      setDraft((before) => ({
        ...before,
        height: Math.max(0, Math.round((before.height ?? view.heightMm) + mm)),
      }));
    const ways = view.ways.map((w) => w.way);
    return {
      ArrowLeft: (e: KeyboardEvent) => step("offsetMm", -by(e)),
      ArrowRight: (e: KeyboardEvent) => step("offsetMm", by(e)),
      ArrowUp: (e: KeyboardEvent) => along(e.shiftKey ? 25 : 5),
      ArrowDown: (e: KeyboardEvent) => along(e.shiftKey ? -25 : -5),
      j: () => view.tilts && step("tiltDeg", -0.5),
      k: () => view.tilts && step("tiltDeg", 0.5),
      n: () => step("cutMm", -1),
      m: () => step("cutMm", 1),
      b: () => setDraft((before) => ({ ...before, wish: { ...before.wish, offsetMm: undefined } })),
      w: () =>
        setDraft((before) => ({
          ...before,
          wish: {
            ...before.wish,
            way: ways[(ways.indexOf(p.way) + 1) % ways.length],
            depthMm: undefined,
            offsetMm: undefined,
          },
        })),
      t: hand.table,
      c: hand.calliper,
    };
  }, [view, setDraft, hand]);
}
