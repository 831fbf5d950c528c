import { factsChanged, queryClient, whoChanged } from "../api/cache";
import { requestId } from "../api/client";
import { clock, contact, lost, reach, stands, tellsTime } from "./contact";
import { farmHere } from "./farm";
import { about, amendAbout, amendEntry, dropEntry, type Entry, store, type Unfit } from "./store";
import { type Versions, wayOf } from "./ways";

const ONE_SENDS = "bay-lantern-sends";
const PATIENCE_MS = 20_000;
const PICTURE_PATIENCE_MS = 120_000;
/** A clock that went otherwise than the farm's by more was set: it cannot tell any more how long ago something was. */
const SET_MS = 10 * 60_000;
const SIGNED_OUT = 401;
const CONFLICT = 409;
const LATER = [429, 502, 503, 504];

/** What came of sending one: the farm's answer, or nothing yet. */
type Outcome = Response | undefined;
const waiters = new Map<number, (outcome: Outcome) => void>();
const channel = new BroadcastChannel("bay-lantern-outbox");
channel.onmessage = () => count();

/** Everything done here that the farm has not taken, in the order in which it was done. */
export const entries = async () => (await store()).getAll("outbox");

/** How many these are is told wherever it is shown; what somebody still waits for at the screen is under way, not kept. */
export async function count() {
  const all = (await entries()).filter(({ n }) => !waiters.has(n));
  stands({ kept: all.length, unfit: all.filter(({ unfit }) => unfit).length, turn: contact().turn + 1 });
}

async function changed() {
  await count();
  // Without contact what is shown comes from here.
  if (contact().lostAt) queryClient.invalidateQueries();
  channel.postMessage("");
}

/**
 * Writes it down on this device so that it outlives a dead battery; answers its place. Where somebody waits for it, it is sent at
 * once, and comes with the farm's answer: undefined where it has to wait for its turn after all.
 */
export async function add(entry: Omit<Entry, "n">, waits: boolean) {
  const made = await store();
  const change = made.transaction("outbox", "readwrite", { durability: "strict" });
  const n = await change.store.add(entry as Entry);
  // What is told of it later, such as what was found, names it by the act that is to come.
  await change.store.put({ ...entry, n, on: [...entry.on, `act:${-n}`] });
  await change.done;
  const answer = waits ? new Promise<Outcome>((resolve) => waiters.set(n, resolve)) : undefined;
  await changed();
  if (waits) flush();
  return { n, answer };
}

async function amend(n: number, change: (entry: Entry) => Entry) {
  const entry = await amendEntry(n, change);
  await changed();
  return entry;
}

async function gone(n: number) {
  await (await store()).delete("outbox", n);
  await changed();
}

function tell(n: number, outcome: Outcome) {
  const waiter = waiters.get(n);
  waiters.delete(n);
  waiter?.(outcome);
  if (waiter && !outcome) changed();
}

let running: Promise<void> | undefined;
let wanted = false;

/** Sends what waits, one after the other, from one page of this browser at a time; once more where more came meanwhile. */
export function flush(): Promise<void> {
  wanted = true;
  running ??= sendWhileWanted();
  return running;
}

async function sendWhileWanted() {
  try {
    while (wanted) {
      wanted = false;
      await alone(sendAll);
    }
  } finally {
    running = undefined;
  }
}

async function alone(work: () => Promise<void>): Promise<void> {
  if (navigator.locks) await navigator.locks.request(ONE_SENDS, work);
  else await work();
}

async function sendAll() {
  const stuck = new Set<string>();
  let last = 0;
  let waited: number[];
  let hour = false;
  for (;;) {
    waited = [...waiters.keys()];
    const all = await entries();
    for (const { on, unfit } of all) if (unfit) for (const one of on) stuck.add(one);
    const next = all.find(({ n, unfit, on }) => n > last && !unfit && !on.some((one) => stuck.has(one)));
    if (!next) break;
    last = next.n;
    // The clock of this device may have been set since the farm last told the hour.
    if (!hour && !waiters.has(next.n)) {
      hour = await asksHour();
      if (!hour) break;
    }
    if (!(await sendOne(next))) break;
  }
  // Kept, or sent from another page meanwhile; what came in since is for the next time.
  for (const n of waited) tell(n, undefined);
}

const asksHour = () =>
  reach().then(
    () => true,
    () => {
      lost();
      return false;
    },
  );

async function sendOne(entry: Entry): Promise<boolean> {
  const doubt = await doubtful(entry);
  if (doubt) {
    await unfit(entry, doubt);
    return true;
  }
  const ready = entry.sent ? entry : await upToDate(entry);
  if (!ready) return true;
  let response: Response;
  try {
    const patience = ready.body instanceof Blob ? PICTURE_PATIENCE_MS : PATIENCE_MS;
    response = await fetch(ready.path, {
      method: ready.method,
      headers: {
        ...ready.heads,
        ...since(ready),
        "Content-Type": ready.type,
        "Lantern-Request": ready.request,
      },
      body: ready.body,
      signal: AbortSignal.timeout(patience),
    });
  } catch {
    lost();
    return false;
  }
  return answered(ready, response);
}

