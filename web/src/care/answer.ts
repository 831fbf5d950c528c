import api, { ProblemError, type Schemas, told } from "../api/client";
import { dated } from "../days";
import type { Sign } from "../drawings/signs";
import { done, failed, inOrder } from "../undo";

type Graft = Pick<Schemas["bench.Graft"], "id" | "version">;
export type Trace = Schemas["care.Past"]["found"][number];

/** What is told beside the sign. */
export interface More {
  personId?: number;
  note?: string;
  correction?: boolean;
  seenOn?: string;
  lengthMm?: number;
  found?: Trace[];
  /** What was asked back about it has been read, and it is so. */
  sure?: boolean;
}

/** What became of an answer: taken as an act, asked back about, or refused. */
export type Answered = { actId?: number } | { asked: string } | { refused: string };

// What this device did itself since the screen was read: two quick answers of one hand are no quarrel of two.
const own = new Map<number, number>();
const versionOf = (graft: Graft) => Math.max(graft.version, own.get(graft.id) ?? 0);

/** One answer for some grafts. */
export async function answer(grafts: Graft[], sign: Sign, more: More = {}): Promise<Answered> {
  try {
    const answered = await inOrder(async () => {
      const on = grafts.map((graft) => ({ graftId: graft.id, version: versionOf(graft) }));
      const body = { grafts: on, sign, ...more };
      const taken = await told(api.POST("/api/looks", { body }));
      for (const graft of taken.grafts) own.set(graft.id, graft.version);
      done(taken.sentence, taken.actId);
      return taken;
    });
    for (const told of answered.told) failed(told.sentence);
    return { actId: answered.actId };
  } catch (problem) {
    if (problem instanceof ProblemError && problem.fields.some(({ field }) => field === "sure"))
      return { asked: dated(problem.message) };
    failed(problem);
    return { refused: problem instanceof Error ? dated(problem.message) : String(problem) };
  }
}
