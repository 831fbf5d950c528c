import { SIGNS, type Sign } from "../drawings/signs";
import { type Choices, readLength } from "../units";

/** A line of a round as it was ticked on paper: a graft, what was seen, how long, a few words. */
export interface TypedLine {
  line: string;
  code: string;
  sign: Sign;
  lengthMm?: number;
  note?: string;
}

export interface BadLine {
  line: string;
  why: string;
}

const OF_LETTER = new Map(
  (Object.keys(SIGNS) as Sign[]).map((sign) => [SIGNS[sign].letter.toLowerCase(), sign] as const),
).set("m", "MISSING");

/** Reads lines such as "AV-26-004 L 120 pale"; a line nobody can read says why. */
export function readTyped(text: string, length: Choices["length"]): { lines: TypedLine[]; bad: BadLine[] } {
  const lines: TypedLine[] = [];
  const bad: BadLine[] = [];
  for (const line of text.split("\n")) {
    const words = line.trim().split(/\s+/).filter(Boolean);
    if (words.length === 0) continue;
    const [code, letter = "", ...rest] = words;
    const sign = letter.length === 1 ? OF_LETTER.get(letter.toLowerCase()) : undefined;
    if (!sign) {
      bad.push({ line, why: letter ? `“${letter}” is none of the letters` : "what was seen is missing" });
      continue;
    }
    const mm = rest.length > 0 && /^\d/.test(rest[0]) ? readLength(rest[0], length) : undefined;
    if (rest.length > 0 && /^\d/.test(rest[0]) && !(mm !== undefined && mm > 0 && mm <= 5000)) {
      bad.push({ line, why: `“${rest[0]}” is no length` });
      continue;
    }
    const note = rest.slice(mm === undefined ? 0 : 1).join(" ");
    lines.push({ line, code: code.toUpperCase(), sign, lengthMm: mm, note: note || undefined });
  }
  return { lines, bad };
}
