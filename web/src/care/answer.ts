import api, { type Schemas, told } from "../api/client";
import { keysOfSign, SIGNS, type Sign } from "../drawings/signs";
import type { Command } from "../ui/commands";
import { done, failed, inOrder } from "../undo";

/** A key for each answer. */
export const answerCommands = (say: (sign: Sign) => void): Command[] =>
  (Object.keys(SIGNS) as Sign[]).map((sign) => ({
    key: keysOfSign(sign),
    words: SIGNS[sign].words,
    run: () => say(sign),
  }));

type Graft = Schemas["bench.Graft"];

// What this device did itself since the screen was read: two quick answers of one hand are no quarrel of two.
const own = new Map<number, number>();
const versionOf = (graft: Pick<Graft, "id" | "version">) => Math.max(graft.version, own.get(graft.id) ?? 0);

/** One answer for some grafts. Returns false when none of it was taken. */
export async function answer(
  grafts: Pick<Graft, "id" | "version">[],
  sign: Sign,
  more: { personId?: number; note?: string; correction?: boolean; seenOn?: string } = {},
): Promise<boolean> {
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
    return true;
  } catch (problem) {
    failed(problem);
    return false;
  }
}
