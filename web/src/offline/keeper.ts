import { onFacts, readAnew, whoChanged } from "../api/cache";
import { headings, ProblemError, type Schemas } from "../api/client";
import { seems } from "../share/seems";
import { grewStale, isAlong, keep, readAlong, takeAlong, watch } from "./along";
import { BROKEN, clock, contact, lost, reach, readLead, seek, stands, tellsTime } from "./contact";
import { farmDay, farmHere } from "./farm";
import { foundHere, handOf, judgedHere, meanwhile, speciesOf } from "./meanwhile";
import { readNames } from "./names";
import { add, ago, count, entries, flush, LATER_NAMED, pathOf } from "./outbox";
import { forgetAnswers, store } from "./store";
import { wayOf } from "./ways";

export { again, entries, letGo, takeBackKept } from "./outbox";

type Found = NonNullable<ReturnType<typeof wayOf>>;
type Send = (request: Request) => Promise<Response>;

const PATIENCE_MS = 10_000;
const LOOK_AGAIN_MS = 3_000;
const SEND_AGAIN_MS = 5_000;
seek.again = lookAgain;
if (!navigator.onLine) lost();
// A browser that keeps nothing, or will not here, works with contact as any other.
const ready = Promise.all([readLead(), readNames(), readAlong(), count()]).then(
  () => true,
  () => false,
);

const NO_CONTACT =
  "No contact with the farm, and this needs it. Looks, notes, grafts, wood and photos are kept here meanwhile.";

/** Asks the farm, or this device where there is no contact. */
export async function ask(request: Request, send: Send): Promise<Response> {
  if (!(await ready)) return send(request);
  const { pathname, search } = new URL(request.url);
  if (request.method === "GET") return read(request, pathname + search, send);
  const way = wayOf(request.method, pathname);
  // Who looks on changes nothing, later neither.
  if (way && (await farmHere()).role !== "GUEST") return doneOrSent(request, pathname + search, way, send);
  const reckoned = await reckonedHere(request.clone(), pathname);
  try {
    if (reckoned && contact().lostAt) return json(reckoned());
    return await inContact(send(request));
  } catch (problem) {
    lost();
    if (reckoned) return json(reckoned());
    throw problem instanceof TypeError ? new ProblemError({ detail: NO_CONTACT }, 0) : problem;
  }
}

async function read(request: Request, path: string, send: Send): Promise<Response> {
  const held = isAlong(path) ? await (await store()).get("answers", path) : undefined;
  const here = async () => {
    if (held) return json(meanwhile(path, held.body, await entries()), held.facts);
    if (path.startsWith("/api/grafts/find?"))
      return json(foundHere(new URLSearchParams(path.split("?")[1]).get("q") ?? ""));
    return undefined;
  };
  const waits = contact().lostAt ? await here() : undefined;
  if (waits) return waits;
  const watched = watch();
  try {
    // With something to show, or while there is no contact, one try is enough.
    const response = await inContact(
      held ? within(fetch(request)) : contact().lostAt ? fetch(request) : send(request),
    );
    if (response.ok && isAlong(path)) keepRead(path, response.clone(), watched);
    else watched.end();
    return response;
  } catch {
    watched.end();
    lost();
    const kept = await here();
    if (kept) return kept;
    throw new ProblemError(
      {
        detail:
          "No contact with the farm, and this was not taken along. Today, Flush, Wood, Rounds and Trees are here.",
      },
      0,
    );
  }
}

// What comes after a change that it rests on, and was perhaps read before it, is asked for again by whoever shows it.
async function keepRead(path: string, response: Response, watched = watch()) {
  try {
    const body: unknown = await response.json();
    const facts = response.headers.get("Lantern-Facts");
    if (watched.stands(facts)) await keep({ path, at: Date.now() + clock.lead, body, facts });
  } finally {
    watched.end();
  }
}

// What is on this device is better than a line on which nothing comes.
const within = (answer: Promise<Response>) =>
  Promise.race([
    answer,
    new Promise<never>((_, reject) => setTimeout(() => reject(new TypeError("slow")), PATIENCE_MS)),
  ]);

async function inContact(answer: Promise<Response>): Promise<Response> {
  const response = await answer;
  tellsTime(response);
  if (contact().lostAt && response.status < BROKEN) back();
  return response;
}

const json = (body: unknown, facts?: string | null) =>
  new Response(JSON.stringify(body), {
    headers: { "Content-Type": "application/json", ...(facts == null ? {} : { "Lantern-Facts": facts }) },
  });

// Where this device has no room for it, it goes straight to the farm, or is told.
async function doneOrSent(request: Request, path: string, way: Found, send: Send): Promise<Response> {
  const whole = request.clone();
  try {
    return await done(request, path, way);
  } catch {
    if (!contact().lostAt) return inContact(send(whole));
    throw new ProblemError(
      { detail: "This device has no room to keep it. Write it down until you are back." },
      0,
    );
  }
}

