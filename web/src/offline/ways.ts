import type { Schemas } from "../api/client";
import { SIGNS, type Sign } from "../drawings/signs";
import { STAGES, type Stage } from "../drawings/stages";
import { TRACE_WORDS } from "../drawings/TraceMark";
import { nameOf } from "./names";

type Body<N extends keyof Schemas> = Schemas[N];
export type Versions = Record<string, number>;

/** Something that may be done without contact. */
export interface Way {
  /** What it concerns. */
  on: (at: string[], body: never) => string[];
  /** What was done, as it is told here. */
  words: (at: string[], body: never) => string;
  /** What the screen is told meanwhile, n standing for the act that is to come. */
  answer: (body: never, words: string, actId: number) => object;
  /** The same with what this device itself changed since it was done. */
  after?: (at: string[], body: never, versions: Versions) => object;
  /** What the farm's answer says this device changed. */
  changed?: (answer: never) => Versions;
}

const act = (_: never, sentence: string, actId: number) => ({ sentence, actId });
const job = ([id]: string[]) => [`job:${id}`];
const codes = (body: Body<"care.LookEntry">) => body.grafts.map(({ graftId }) => nameOf(`graft:${graftId}`));

const listed = (names: string[]) =>
  names.length > 3 ? `${names.slice(0, 2).join(", ")} and ${names.length - 2} more` : names.join(", ");

const look: Way = {
  on: (_, body: Body<"care.LookEntry">) => codes(body),
  words: (_, body: Body<"care.LookEntry">) =>
    `${listed(codes(body))}: ${SIGNS[body.sign as Sign].words}${body.note ? `, “${body.note}”` : ""}`,
  answer: (_, sentence, actId) => ({ sentence, actId, grafts: [], told: [] }),
  after: (_, body: Body<"care.LookEntry">, versions) => ({
    ...body,
    grafts: body.grafts.map(({ graftId, version }) => ({
      graftId,
      version: Math.max(version, versions[nameOf(`graft:${graftId}`)] ?? 0),
    })),
  }),
  changed: (answer: Body<"care.Answered">) =>
    Object.fromEntries(answer.grafts.map((graft) => [graft.code, graft.version])),
};

const WAYS: Record<string, Way> = {
  "POST /api/looks": look,
  "PUT /api/looks/{act}/found": {
    on: ([actId]) => [`act:${actId}`],
    words: (_, body: Body<"care.Found">) =>
      `Found on the dead: ${body.found.map((trace) => TRACE_WORDS[trace]).join(", ")}`,
    answer: act,
  },
  "PUT /api/grafts/{code}/notes": {
    on: ([code]) => [code],
    words: ([code], body: { notes: string }) => `${code}: notes “${body.notes}”`,
    answer: act,
    after: ([code], body: { version: number }, versions) => ({
      ...body,
      version: Math.max(body.version, versions[code] ?? 0),
    }),
    changed: (graft: Body<"bench.Graft">) => ({ [graft.code]: graft.version }),
  },
  "POST /api/grafts/{code}/pictures": {
    on: ([code]) => [code],
    words: ([code]) => `${code}: a picture`,
    answer: (_, sentence, actId) => ({ sentence, actId, id: 0 }),
  },
  "POST /api/flush/notes": {
    on: (_, body: Body<"season.NoteEntry">) => body.plantIds.map((id) => `plant:${id}`),
    words: (_, body: Body<"season.NoteEntry">) =>
      `${listed(body.plantIds.map((id) => nameOf(`plant:${id}`)))}: ${STAGES[body.sun as Stage]?.words ?? body.sun}`,
    answer: (_, sentence, actId) => ({ sentence, actId, findings: [] }),
  },
  "POST /api/bench-days/jobs/{id}/made": {
    on: job,
    words: ([id]) => `${nameOf(`job:${id}`)}: made`,
    answer: (_, sentence, actId) => ({ sentence, actId, code: "", warnings: [] }),
  },
  "POST /api/bench-days/jobs/{id}/later": {
    on: job,
    words: ([id]) => `${nameOf(`job:${id}`)}: put later`,
    answer: act,
  },
  "POST /api/bench-days/jobs/{id}/refusal": {
    on: job,
    words: ([id]) => `${nameOf(`job:${id}`)}: left out`,
    answer: act,
  },
  "POST /api/cleaning": { on: () => [], words: () => "The blade cleaned", answer: act },
  "POST /api/lots/{id}/out": {
    on: ([id]) => [`lot:${id}`],
    words: ([id], body: Body<"wood.TakeEntry">) =>
      `${nameOf(`lot:${id}`)}: ${body.sticks} ${body.sticks === 1 ? "stick" : "sticks"} out${body.remark ? `, ${body.remark}` : ""}`,
    answer: (_, sentence, actId) => ({ sentence, actId, id: 0 }),
  },
  "POST /api/stick-checks": {
    on: () => [],
    words: (_, body: Body<"wood.CheckEntry">) =>
      `A stick of ${nameOf(body.lotId ? `lot:${body.lotId}` : `plant:${body.plantId}`)} checked`,
    answer: (_, _words, actId) => ({
      actId,
      grade: { grade: "its grade comes with contact", actions: [], reasons: [], score: 0 },
    }),
  },
};

const RAISED = Object.entries(WAYS).map(([name, way]) => ({
  way,
  form: new RegExp(`^${name.replace(/\{\w+\}/g, "([^/]+)")}$`),
}));

/** How this may be done without contact, and what it names in its address; undefined where it may not. */
export function wayOf(method: string, pathname: string): { way: Way; at: string[] } | undefined {
  for (const { way, form } of RAISED) {
    const found = form.exec(`${method} ${pathname}`);
    if (found) return { way, at: found.slice(1).map(decodeURIComponent) };
  }
  return undefined;
}
