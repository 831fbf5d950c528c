import type { Schemas } from "../api/client";
import { SIGNS, type Sign } from "../drawings/signs";
import type { Trace } from "./answer";

type State = Schemas["bench.Graft"]["state"];

/** One answer with its key: a sign, and what is found with it. */
export interface Key {
  key: string;
  letter: string;
  words: string;
  sign: Sign;
  found?: Trace[];
}

/** What a graft shows that stands as it stood. */
const AS_BEFORE: Partial<Record<State, Sign>> = {
  ALIVE: "GREEN",
  PUSHED: "PUSHED",
  LEAFED: "LEAFED",
  FIRM: "FIRM",
  SECOND_FLUSH: "SECOND_FLUSH",
  ESTABLISHED: "SECOND_FLUSH",
};
export const asBefore = (state: State): Sign => AS_BEFORE[state] ?? "NOTHING";

const LIKELY: Partial<Record<State, Sign[]>> = {
  PUSHED: ["PUSHED", "LEAFED", "DEAD"],
  LEAFED: ["LEAFED", "FIRM", "DEAD"],
  FIRM: ["FIRM", "SECOND_FLUSH", "DEAD"],
  SECOND_FLUSH: ["SECOND_FLUSH", "PLANTED_OUT", "DEAD"],
  ESTABLISHED: ["SECOND_FLUSH", "PLANTED_OUT", "DEAD"],
};
const SILENT: Sign[] = ["GREEN", "SWELLING", "PUSHED", "LEAFED", "NOTHING", "DEAD"];

const WORDS: Partial<Record<Sign, string>> = {
  FIRM: "firm flush",
  PLANTED_OUT: "planted",
  GIVEN_UP: "given up",
};

export const keyOf = (sign: Sign): Key => ({
  key: SIGNS[sign].letter.toLowerCase(),
  letter: SIGNS[sign].letter,
  words: WORDS[sign] ?? SIGNS[sign].words,
  sign,
});

// These say nothing of how the scion stands.
const ASIDE: Trace[] = ["TWIG_LIMP", "TORN", "SHOOTS_MANY"];

// What is found says how it stands as well: alive at least, unless it is beside the scion.
const found = (letter: string, words: string, trace: Trace, state: State): Key => ({
  key: letter.toLowerCase(),
  letter,
  words,
  sign: asBefore(state) === "NOTHING" && !ASIDE.includes(trace) ? "GREEN" : asBefore(state),
  found: [trace],
});

const DUE: Record<string, (state: State) => Key[]> = {
  ISOLATE: () => [keyOf("APART")],
  UNION_CHECK: (state) => [found("V", "callus all round", "CALLUS", state)],
  TWIG_TEST: (state) => [
    found("X", "scion fresh, twig limp", "TWIG_FRESH", state),
    found("Z", "scion limp too", "TWIG_LIMP", state),
  ],
  SEVER: (state) => [found("T", "severed", "SEVERED", state)],
  PLANT_OUT: () => [keyOf("PLANTED_OUT")],
};

/** The keys of a graft: what is due stands first, then what is likely; the rare ones behind one. */
export function keysFor(state: State, kinds: string[], giveUp: boolean): { first: Key[]; rare: Key[] } {
  const due = kinds.flatMap((kind) => DUE[kind]?.(state) ?? []);
  // Of one that is a tree now nothing is likely; what is told of it corrects an earlier answer.
  const likely = state === "PLANTED_OUT" ? [] : (LIKELY[state] ?? SILENT).map(keyOf);
  const first = [
    ...due,
    ...(giveUp ? [keyOf("GIVEN_UP")] : []),
    ...(LIKELY[state]
      ? [{ ...keyOf(asBefore(state)), key: "=", letter: "=", words: "done, as before" }]
      : []),
    ...likely,
    ...(kinds.includes("SWEEP") ? [found("M", "a flood of shoots", "SHOOTS_MANY", state)] : []),
  ].filter((key, i, all) => all.findIndex((other) => other.letter === key.letter) === i);
  const shown = new Set(first.map((key) => key.letter));
  const rare = [
    ...(Object.keys(SIGNS) as Sign[]).filter((sign) => sign !== "APART").map(keyOf),
    found("J", "half torn", "TORN", state),
  ].filter((key) => !shown.has(key.letter));
  return { first, rare };
}
