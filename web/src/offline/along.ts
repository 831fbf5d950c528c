import { changedSince, type Schemas, step } from "../api/client";
import { BROKEN, clock, contact, tellsTime } from "./contact";
import { learnNames } from "./names";
import { type Answer, about, setAbout, store } from "./store";

/** What leads on from an answer: further answers to take along, and what its numbers are called. */
interface Leads {
  form: RegExp;
  on?: (body: never) => string[];
  names?: (body: never) => [string, string][];
}

const coded = (code: string) => encodeURIComponent(code);
const sheets = (stops: Schemas["care.Stop"][]) =>
  stops.flatMap(({ graft }) => [
    `/api/grafts/${coded(graft.code)}`,
    `/api/grafts/${coded(graft.code)}/pictures`,
    `/api/grafts/${coded(graft.code)}/waiting`,
    `/api/trees/${coded(graft.plantCode)}`,
  ]);
const grafts = (stops: Schemas["care.Stop"][]) =>
  stops.map(({ graft }): [string, string] => [`graft:${graft.id}`, graft.code]);

/** Where it begins: the farm, its rules, the day's walk, the buds, the shelf, the stocks, the day at the bench. */
const ROOTS = [
  "/api/farm",
  "/api/away",
  "/api/rules",
  "/api/season",
  "/api/season/visits",
  "/api/today",
  "/api/rounds",
  "/api/spots",
  "/api/varieties",
  "/api/grafts/habits",
  "/api/waiting",
  "/api/walks",
  "/api/flush",
  "/api/flush/look-next",
  "/api/windows/lamps",
  "/api/windows?slipping=false",
  "/api/graft-days",
  "/api/graft-days/passed",
  "/api/weather",
  "/api/lots",
  "/api/shoots",
  "/api/sources",
  "/api/stores",
  "/api/cleaning",
  "/api/wood-today",
  "/api/supply",
  "/api/stick-checks",
  "/api/plants",
  "/api/fit/stems",
  "/api/fit/hands",
  "/api/printer",
  "/api/bench-days",
];

const LEADS: Leads[] = [
  {
    form: /^\/api\/today$/,
    on: (today: Schemas["care.TodayView"]) => [
      ...today.places.map(({ spot }) => `/api/rounds?spotId=${spot.id}`),
      ...sheets(today.onTheirWay),
    ],
    names: (today: Schemas["care.TodayView"]) => grafts(today.onTheirWay),
  },
  {
    form: /^\/api\/rounds/,
    on: (round: Schemas["care.RoundView"]) => sheets([...round.stops, ...round.soon]),
    names: (round: Schemas["care.RoundView"]) => grafts([...round.stops, ...round.soon]),
  },
  {
    form: /^\/api\/flush$/,
    on: (flush: Schemas["season.Lanes"]) => flush.lanes.map(({ code }) => `/api/flush/plants/${coded(code)}`),
  },
  {
    form: /^\/api\/lots$/,
    on: (shelf: Schemas["wood.ShelfView"]) => [
      ...shelf.lots.map(({ code }) => `/api/lots/${coded(code)}`),
      ...new Set(
        shelf.lots.map(({ speciesKey }) => `/api/stick-checks/looks?speciesKey=${speciesKey}&cut=true`),
      ),
    ],
    names: (shelf: Schemas["wood.ShelfView"]) =>
      shelf.lots.flatMap(({ id, code, speciesKey }): [string, string][] => [
        [`lot:${id}`, code],
        [`species:lot:${id}`, speciesKey],
      ]),
  },
  {
    form: /^\/api\/sources$/,
    on: (sources: Schemas["lineage.SourceView"][]) => [
      ...new Set(
        sources
          .flatMap(({ speciesKey }) => speciesKey ?? [])
          .map((speciesKey) => `/api/stick-checks/looks?speciesKey=${speciesKey}&cut=false`),
      ),
    ],
  },
  {
    form: /^\/api\/plants$/,
    names: ({ plants }: { plants: { id: number; code: string; speciesKey: string }[] }) =>
      plants.flatMap(({ id, code, speciesKey }): [string, string][] => [
        [`plant:${id}`, code],
        [`species:plant:${id}`, speciesKey],
      ]),
  },
  {
    form: /^\/api\/grafts\/[^/]+\/pictures$/,
    on: ({ pictures }: Schemas["care.Pictures"]) =>
      pictures.map(({ id }) => `/api/pictures/${id}?small=true`),
  },
];

