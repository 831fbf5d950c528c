import api, { ProblemError, told } from "./api/client";
import { dated } from "./days";
import { say } from "./ui/messages";

let lastAct: number | undefined;
let tail: Promise<unknown> = Promise.resolve();

/** Does what is asked in the order it was asked for: quick keys must not overtake each other on their way. */
export function inOrder<T>(work: () => Promise<T>): Promise<T> {
  const next = tail.then(work);
  tail = next.catch(() => undefined);
  return next;
}

/** Tells what was done and how to take it back. */
export function done(sentence: string, actId?: number) {
  lastAct = actId ?? lastAct;
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

async function undoOne(actId?: number) {
  try {
    const id =
      actId ?? lastAct ?? (await told(api.GET("/api/acts", { params: { query: { own: true } } })))[0]?.id;
    if (id === undefined) {
      say("There is nothing to take back.");
      return;
    }
    const act = await told(api.POST("/api/acts/{id}/undo", { params: { path: { id } } }));
    lastAct = undefined;
    say(`Taken back: ${dated(act.sentence)}`);
  } catch (problem) {
    if (problem instanceof ProblemError && problem.status === 409) lastAct = undefined;
    failed(problem);
  }
}
