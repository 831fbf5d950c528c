import { type DBSchema, type IDBPDatabase, openDB } from "idb";

/** An answer of the farm as it was read, for when it cannot be asked. */
export interface Answer {
  path: string;
  /** When it was read, by this device's clock. */
  at: number;
  body: unknown;
  facts: string | null;
}

/** Why the farm did not take something: its own words, and the fields at fault. */
export interface Unfit {
  status: number;
  sentence: string;
  fields: string[];
}

/** Something done on this device that the farm has not answered yet. */
export interface Entry {
  /** Its place in the order in which things were done. */
  n: number;
  /** The name of its request: however often it is sent, it is done once. */
  request: string;
  method: string;
  path: string;
  body: string | Blob;
  type: string;
  heads: Record<string, string>;
  /** Whose farm, whose hand, which day of the farm. */
  farm: string;
  personId: number | undefined;
  day: string;
  /** When, by this device's clock, and by how much the farm's clock was ahead of that then, ms. */
  at: number;
  lead: number;
  /** What it concerns: what comes later of these waits for it. */
  on: string[];
  /** What was done, as it is told on this device. */
  words: string;
  /** True once it was sent, so that its content must not change any more. */
  sent: boolean;
  unfit?: Unfit;
}

interface Kept extends DBSchema {
  answers: { key: string; value: Answer };
  outbox: { key: number; value: Entry };
  about: { key: string; value: unknown };
}

const NAME = "bay-lantern";
let opening: Promise<IDBPDatabase<Kept>> | undefined;

/** The device's own store; it is there also where a page is not served as secure. */
export function store(): Promise<IDBPDatabase<Kept>> {
  opening ??= openDB<Kept>(NAME, 1, {
    upgrade(made) {
      made.createObjectStore("answers", { keyPath: "path" });
      made.createObjectStore("outbox", { keyPath: "n", autoIncrement: true });
      made.createObjectStore("about");
    },
  });
  return opening;
}

/** What is told about this device's keeping, under a name. */
export const about = async <T>(name: string) => (await (await store()).get("about", name)) as T | undefined;

export const setAbout = async (name: string, value: unknown) => {
  await (await store()).put("about", value, name);
};

/** Changes what is told under a name, in one go with reading it: two that change it at once both count. */
export async function amendAbout<T>(name: string, change: (told: T | undefined) => T) {
  const { store: told, done } = (await store()).transaction("about", "readwrite");
  await told.put(change((await told.get(name)) as T | undefined), name);
  await done;
}

/** Changes one that waits, in one go with reading it; answers how it stands then. What is gone stays gone. */
export async function amendEntry(n: number, change: (entry: Entry) => Entry): Promise<Entry | undefined> {
  const { store: waits, done } = (await store()).transaction("outbox", "readwrite");
  const entry = await waits.get(n);
  const amended = entry && change(entry);
  if (amended && amended !== entry) await waits.put(amended);
  await done;
  return amended;
}

/** Lets one go that was not sent; answers what was let go. */
export async function dropEntry(n: number): Promise<Entry | undefined> {
  const { store: waits, done } = (await store()).transaction("outbox", "readwrite");
  const entry = await waits.get(n);
  const goes = entry && !entry.sent;
  if (goes) await waits.delete(n);
  await done;
  return goes ? entry : undefined;
}

/** Everything read of the farm is forgotten; what was done and is not sent stays. */
export async function forgetAnswers() {
  const made = await store();
  const change = made.transaction(["answers", "about"], "readwrite");
  await Promise.all([
    change.objectStore("answers").clear(),
    change.objectStore("about").clear(),
    change.done,
  ]);
  if ("caches" in globalThis) await caches.delete("pictures");
}
