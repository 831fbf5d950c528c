import { retyped } from "../ui/keptLengths";
import type { Choices } from "../units";

/** Sizes of lines as they are pasted: a code, its thickness (of several stems with a plus), the height of the cut. */
export function eachSize(lines: string, again: (text: string) => string): string {
  return lines
    .split("\n")
    .map((line) => {
      const [code = "", sizes, height, ...rest] = line.trim().split(/[\s;]+/);
      return [code, sizes?.split("+").map(again).join("+"), height && again(height), ...rest]
        .filter((part) => part !== undefined)
        .join(" ");
    })
    .join("\n");
}

/** Lines with sizes as typed in the device's unit, in millimetres as the farm keeps them. */
export const linesInMm = (lines: string, unit: Choices["length"]) =>
  unit === "mm" ? lines : eachSize(lines, (text) => inMm(text, unit));

// A fraction is one of inches; anything else is read in the device's unit.
const inMm = (text: string, unit: Choices["length"]) =>
  retyped(text, text.includes("/") ? "decimal" : unit, "mm");
