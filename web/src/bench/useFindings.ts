import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";
import { useChoices } from "../units";
import { type Draft, entryOf } from "./draft";
import { useTray } from "./useTray";

type Entry = Schemas["bench.BenchEntry"];

/** What the rules say of the sentence: of the stocks listed, or, before one is tapped, of what holds for any of them. */
export function useFindings(draft: Draft, entry?: Entry): Schemas["rules.Finding"][] {
  const { length } = useChoices();
  const first = useTray(draft, "").data?.discs[0];
  const any = entry ?? (first && entryOf({ ...draft, stems: [{ ...first, scion: "", stock: "" }] }, length));
  const check = useQuery({
    queryKey: ["check", any],
    enabled: any !== undefined,
    placeholderData: lastOf("check"),
    queryFn: () => told(api.POST("/api/grafts/check", { body: any as Entry })),
  });
  if (!any) return [];
  return (check.data ?? []).filter((finding) => entry !== undefined || !ON_STEM.has(finding.field ?? ""));
}

/** What depends on which stock it is. */
const ON_STEM = new Set(["plantId", "stemId", "stems", "stockMm", "scionMm"]);
