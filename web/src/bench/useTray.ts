import { useQuery } from "@tanstack/react-query";
import api, { told } from "../api/client";
import { lastOf } from "../api/queries";
import { readLength, useChoices } from "../units";
import type { Draft } from "./draft";

/** The free stocks in front of one for what the sentence says, and how the stick in hand meets each. */
export function useTray(draft: Draft, search: string) {
  const { length } = useChoices();
  const mm = readLength(draft.scion, length);
  const query = {
    varietyId: Number(draft.varietyId),
    techniqueKey: draft.techniqueKey || undefined,
    scionMm: mm !== undefined && mm > 0 && mm < 1000 ? mm : undefined,
    makerId: draft.makerId ? Number(draft.makerId) : undefined,
    search: search.trim() || undefined,
  };
  return useQuery({
    meta: { what: "the free stocks" },
    queryKey: ["tray", query.varietyId, query],
    enabled: draft.varietyId !== "",
    placeholderData: lastOf("tray", query.varietyId),
    queryFn: () => told(api.GET("/api/grafts/tray", { params: { query } })),
  });
}
