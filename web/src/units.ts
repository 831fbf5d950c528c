import { useSyncExternalStore } from "react";

/** Choices kept on this device: units, theme, and who is looking. */
export interface Choices {
  /** Millimetres, inches in sixteenths, or inches as decimals. */
  length: "mm" | "inch" | "decimal";
  theme: "day" | "lamplight";
  personId?: number;
  /** Degrees as the grower reads them; °C where not chosen. */
  warmth?: "C" | "F";
  /** Species whose waves the season band shows. */
  band?: string[];
}

const KEY = "bay-lantern-choices";
const listeners = new Set<() => void>();
let choices: Choices = read();

function read(): Choices {
  try {
    return { length: "mm", theme: "day", ...JSON.parse(localStorage.getItem(KEY) ?? "{}") };
  } catch {
    return { length: "mm", theme: "day" };
  }
}

export function choose(change: Partial<Choices>) {
  choices = { ...choices, ...change };
  localStorage.setItem(KEY, JSON.stringify(choices));
  showTheme();
  for (const listener of listeners) listener();
}

/** The choices as they are now, for code outside the screens. */
export const chosen = () => choices;

export function showTheme() {
  document.documentElement.dataset.theme = choices.theme;
}

/** Calls a listener after each choice; gives what ends that. */
export function whenChosen(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The units this device reads in, as the server is told them. */
export const unitWords = () => `${choices.length} ${choices.warmth ?? "C"}`;

export function useChoices(): Choices {
  return useSyncExternalStore(whenChosen, () => choices);
}

const MM_PER_INCH = 25.4;

/** A length in mm as the grower reads it: "7.8 mm" or "5/16 in". */
export function lengthWords(mm: number | undefined, unit: Choices["length"]): string {
  if (mm === undefined) return "";
  return `${lengthNumber(mm, unit)} ${lengthUnit(unit)}`;
}

/** A length in mm as the grower reads it, without the unit. */
export function lengthNumber(mm: number, unit: Choices["length"]): string {
  if (unit === "mm") return String(Math.round(mm * 10) / 10);
  return unit === "inch" ? inchFraction(mm / MM_PER_INCH) : (mm / MM_PER_INCH).toFixed(3);
}

/** "mm" or "in". */
export const lengthUnit = (unit: Choices["length"]) => (unit === "mm" ? "mm" : "in");

/** Inches to the nearest sixteenth, reduced. */
export function inchFraction(inches: number): string {
  const sixteenths = Math.round(inches * 16);
  const whole = Math.floor(sixteenths / 16);
  let top = sixteenths % 16;
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return String(whole);
  return whole > 0 ? `${whole} ${top}/${bottom}` : `${top}/${bottom}`;
}

/** Millimetres from what was typed: "7.8", "7,8", "5/16", "1 1/4"; undefined when empty, NaN when no length. */
export function readLength(text: string, unit: Choices["length"]): number | undefined {
  const trimmed = text.trim().replace(",", ".");
  if (trimmed === "") return undefined;
  const fraction = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(trimmed);
  if (fraction) {
    const inches = Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
    return Math.round(inches * MM_PER_INCH * 100) / 100;
  }
  const number = Number(trimmed);
  return unit === "mm" ? number : Math.round(number * MM_PER_INCH * 100) / 100;
}

/** A temperature in °C as the grower reads it, without the unit. */
export function degrees(celsius: number, unit: Choices["warmth"]): number {
  return Math.round(unit === "F" ? celsius * 1.8 + 32 : celsius);
}

/** A figure as the grower reads it, without its unit. */
export function figureNumber(value: number, unit: string, { length, warmth }: Choices): string {
  if (unit === "mm" && length !== "mm") return lengthNumber(value, length);
  return String(unit === "°C" && warmth === "F" ? degrees(value, warmth) : value);
}

/** The unit of a figure as the grower reads it. */
export function figureUnit(unit: string, { length, warmth }: Choices): string {
  if (unit === "mm") return lengthUnit(length);
  return unit === "°C" ? degreeUnit(warmth) : unit;
}

/** "°C" or "°F". */
export const degreeUnit = (unit: Choices["warmth"]) => (unit === "F" ? "°F" : "°C");
