import type { Schemas } from "../api/client";
import { called, nameOf } from "./names";
import type { Entry } from "./store";

type Round = Schemas["care.RoundView"];
type Today = Schemas["care.TodayView"];
type Sheet = Schemas["care.Sheet"];

const looked = (entries: Entry[]) =>
  new Set(entries.filter(({ path }) => path === "/api/looks").flatMap(({ on }) => on));

function ofRound(round: Round, seen: Set<string>): Round {
  const stops = round.stops.filter(({ graft }) => !seen.has(graft.code));
  return { ...round, stops, due: Math.max(0, round.due - (round.stops.length - stops.length)) };
}

function ofToday(today: Today, seen: Set<string>): Today {
  const places = today.places
    .map((place) => {
      const errands = place.errands
        .map((errand) => ({
          ...errand,
          codes: errand.codes.filter((code) => !seen.has(code)),
          had: errand.codes,
        }))
        .filter(({ codes }) => codes.length > 0)
        .map(({ had, ...errand }) => ({
          ...errand,
          grafts: errand.grafts - (had.length - errand.codes.length),
        }));
      const answered = place.errands.flatMap(({ codes }) => codes).filter((code) => seen.has(code)).length;
      return { ...place, errands, due: place.due - answered, answered };
    })
    .filter(({ due }) => due > 0);
  const answered = today.due - places.reduce((sum, { due }) => sum + due, 0);
  return { ...today, places, due: today.due - Math.max(0, answered) };
}

const ofSheet = (sheet: Sheet, notes: string): Sheet => ({
  ...sheet,
  stop: { ...sheet.stop, graft: { ...sheet.stop.graft, notes } },
});

/** An answer as it was read, without what was answered on this device since. */
export function meanwhile(path: string, body: unknown, entries: Entry[]): unknown {
  const waiting = entries.filter(({ unfit }) => !unfit);
  if (path.startsWith("/api/rounds")) return ofRound(body as Round, looked(waiting));
  if (path === "/api/today") return ofToday(body as Today, looked(waiting));
  const told = waiting.filter((entry) => entry.path === `${path}/notes`).at(-1);
  if (told) return ofSheet(body as Sheet, JSON.parse(String(told.body)).notes);
  return body;
}

type Ahead = Schemas["day.Ahead"];
type Hand = Schemas["day.HandView"];
type Day = Schemas["day.DayView"];

const jobOf = ({ path }: Entry) => Number(/\/jobs\/(\d+)\//.exec(path)?.[1] ?? 0);
const endsWith = (entries: Entry[], end: string) =>
  entries.filter(({ path }) => path.endsWith(end)).map(jobOf);

/** The graft at hand where the farm cannot be asked: the first of those ahead that is not done here. */
export function handOf({ day, progress }: Day, ahead: Ahead[], entries: Entry[]): Hand {
  const made = new Set(endsWith(entries, "/made"));
  const out = new Set(endsWith(entries, "/refusal"));
  const later = endsWith(entries, "/later");
  const open = ahead.filter(({ facing }) => !made.has(facing.jobId) && !out.has(facing.jobId));
  const put = later.flatMap((id) => open.filter(({ facing }) => facing.jobId === id));
  const list = [...open.filter((one) => !put.includes(one)), ...new Set(put)];
  const [first, second] = list;
  return {
    day,
    clean: first ? cleanBefore(first, ahead, entries) : undefined,
    facing: first?.facing,
    next: second?.facing,
    progress: {
      begun: true,
      made: progress.made + made.size,
      open: Math.max(list.length, progress.open - made.size - out.size),
      refused: progress.refused + out.size,
    },
    turns: ahead.map(({ facing }) => ({
      jobId: facing.jobId,
      block: facing.spotName,
      plantCode: facing.plantCode,
      varietyName: facing.varietyName,
      state: made.has(facing.jobId) ? "MADE" : out.has(facing.jobId) ? "LEFT_OUT" : "OPEN",
    })),
  };
}

// The farm says why a blade is cleaned as long as its own order is kept. Out of that order nobody knows what the blade
// cut last, unless it was cut here: then it is cleaned.
function cleanBefore(first: Ahead, ahead: Ahead[], entries: Entry[]): Hand["clean"] {
  const last = entries.filter(({ path }) => path.endsWith("/made")).at(-1);
  const cleaned = entries.some(({ n, path }) => path === "/api/cleaning" && n > (last?.n ?? 0));
  if (cleaned) return undefined;
  const before = last && ahead.find(({ facing }) => facing.jobId === jobOf(last));
  const follows = before ? ahead[ahead.indexOf(before) + 1] : ahead[0];
  if (follows === first) return first.clean;
  if (!before) return ahead[0].clean ?? "NEW_TREE";
  if (before.host !== first.host) return "NEW_TREE";
  return before.facing.lotId === first.facing.lotId ? undefined : "NEW_LOT";
}

/** What is called so, of what is on this device. */
export const foundHere = (text: string): Schemas["bench.Found"][] =>
  called(text).map(({ kind, code, whole }) => ({
    kind,
    code,
    whole,
    words: "as it was when there was contact",
  }));

type Lone = Schemas["wood.Lone"];
const GRADES = ["A", "B", "C", "X"] as const;
const rank = ({ grade }: { grade: (typeof GRADES)[number] }) => GRADES.indexOf(grade);

const meets = ({ look, state, from = 0, until = 0 }: Lone, entry: Schemas["wood.CheckEntry"]) =>
  state === undefined
    ? from <= entry.measures[look] && entry.measures[look] < until
    : entry.states[look] === state;

/** A stick as good as its worst look, and a last resort where many small faults add up: just as the farm grades it. */
export function judgedHere(
  { lastResort, alone }: Schemas["wood.StickTable"],
  entry: Schemas["wood.CheckEntry"],
): Schemas["wood.Checked"] {
  const met = alone.filter((one) => meets(one, entry));
  const score = Math.max(0, 1 - met.reduce((faults, { grade }) => faults + 1 - grade.score, 0));
  const worst = Math.max(0, ...met.map(({ grade }) => rank(grade)), score < lastResort ? 2 : 0);
  // A stick that is left alone is not worked on.
  const acting = GRADES[worst] === "X" ? met.filter(({ grade }) => rank(grade) === worst) : met;
  const [ready] = met.filter(({ grade }) => grade.readyTo).sort((a, b) => late(b) - late(a));
  return {
    grade: {
      grade: GRADES[worst],
      score,
      actions: [...new Set(acting.flatMap(({ grade }) => grade.actions))],
      readyFrom: ready?.grade.readyFrom,
      readyTo: ready?.grade.readyTo,
      reasons: met
        .flatMap(({ grade, look, state }) =>
          grade.reasons.map((reason) =>
            state ? reason : { ...reason, found: String(entry.measures[look]) },
          ),
        )
        .sort((a, b) => rank(b) - rank(a)),
    },
  };
}

const late = ({ grade }: Lone) => Date.parse(grade.readyTo ?? "");

export const speciesOf = (entry: Schemas["wood.CheckEntry"]) =>
  entry.lotId ? nameOf(`species:lot:${entry.lotId}`) : nameOf(`species:plant:${entry.plantId}`);
