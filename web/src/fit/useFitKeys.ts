import { type Dispatch, type SetStateAction, useMemo } from "react";
import type { Command } from "../ui/commands";
import type { FitDraft } from "./draft";
import type { FitView } from "./fitApi";

const STEP = { fine: 0.1, coarse: 0.5 };

/** The keys of the fit bench: everything the drag does, a step at a time. */
export function useFitKeys(
  view: FitView | undefined,
  setDraft: Dispatch<SetStateAction<FitDraft>>,
  hand: { table: () => void; calliper: () => void },
): Command[] {
  return useMemo((): Command[] => {
    if (!view) return [];
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
    const nextWay = () =>
      setDraft((before) => ({
        ...before,
        wish: {
          ...before.wish,
          way: ways[(ways.indexOf(p.way) + 1) % ways.length],
          depthMm: undefined,
          offsetMm: undefined,
        },
      }));
    return [
      {
        key: "ArrowLeft",
        words: "the stick to the left, with Shift further",
        run: (e) => step("offsetMm", -by(e)),
      },
      {
        key: "ArrowRight",
        words: "the stick to the right, with Shift further",
        run: (e) => step("offsetMm", by(e)),
      },
      {
        key: "ArrowUp",
        words: "the cut up the stem, with Shift further",
        run: (e) => along(e.shiftKey ? 25 : 5),
      },
      {
        key: "ArrowDown",
        words: "the cut down the stem, with Shift further",
        run: (e) => along(e.shiftKey ? -25 : -5),
      },
      { key: "l", words: "tilt to the left", run: () => view.tilts && step("tiltDeg", -0.5) },
      { key: "r", words: "tilt to the right", run: () => view.tilts && step("tiltDeg", 0.5) },
      { key: "n", words: "a shorter cut", run: () => step("cutMm", -1) },
      { key: "m", words: "a longer cut", run: () => step("cutMm", 1) },
      {
        key: "b",
        words: "lay it where most meets",
        run: () => setDraft((before) => ({ ...before, wish: { ...before.wish, offsetMm: undefined } })),
      },
      { key: "w", words: "another way to cut it", run: nextWay },
      { key: "c", words: "the calliper", run: hand.calliper },
      { key: "t", words: "read as table", run: hand.table },
    ];
  }, [view, setDraft, hand]);
}
