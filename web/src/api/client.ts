import createClient, { type Middleware } from "openapi-fetch";
import { chosen, unitWords, whenChosen } from "../units";
import { allChanged, factsChanged, noteFacts, readAnew, whoChanged } from "./cache";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

const FACTS = "Lantern-Facts";
const CHANGED = "Lantern-Changed";
const CONFLICT = 409;
const SIGNED_OUT = 401;
const TRIES = 3;
const PAUSE_MS = 600;

const name = () =>
  Array.from(crypto.getRandomValues(new Uint8Array(12)), (b) => b.toString(16).padStart(2, "0")).join("");

/** This page's own name: each of its requests begins with it. */
export const page = name();

/** A name for one request, so that one sent twice is done once; also where the page is not served as secure. */
export const requestId = () => page + name();

/** Who is at work on this device, and, for what is sent, which request it is. */
export function headings(method: string): Record<string, string> {
  const { personId } = chosen();
  return {
    "Lantern-Units": unitWords(),
    ...(personId ? { "Lantern-Person": String(personId) } : {}),
    ...(method === "GET" ? {} : { "Lantern-Request": requestId() }),
  };
}

/** Where somebody is signed in on this device, it keeps what is needed without contact. */
export const SIGNED_IN = "bay-lantern-signed-in";
export const keeper = () => import("../offline/keeper");

export async function ask(request: Request): Promise<Response> {
  const kept = localStorage.getItem(SIGNED_IN) ? await keeper().catch(() => undefined) : undefined;
  return kept ? kept.ask(request, steady) : steady(request);
}

// A line that drops is tried again; the request keeps its name, so the farm does it once.
async function steady(request: Request): Promise<Response> {
  for (let left = TRIES; ; left--) {
    try {
      return await fetch(left > 1 ? request.clone() : request);
    } catch (e) {
      if (left <= 1 || request.signal.aborted) throw e;
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
  }
}

/**
 * The newest change this page has taken in: what it shows, and what it keeps, is told stale by every one up to it. It begins
 * with the newest there was before the first answer was read.
 */
export const step = { mark: "" };

export function heard(response: Response) {
  step.mark ||= response.headers.get("Lantern-Mark") ?? "";
  const changed = response.headers.get(CHANGED);
  if (changed) factsChanged(new Set(changed.split(" ")));
  // Somebody else was first: what is on the screen is not how things stand.
  if (response.status === CONFLICT) readAnew();
  if (response.status === SIGNED_OUT && !response.url.endsWith("/farm")) whoChanged();
}

const everyRequest: Middleware = {
  onRequest({ request }) {
    for (const [name, value] of Object.entries(headings(request.method))) request.headers.set(name, value);
    return request;
  },
  onResponse({ response }) {
    heard(response);
  },
};

// Sentences come in the units of the device: other units, other sentences.
let readIn = unitWords();
whenChosen(() => {
  if (readIn === unitWords()) return;
  readIn = unitWords();
  allChanged();
});

/** What the server says when it cannot do something. */
export interface Problem {
  detail: string;
  fields: { field: string; sentence: string; valid: string }[];
}

export class ProblemError extends Error {
  readonly fields: Problem["fields"];
  readonly status: number;

  constructor(problem: Partial<Problem>, status: number) {
    super(problem.detail ?? "The farm did not answer. Is the application still running?");
    this.fields = problem.fields ?? [];
    this.status = status;
  }
}

/** Whether this device is not signed in, or no longer. */
export const isSignedOut = (problem: unknown) =>
  problem instanceof ProblemError && problem.status === SIGNED_OUT;

// What was typed and cannot be read is no number: it stops here, said at its field, and is never sent as left empty.
function written(body: unknown): string {
  return JSON.stringify(body, (field, value) => {
    if (typeof value !== "number" || Number.isFinite(value)) return value;
    const sentence = "This cannot be read as a number.";
    throw new ProblemError({ detail: sentence, fields: [{ field, sentence, valid: "a number" }] }, 0);
  });
}

const api = createClient<paths>({ baseUrl: "", fetch: ask, bodySerializer: written });
api.use(everyRequest);

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or a problem told in a sentence. */
export async function told<T>(answer: Promise<Answer<T>>): Promise<T> {
  let settled: Answer<T>;
  try {
    settled = await answer;
  } catch (e) {
    throw e instanceof ProblemError ? e : new ProblemError({}, 0);
  }
  if (!settled.response.ok) {
    throw new ProblemError((settled.error ?? {}) as Partial<Problem>, settled.response.status);
  }
  noteFacts(settled.data, settled.response.headers.get(FACTS));
  return settled.data as T;
}

/** Which facts changed since a mark, and up to which mark that is so; none told where the farm cannot say. */
export async function changedSince(mark: string): Promise<{ mark: string; changed?: ReadonlySet<string> }> {
  const { facts, ...now } = await told(api.GET("/api/changes/since", { params: { query: { mark } } }));
  return { ...now, changed: facts && new Set(facts) };
}

export default api;