/** What of a person's own is taken along too: their graft day. */
const own = ({ today, who }: Schemas["frame.FarmView"]): string[] =>
  who && who.role !== "GUEST"
    ? [`/api/bench-days/${today}`, `/api/bench-days/${today}/ahead?personId=${who.personId}`]
    : [];

const MOST = 900;
/** So many are asked for at once: one line there and back for all of them. */
const TOGETHER = 40;
const SETTLED_MS = 12_000;
/** Where something changes all the time it is taken all the same. */
const LONGEST_MS = 60_000;
/** A line that went silent holds up nothing for longer. */
const PATIENCE_MS = 60_000;

let along = new Set<string>();
const stale = new Set<string>();
/** What each was read from. */
const readFrom = new Map<string, string | null>();
/** What changed while some were being read: nobody knows whether they were read before or after it. */
const underWay = new Set<(ReadonlySet<string> | undefined)[]>();
let timer: ReturnType<typeof setTimeout> | undefined;
let taking: Promise<void> = Promise.resolve();

/** Whether an answer is one that is taken along. */
export const isAlong = (path: string) => along.has(path);

export const readAlong = async () => {
  along = new Set((await about<string[]>("along")) ?? []);
};

/** Keeps an answer as it was read. */
export async function keep(answer: Answer) {
  readFrom.set(answer.path, answer.facts);
  await (await store()).put("answers", answer);
}

/** Watches what changes while something is read; tells at its end whether what was read from these facts still stands. */
export function watch() {
  const meanwhile: (ReadonlySet<string> | undefined)[] = [];
  underWay.add(meanwhile);
  return {
    stands: (facts: string | null) => !meanwhile.some((changed) => restsOn(facts, changed)),
    end: () => underWay.delete(meanwhile),
  };
}

const pictured = (path: string) => path.startsWith("/api/pictures/");

const asked = (path: string, units: Record<string, string>) =>
  fetch(path, { headers: units, signal: AbortSignal.timeout(PATIENCE_MS) });

// A picture is kept by the one who stands between this page and the line.
async function pictureTaken(path: string, units: Record<string, string>) {
  const response = await asked(path, units);
  tellsTime(response);
  await response.arrayBuffer();
}

/** Reads some anew, all of one moment of the farm. */
async function taken(paths: string[], units: Record<string, string>): Promise<Schemas["share.OneRead"][]> {
  const of = new URLSearchParams(paths.map((path) => ["of", path]));
  const response = await asked(`/api/along?${of}`, units);
  if (!response.ok) throw new Error(`taking along: ${response.status}`);
  tellsTime(response);
  return response.json();
}

/** What of these is kept as it still is, and the rest of them read anew and kept. */
async function had(paths: string[], units: Record<string, string>): Promise<Answer[]> {
  const made = await store();
  const held = await Promise.all(
    paths.map((path) => (stale.has(path) ? undefined : made.get("answers", path))),
  );
  const anew = paths.filter((_, i) => !held[i]);
  // What changes from here on makes it stale again.
  for (const path of anew) stale.delete(path);
  const meanwhile = watch();
  const settled = new Map<string, string>();
  const answers: Answer[] = [];
  try {
    const told = anew.length > 0 ? await taken(anew, units) : [];
    const at = Date.now() + clock.lead;
    const { store: kept, done } = made.transaction("answers", "readwrite");
    for (const { path, status, body, facts: of } of told) {
      const facts = of.join(" ");
      if (status === 200) answers.push({ path, at, body, facts });
      // What the farm has not any more is not held either; where it is out of order, what is held is better than nothing.
      else if (status < BROKEN) kept.delete(path);
      if (status < BROKEN) settled.set(path, facts);
    }
    for (const { path, facts } of answers) readFrom.set(path, facts);
    await Promise.all([...answers.map((answer) => kept.put(answer)), done]);
  } finally {
    meanwhile.end();
    for (const path of anew) {
      const facts = settled.get(path);
      if (facts === undefined || !meanwhile.stands(facts)) stale.add(path);
    }
  }
  return [...held.filter((answer) => answer !== undefined), ...answers];
}

/** Up to which change of the farm what is held stands, and in which units it was read. */
interface AsOf {
  mark: string;
  units: string;
}