async function answered(entry: Entry, response: Response): Promise<boolean> {
  tellsTime(response);
  if (response.status === SIGNED_OUT) {
    whoChanged();
    return false;
  }
  if (LATER.includes(response.status)) {
    lost();
    return false;
  }
  if (response.ok) {
    await learn(
      entry,
      await response
        .clone()
        .json()
        .catch(() => ({})),
    );
    await gone(entry.n);
    // Whoever still waits for the answer hears of it there.
    const facts = waiters.has(entry.n) ? null : response.headers.get("Lantern-Changed");
    if (facts) factsChanged(new Set(facts.split(" ")));
  } else if (waiters.has(entry.n)) {
    // Whoever did it is still looking at it, and is told there.
    await gone(entry.n);
  } else {
    const told = await response.json().catch(() => ({}));
    const fields = (told.fields ?? []).map(({ field }: { field: string }) => field);
    await unfit(entry, {
      status: response.status,
      sentence: told.detail ?? "The farm did not take it.",
      fields,
    });
  }
  tell(entry.n, response);
  return true;
}

const unfit = ({ n }: Entry, why: Unfit) => amend(n, (entry) => ({ ...entry, unfit: why, sent: false }));

// Done by another, or at a time nobody can tell any more: a person decides.
async function doubtful(entry: Entry): Promise<Unfit | undefined> {
  if (waiters.has(entry.n)) return undefined;
  const { personId } = await farmHere();
  if (entry.personId !== personId)
    return {
      status: CONFLICT,
      sentence: "Somebody else was signed in on this device then.",
      fields: ["personId"],
    };
  if (Math.abs(clock.lead - entry.lead) > SET_MS)
    return {
      status: CONFLICT,
      sentence: "The clock of this device was set meanwhile. Say which day it was.",
      fields: ["seenOn"],
    };
  return undefined;
}

/** How long ago it was done, s. */
export const ago = ({ at, lead }: Entry) =>
  Math.max(0, Math.round((Date.now() + clock.lead - at - lead) / 1000));

/** When it was done, for what is not done just now. */
const since = (entry: Entry): Record<string, string> =>
  waiters.has(entry.n)
    ? {}
    : { "Lantern-Farm": entry.farm, "Lantern-Day": entry.day, "Lantern-Ago": String(ago(entry)) };

// What this device itself changed since it was done is no quarrel. From the first sending on it stays as it is. Taken back
// meanwhile, it is not sent.
async function upToDate(entry: Entry): Promise<Entry | undefined> {
  const ready: Partial<Entry> = { sent: true };
  const acts = (await about<Record<string, number>>("acts")) ?? {};
  const named = LATER_NAMED.exec(entry.path);
  if (named) {
    const act = acts[named[1]];
    if (!act) {
      const sentence = "It tells more of something that was let go here.";
      await unfit(entry, { status: CONFLICT, sentence, fields: [] });
      return undefined;
    }
    ready.path = entry.path.replace(named[0], `/${act}/`);
  }
  const found = wayOf(entry.method, pathOf(entry.path));
  if (found?.way.after && typeof entry.body === "string") {
    const versions = (await about<Versions>("versions")) ?? {};
    ready.body = JSON.stringify(found.way.after(found.at, JSON.parse(entry.body) as never, versions));
  }
  const claimed = await amend(entry.n, (now) => (now.unfit ? now : { ...now, ...ready }));
  return claimed?.sent ? claimed : undefined;
}

async function learn(entry: Entry, answer: { actId?: number }) {
  const found = wayOf(entry.method, pathOf(entry.path));
  const versions = found?.way.changed?.(answer as never);
  if (versions) await learnVersions(versions);
  const { actId } = answer;
  if (actId) await amendAbout<Record<string, number>>("acts", (acts) => ({ ...acts, [entry.n]: actId }));
}

/** Remembers where grafts stand now by this device's own doing, or by what it was shown. */
export const learnVersions = (more: Versions) =>
  amendAbout<Versions>("versions", (versions) => ({ ...versions, ...more }));

/** What tells more of something that has no number at the farm yet. */
export const LATER_NAMED = /\/-(\d+)\//;

export const pathOf = (path: string) => path.split("?")[0];

/** What came of taking back something kept here: it is gone, the farm has it as an act, or it is just being sent. */
type TakenBack = { words: string } | { actId: number } | "on its way" | undefined;

/** Takes back what is kept here under a number; nothing where it was let go already. */
export async function takeBackKept(n: number): Promise<TakenBack> {
  const words = await letGo(n);
  if (words) return { words };
  if ((await entries()).some((entry) => entry.n === n)) return "on its way";
  const actId = (await about<Record<string, number>>("acts"))?.[n];
  return actId ? { actId } : undefined;
}

/** It is not to be done after all; answers what it was, nothing where it is on its way already. */
export async function letGo(n: number): Promise<string | undefined> {
  const entry = await dropEntry(n);
  await changed();
  return entry?.words;
}

/** Sends one again, otherwise: a new request, since it is no longer what was asked. */
export async function again({ n }: Entry, change: Partial<Entry>) {
  const anew = { lead: clock.lead, ...change, request: requestId(), sent: false, unfit: undefined };
  await amend(n, (entry) => (entry.unfit ? { ...entry, ...anew } : entry));
  await flush();
}
