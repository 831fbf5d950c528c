import { useState } from "react";
import type { Schemas } from "../api/client";
import { failed } from "../undo";
import { ALL_PARTS, usePrinter } from "./usePrinter";

/** When labels come out of the printer on a graft day. */
export type When = "NONE" | "EACH" | "BLOCK";

const KEY = "bay-lantern-run-labels";

/** Prints labels as grafts are made: each at once, or those of a block when its last one is made. */
export function useRunLabels() {
  const printer = usePrinter();
  const [when, setWhen] = useState<When>(() => (localStorage.getItem(KEY) as When | null) ?? "NONE");
  const choose = (now: When) => {
    localStorage.setItem(KEY, now);
    setWhen(now);
  };
  const made = async (code: string, jobId: number, turns: Schemas["day.Turn"][]) => {
    if (when === "NONE") return;
    const own = turns.find((turn) => turn.jobId === jobId);
    const block = turns.filter((turn) => turn.block === own?.block);
    const ended = block.every((turn) => turn.jobId === jobId || turn.state !== "OPEN");
    const codes =
      when === "EACH"
        ? [code]
        : ended
          ? block
              .map((turn) => (turn.jobId === jobId ? code : turn.graftCode))
              .filter((one) => one !== undefined)
          : [];
    if (codes.length === 0) return;
    // A printer that fails holds up no graft: its labels can be printed again.
    await printer.print({ codes, kind: "SLAT", parts: ALL_PARTS }).catch(failed);
  };
  return { when, choose, made };
}
