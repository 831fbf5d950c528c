import { watched } from "./ui/watched";

/** Choices kept on this device: units, theme, and who is looking. */
export interface Choices {
  /** Millimetres, inches in sixteenths, or inches as decimals. */
  length: "mm" | "inch" | "decimal";
  theme: "day" | "lamplight";
  personId?: number;
  /** Degrees as the grower reads them; °C where not chosen. */
  warmth?: "C" | "F";
  volume?: "ml" | "floz";
  wind?: "ms" | "kmh" | "mph";
  /** Species whose waves the season band shows. */
  band?: string[];
}

const KEY = "bay-lantern-choices";
const { watch, tell, useNow } = watched();
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
  tell();
}

/** The choices as they are now, for code outside the screens. */
export const chosen = () => choices;

export function showTheme() {
  document.documentElement.dataset.theme = choices.theme;
}

/** Calls a listener after each choice; gives what ends that. */
export const whenChosen = watch;

/** The units this device reads in, as the server is told them. */
export const unitWords = () =>
  `${choices.length} ${choices.warmth ?? "C"} ${choices.volume ?? "ml"} ${choices.wind ?? "ms"}`;

export const useChoices = () => useNow(chosen);

export const MM_PER_INCH = 25.4;

const dotted = (text: string) => text.trim().replace(",", ".").replace("−", "-");

/** A number as typed, "7.8", "7,8" or "−28.5"; NaN when empty or no number. */
export const readNumber = (text: string) => Number(dotted(text) || "NaN");

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
  const trimmed = dotted(text);
  if (trimmed === "") return undefined;
  const fraction = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(trimmed);
  if (fraction) {
    const inches = Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
    return Math.round(inches * MM_PER_INCH * 100) / 100;
  }
  const number = Number(trimmed);
  return unit === "mm" ? number : Math.round(number * MM_PER_INCH * 100) / 100;
}

// "mm", "mm a day" and "mm of rim" are lengths all the same.
export const lengthIn = (unit: string) => /^mm(?= |$)/.test(unit);

const KINDS: Record<string, Kind> = { "°C": "warmth", ml: "volume", "m/s": "wind" };

/** What a figure's unit measures besides a length, undefined where that is the same for every grower. */
export const kindIn = (unit: string): Kind | undefined => KINDS[unit];

/** A figure as the grower reads it, without its unit. */
export function figureNumber(value: number, unit: string, choices: Choices): string {
  if (lengthIn(unit) && choices.length !== "mm") return lengthNumber(value, choices.length);
  const kind = KINDS[unit];
  return kind && unitOf(kind, choices) !== unit ? shown(kind, value, choices) : String(value);
}

/** The unit of a figure as the grower reads it. */
export function figureUnit(unit: string, choices: Choices): string {
  if (lengthIn(unit)) return unit.replace(/^mm/, lengthUnit(choices.length));
  const kind = KINDS[unit];
  return kind ? unitOf(kind, choices) : unit;
}

/** "°C" or "°F". */
export const degreeUnit = (unit: Choices["warmth"]) => (unit === "F" ? "°F" : "°C");

/** What is measured besides lengths; "apart" is how far two temperatures lie apart. */
export type Kind = "warmth" | "apart" | "rain" | "volume" | "wind";

interface Scale {
  unit: string;
  /** So many of the unit for one as kept, and where zero lies. */
  times: number;
  zero: number;
  places: number;
}

const WINDS = {
  ms: { unit: "m/s", times: 1, zero: 0, places: 1 },
  kmh: { unit: "km/h", times: 3.6, zero: 0, places: 0 },
  mph: { unit: "mph", times: 3.6 / 1.609344, zero: 0, places: 0 },
};

function scale(kind: Kind, { length, warmth, volume, wind }: Choices): Scale {
  const fahrenheit = warmth === "F";
  switch (kind) {
    case "warmth":
      return fahrenheit
        ? { unit: "°F", times: 1.8, zero: 32, places: 0 }
        : { unit: "°C", times: 1, zero: 0, places: 1 };
    case "apart":
      return fahrenheit
        ? { unit: "°F", times: 1.8, zero: 0, places: 1 }
        : { unit: "°C", times: 1, zero: 0, places: 1 };
    case "rain":
      return length === "mm"
        ? { unit: "mm", times: 1, zero: 0, places: 0 }
        : { unit: "in", times: 1 / MM_PER_INCH, zero: 0, places: 2 };
    case "volume":
      return volume === "floz"
        ? { unit: "fl oz", times: 1 / 29.5735295625, zero: 0, places: 1 }
        : { unit: "ml", times: 1, zero: 0, places: 0 };
    default:
      return WINDS[wind ?? "ms"];
  }
}

/** The unit this device reads a kind of measure in. */
export const unitOf = (kind: Kind, choices: Choices) => scale(kind, choices).unit;

/** A measure as kept, as the grower reads it, without its unit. */
export function shown(kind: Kind, kept: number, choices: Choices, more = 0): string {
  const { times, zero, places } = scale(kind, choices);
  const rounded = 10 ** (places + more);
  // Never "−0".
  return String(Math.round((kept * times + zero) * rounded) / rounded + 0);
}

/** The same with its unit: "12.5 °C", "4 mph". */
export const measureWords = (kind: Kind, kept: number, choices: Choices) =>
  `${shown(kind, kept, choices)} ${unitOf(kind, choices)}`;

/** A measure as kept, from what was typed in this device's unit; undefined when empty, NaN when no number. */
export function readMeasure(kind: Kind, text: string, choices: Choices): number | undefined {
  const trimmed = dotted(text);
  if (trimmed === "") return undefined;
  const { times, zero } = scale(kind, choices);
  return Math.round(((Number(trimmed) - zero) / times) * 1000) / 1000;
}
