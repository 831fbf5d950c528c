import { useQuery, useQueryClient } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";

type Entry = Schemas["day.PrintEntry"];
const KEY = ["printer"];

/** The label printer: how it stands, what hangs out of it, and how to print. */
export function usePrinter() {
  const queries = useQueryClient();
  const standing = useQuery({ queryKey: KEY, queryFn: () => told(api.GET("/api/printer")) });
  const stands = (now: Schemas["day.Standing"]) => queries.setQueryData(KEY, now);
  return {
    standing: standing.data,
    print: async (body: Entry) => stands(await told(api.POST("/api/printer", { body }))),
    newRoll: async () => stands(await told(api.POST("/api/printer/roll"))),
  };
}

export const ALL_PARTS: Entry["parts"] = ["DATE", "TECHNIQUE", "STOCK", "SOURCE", "MAKER"];