/** What may be done anywhere: written down here first, then sent in its turn. */
async function done(request: Request, path: string, { way, at }: Found) {
  const farm = await farmHere();
  const type = request.headers.get("Content-Type") ?? "";
  const written = type.includes("json");
  const body = written ? await request.text() : await request.blob();
  const told = (written && body ? JSON.parse(body as string) : {}) as never;
  const words = way.words(at, told);
  const { n, answer } = await add(
    {
      request: request.headers.get("Lantern-Request") ?? "",
      method: request.method,
      path,
      body,
      type,
      heads: { "Lantern-Units": request.headers.get("Lantern-Units") ?? "" },
      farm: farm.mark,
      personId: farm.personId,
      day: await farmDay(),
      at: Date.now(),
      lead: clock.lead,
      on: way.on(at, told),
      words,
      sent: false,
    },
    !contact().lostAt,
  );
  return (await answer) ?? json(way.answer(told, `${words}; kept on this ${seems()}`, -n));
}

/** What this device can reckon itself from what it took along. */
async function reckonedHere(request: Request, pathname: string): Promise<(() => unknown) | undefined> {
  const day = /^\/api\/bench-days\/([^/]+)\/at-hand$/.exec(pathname)?.[1];
  const held = async (path: string) => (await (await store()).get("answers", path))?.body;
  if (day) {
    const { personId } = await request.json();
    const ahead = await held(`/api/bench-days/${day}/ahead?personId=${personId}`);
    const view = await held(`/api/bench-days/${day}`);
    const done = (await entries()).filter(({ unfit }) => !unfit);
    return ahead && view
      ? () => handOf(view as Schemas["day.DayView"], ahead as Schemas["day.Ahead"][], done)
      : undefined;
  }
  if (pathname === "/api/stick-checks/judge") {
    const entry: Schemas["wood.CheckEntry"] = await request.json();
    const looks = await held(
      `/api/stick-checks/looks?speciesKey=${speciesOf(entry)}&cut=${entry.lotId !== undefined}`,
    );
    const shelf = (await held("/api/lots")) as Schemas["wood.ShelfView"] | undefined;
    const sources = (await held("/api/sources")) as Schemas["lineage.SourceView"][] | undefined;
    const refusal = entry.lotId
      ? shelf?.lots.find(({ id }) => id === entry.lotId)?.refusal
      : sourceRefusal(sources?.find(({ plantId }) => plantId === entry.plantId)?.heldWords);
    return looks ? () => ({ ...judgedHere(looks as Schemas["wood.StickTable"], entry), refusal }) : undefined;
  }
  return undefined;
}

const sourceRefusal = (heldWords?: string) => heldWords && `Held: ${heldWords}.`;

let next: ReturnType<typeof setTimeout> | undefined;

async function lookAgain() {
  clearTimeout(next);
  if (!contact().lostAt) return;
  try {
    const response = await reach(heads());
    if (response.ok) await keepRead("/api/farm", response);
    else whoChanged();
    await back();
  } catch {
    clearTimeout(next);
    next = setTimeout(lookAgain, LOOK_AGAIN_MS);
  }
}

/** There is contact again: what waited is sent, then what is shown is read anew, and what changed meanwhile is taken along. */
async function back() {
  stands({ lostAt: 0 });
  await flush();
  takeAlong(heads);
  await readAnew();
}

let heads: () => Record<string, string> = () => ({});

/** Begins to keep, once somebody is signed in. */
export async function begin(units: () => Record<string, string>) {
  heads = units;
  if (!(await ready)) return;
  onFacts(async (changed) => {
    await grewStale(changed);
    takeAlong(heads);
  });
  for (const event of ["online", "offline", "focus"]) addEventListener(event, look);
  setInterval(look, SEND_AGAIN_MS);
  takeAlong(heads, 500);
  await flush();
}

function look() {
  if (!navigator.onLine) lost();
  else if (contact().lostAt) lookAgain();
  else if (contact().kept > contact().unfit) flush();
}

/** Takes over what a device left behind; answers whether the farm took it as it was. */
export async function adopt(left: Schemas["share.Left"]): Promise<boolean> {
  await ready;
  const [method, path] = left.way.split(" ");
  const found = wayOf(method, pathOf(path));
  // Its numbers are those of the device it was done on; what it tells more of has to be known here first.
  if (!found || LATER_NAMED.test(path))
    throw new ProblemError(
      { detail: "This cannot be written from here: tell it on the graft’s own sheet." },
      0,
    );
  const { personId } = await farmHere();
  const { n } = await add(
    {
      request: left.request,
      method,
      path,
      body: left.body,
      type: "application/json",
      heads: headings("GET"),
      farm: left.farm,
      personId,
      day: left.doneOn,
      at: Date.parse(left.doneAt) - clock.lead,
      lead: clock.lead,
      on: found.way.on(found.at, JSON.parse(left.body) as never),
      words: `${left.words} (${left.personName} on ${left.device})`,
      sent: false,
    },
    false,
  );
  await flush();
  return !(await entries()).some((entry) => entry.n === n);
}

/** Signed out here, or taken away: what was done is handed in for an owner to decide on, all else is forgotten. */
export async function leave(): Promise<number> {
  await forgetAnswers();
  for (const entry of await entries()) {
    if (entry.body instanceof Blob) continue;
    const kept = { request: entry.request, farm: entry.farm, day: entry.day, ago: ago(entry) };
    const words = entry.words.slice(0, 400);
    const body = JSON.stringify({ ...kept, words, way: `${entry.method} ${entry.path}`, body: entry.body });
    const headers = { "Content-Type": "application/json" };
    const response = await fetch("/api/share/left", { method: "POST", headers, body }).catch(() => undefined);
    if (response?.ok) await (await store()).delete("outbox", entry.n);
  }
  await count();
  return contact().kept;
}
