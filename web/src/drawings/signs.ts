import type { Schemas } from "../api/client";

export type Sign = Schemas["care.Past"]["sign"];

interface Look {
  letter: string;
  words: string;
  fill: string;
  ink: string;
}

/** How each sign is drawn: stage colours with a letter, so that nothing rests on colour alone. */
export const SIGNS: Record<Sign, Look> = {
  NOTHING: { letter: "N", words: "nothing yet", fill: "var(--surface)", ink: "var(--ink)" },
  GREEN: { letter: "G", words: "green", fill: "var(--leaf)", ink: "var(--onsea)" },
  SWELLING: { letter: "S", words: "swelling", fill: "var(--stage-S)", ink: "var(--onsea)" },
  PUSHED: { letter: "P", words: "pushed", fill: "var(--stage-P)", ink: "var(--onsea)" },
  LEAFED: { letter: "L", words: "leafed", fill: "var(--stage-F)", ink: "var(--onsea)" },
  FIRM: { letter: "H", words: "first flush firm", fill: "var(--stage-H)", ink: "#12262b" },
  SECOND_FLUSH: { letter: "W", words: "second wave", fill: "var(--stage-M)", ink: "var(--onsea)" },
  PLANTED_OUT: { letter: "O", words: "planted out", fill: "var(--sea)", ink: "var(--onsea)" },
  APART: { letter: "I", words: "set apart", fill: "var(--alarm)", ink: "var(--onsea)" },
  DEAD: { letter: "D", words: "dead", fill: "var(--ink)", ink: "var(--ground)" },
  GIVEN_UP: {
    letter: "B",
    words: "given up, stock back to the bench",
    fill: "var(--soft)",
    ink: "var(--ground)",
  },
  MISSING: { letter: "E", words: "missing", fill: "var(--stage-R)", ink: "var(--onsea)" },
};

// Missing is written E, an empty place: M is the mature bud everywhere else. Its own first letter answers too.
const ALSO: Partial<Record<Sign, string>> = { MISSING: "m" };

/** The keys that answer with a sign. */
export const keysOfSign = (sign: Sign): string[] => [
  SIGNS[sign].letter.toLowerCase(),
  ...(ALSO[sign] ? [ALSO[sign]] : []),
];

/** The seven answers of every round, then the three that come later in life. */
export const FIRST_SIGNS: Sign[] = ["GREEN", "SWELLING", "PUSHED", "LEAFED", "NOTHING", "DEAD", "MISSING"];
export const LATER_SIGNS: Sign[] = ["FIRM", "SECOND_FLUSH", "PLANTED_OUT"];

export const PACE_WORDS: Record<Schemas["care.LifeLine"]["pace"], string> = {
  AHEAD: "ahead",
  ON_TIME: "on time",
  BEHIND: "behind",
  ENDED: "ended",
};
