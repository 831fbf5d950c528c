import api, { type Schemas, told } from "../api/client";
import type { Sign } from "../drawings/signs";
import { done, failed, inOrder } from "../undo";

type Graft = Schemas["bench.Graft"];

/** One answer for some grafts. Returns false when none of it was taken. */
export async function answer(
  grafts: Pick<Graft, "id" | "version">[],
  sign: Sign,
  more: { personId?: number; note?: string; correction?: boolean; seenOn?: string } = {},
): Promise<boolean> {
  try {
    const body = { grafts: grafts.map((g) => ({ graftId: g.id, version: g.version })), sign, ...more };
    const answered = await inOrder(async () => {
      const taken = await told(api.POST("/api/looks", { body }));
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