const AS_OF = "asOf";
let caughtUp = false;

/** Once a page was opened, the farm is asked what changed since one last took along; where it cannot say, all may have. */
async function catchUp(units: string) {
  if (caughtUp) return;
  const asOf = await about<AsOf>(AS_OF);
  const { changed } = await changedSince(asOf?.units === units ? asOf.mark : "");
  for (const { path, facts } of await (await store()).getAll("answers"))
    if (!readFrom.has(path)) readFrom.set(path, facts);
  await grewStale(changed);
  // Who may do what is no fact.
  stale.add("/api/farm");
  caughtUp = true;
}

async function takeAll(units: () => Record<string, string>) {
  const readIn = JSON.stringify(units());
  await catchUp(readIn);
  const { mark } = step;
  const seen = new Set<string>();
  let waiting: string[] = [];
  const names: [string, string][] = [];
  const add = (paths: string[]) => {
    for (const path of paths)
      if (!seen.has(path) && seen.size < MOST) {
        seen.add(path);
        waiting.push(path);
      }
  };
  add(ROOTS);
  while (waiting.length > 0) {
    const now = waiting.slice(0, TOGETHER);
    waiting = waiting.slice(TOGETHER);
    for (const path of now.filter(pictured)) await pictureTaken(path, units());
    for (const { path, body } of await had(
      now.filter((path) => !pictured(path)),
      units(),
    )) {
      if (path === "/api/farm") add(own(await settle(body as Schemas["frame.FarmView"])));
      for (const lead of LEADS.filter(({ form }) => form.test(path))) {
        add(lead.on?.(body as never) ?? []);
        names.push(...(lead.names?.(body as never) ?? []));
      }
      if (/\/ahead\?/.test(path))
        for (const { facing } of body as Schemas["day.Ahead"][])
          names.push([`job:${facing.jobId}`, `${facing.varietyName} on ${facing.plantCode}`]);
    }
  }
  await learnNames(names);
  await drop(seen);
  if (![...seen].some((path) => stale.has(path)))
    await setAbout(AS_OF, { mark, units: readIn } satisfies AsOf);
}

/** Which farm it is, and who is at work. */
async function settle(farm: Schemas["frame.FarmView"]) {
  const before = (await about<{ mark: string }>("farm"))?.mark;
  // In another farm, or one gone back to a copy, nothing this device changed stands any more.
  if (before !== farm.mark) await setAbout("versions", {});
  await setAbout("farm", {
    mark: farm.mark,
    today: farm.today,
    demo: farm.demo,
    personId: farm.who?.personId,
    role: farm.who?.role,
  });
  return farm;
}

async function drop(seen: Set<string>) {
  along = seen;
  await setAbout("along", [...seen]);
  const made = await store();
  for (const path of await made.getAllKeys("answers"))
    if (!seen.has(path)) await made.delete("answers", path);
}

let waits: number | undefined;

/** Takes along what a day away from here needs, a little later; what changes meanwhile is taken after it. */
export function takeAlong(units: () => Record<string, string>, soon = SETTLED_MS) {
  clearTimeout(timer);
  waits ??= performance.now();
  timer = setTimeout(
    () => {
      waits = undefined;
      taking = taking
        .then(async () => {
          if (contact().lostAt) return;
          await takeAll(units);
          document.documentElement.dataset.along = `${along.size}`;
          // The line broke in the middle: what was read is kept, the rest is taken with contact.
        })
        .catch(() => {});
    },
    Math.min(soon, Math.max(0, waits + LONGEST_MS - performance.now())),
  );
}

/** Some facts changed: what rests on one of them is read anew; with none named, everything. */
export async function grewStale(changed?: ReadonlySet<string>) {
  for (const meanwhile of underWay) meanwhile.push(changed);
  // What is kept is not looked through for each change: a phone would do little else where many are at work.
  for (const [path, facts] of readFrom) if (restsOn(facts, changed)) stale.add(path);
  if (changed) return;
  const made = await store();
  // Also for who opens this page next: the farm cannot tell what it was that is not known here.
  await made.delete("about", AS_OF);
  for (const path of await made.getAllKeys("answers")) stale.add(path);
}

const restsOn = (facts: string | null, changed: ReadonlySet<string> | undefined) =>
  !changed || !facts || facts.split(" ").some((fact) => changed.has(fact));
