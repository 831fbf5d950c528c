import api, { keeper, ProblemError, told } from "./api/client";
import { dated, dayWords } from "./days";
import { say } from "./ui/messages";

const FRESH_MS = 5 * 60_000;

/** Something done here, with when and on which station; what is old or of another station is named before it goes. */
interface Last {
  id: number;
  at: number;
  station: string;
}

// Kept through a reload, but not longer than this tab.
const KEPT = "bay-lantern-last";
let last: Last | undefined = JSON.parse(sessionStorage.getItem(KEPT) ?? "null") ?? undefined;
let named: number | undefined;
let tail: Promise<unknown> = Promise.resolve();

/** Does what is asked in the order it was asked for: quick keys must not overtake each other on their way. */
export function inOrder<T>(work: () => Promise<T>): Promise<T> {
  const next = tail.then(work);
  tail = next.catch(() => undefined);
  return next;
}

function keep(act?: Last) {
  last = act;
  sessionStorage.setItem(KEPT, JSON.stringify(act ?? null));
}

const station = () => window.location.pathname.split("/")[1] ?? "";

/** Remembers what was done where the screen itself tells of it. */
export function doneQuietly(actId: number) {
  keep({ id: actId, at: Date.now(), station: station() });
  named = undefined;
}

/** Tells what was done and how to take it back. */
export function done(sentence: string, actId?: number) {
  if (actId) keep({ id: actId, at: Date.now(), station: station() });
  named = undefined;
  say(dated(sentence), actId ? { action: { words: "Take back", run: () => takeBack(actId) } } : {});
}

/** Tells what could not be done. */
export function failed(problem: unknown) {
  const sentence = problem instanceof Error ? problem.message : String(problem);
  say(dated(sentence), { trouble: true });
}

/** Takes back an act, or the newest one of whoever is at work on this device. */
export async function takeBack(actId?: number) {
  await inOrder(() => undoOne(actId));
}

async function undoOne(actId?: number): Promise<void> {
  try {
    const id = actId ?? (await newest());
    if (id === undefined) return;
    if (id < 0) return await undoKept(-id);
    const act = await told(api.POST("/api/acts/{id}/undo", { params: { path: { id } } }));
    forget();
    say(`Taken back: ${dated(act.sentence)}`);
  } catch (problem) {
    if (problem instanceof ProblemError && problem.status === 409) forget();
    failed(problem);
  }
}

// What waits on this device is simply not sent; what was sent since is taken back as what it has become.
async function undoKept(n: number): Promise<void> {
  const kept = await (await keeper()).takeBackKept(n);
  if (kept === "on its way")
    return say("It is just being sent. Once more, and it is taken back on the farm.", {
      trouble: true,
      action: { words: "Take back", run: () => takeBack(-n) },
    });
  if (kept && "actId" in kept) return undoOne(kept.actId);
  forget();
  if (kept) say(`Taken back: ${kept.words}`);
  else failed("It was let go already.");
}

function forget() {
  keep(undefined);
  named = undefined;
}

// What was just done here goes at once; else it is named first, and goes when it is asked for again.
async function newest(): Promise<number | undefined> {
  if (last && last.station === station() && Date.now() - last.at < FRESH_MS) return last.id;
  const acts = await told(api.GET("/api/acts", { params: { query: { own: true } } }));
  const act = acts[0];
  if (!act) {
    say("There is nothing to take back.");
    return undefined;
  }
  if (named === act.id) return act.id;
  named = act.id;
  say(
    `Last done: ${dated(act.sentence)}, ${dayWords(act.farmDay)} at ${hourWords(act.doneAt)}. U once more takes it back.`,
    {
      action: { words: "Take back", run: () => takeBack(act.id) },
    },
  );
  return undefined;
}

/** "10:32", the hour of a moment. */
export function hourWords(at: string): string {
  const moment = new Date(at);
  return `${moment.getHours()}:${String(moment.getMinutes()).padStart(2, "0")}`;
}
