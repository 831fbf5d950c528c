import { type Choices, chosen, lengthUnit, MM_PER_INCH, readLength } from "../units";

/** A length in mm as it stands in a box to be typed over: no fractions, nothing lost by reading it again. */
export function typedLength(mm: number | undefined, unit: Choices["length"]): string {
  if (mm === undefined) return "";
  return String(unit === "mm" ? mm : Math.round((mm / MM_PER_INCH) * 1000) / 1000);
}

/** What was typed as a length in one unit, as it is typed in another; what cannot be read stays as it is. */
export function retyped(text: string, from: Choices["length"], to: Choices["length"]): string {
  const mm = readLength(text, from);
  if (mm === undefined || Number.isNaN(mm) || lengthUnit(from) === lengthUnit(to)) return text;
  // A fraction is one of inches whatever the unit the rest was typed in.
  if (text.includes("/") && from === "mm") return text;
  return typedLength(to === "mm" ? Math.round(mm * 10) / 10 : mm, to);
}

/**
 * Keeps a draft on this device with the unit its lengths were typed in, so that they are the same lengths when the
 * device reads in another unit later.
 */
export function keptLengths<T extends object>(
  name: string,
  lengths: (draft: T, again: (text: string) => string) => T,
) {
  return {
    read(): T | undefined {
      try {
        const kept = localStorage.getItem(name);
        if (!kept) return undefined;
        const { typedIn, ...draft } = JSON.parse(kept) as T & { typedIn?: Choices["length"] };
        const from = typedIn ?? chosen().length;
        return lengths(draft as T, (text) => retyped(text, from, chosen().length));
      } catch {
        return undefined;
      }
    },
    keep: (draft: T) => localStorage.setItem(name, JSON.stringify({ ...draft, typedIn: chosen().length })),
  };
}
