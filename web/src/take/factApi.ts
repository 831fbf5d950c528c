import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";

export type FactGroup = Schemas["take.FactGroup"];
export type Duel = Schemas["take.DuelView"];
export type Gain = Schemas["take.Gain"];

/** What stands for grafts of which the aspect was not written down. */
export const UNKNOWN = "?";

export const useAspects = () =>
  useQuery({ queryKey: ["aspects"], queryFn: () => told(api.GET("/api/takes/aspects")) });

export const useFactGroups = (first: string, then?: string, part?: string) =>
  useQuery({
    queryKey: ["takes-by", first, then, part],
    placeholderData: lastOf("takes-by"),
    queryFn: () => told(api.GET("/api/takes/by", { params: { query: { first, then, part } } })),
  });

export const useMembers = (first: string, group: FactGroup, then?: string, part?: string) =>
  useQuery({
    meta: { what: "the grafts of the group" },
    queryKey: ["takes-by-grafts", first, group.kind, then, group.thenKind, part],
    queryFn: () =>
      told(
        api.GET("/api/takes/by/grafts", {
          params: { query: { first, kind: group.kind, then, thenKind: group.thenKind, part } },
        }),
      ),
  });

export const useDuel = (by: string, a: string, b: string, part?: string) =>
  useQuery({
    meta: { what: "which of the two is better" },
    queryKey: ["duel", by, a, b, part],
    enabled: b !== "",
    queryFn: () => told(api.GET("/api/takes/duel", { params: { query: { by, a, b, part } } })),
  });

export const useGains = (part?: string) =>
  useQuery({
    meta: { what: "what brings more" },
    queryKey: ["gains", part],
    queryFn: () => told(api.GET("/api/takes/gains", { params: { query: { part } } })),
  });

/** "+6", "−3", "0": points of take in hundredths. */
export function points(share: number): string {
  const whole = Math.round(share * 100);
  return whole > 0 ? `+${whole}` : whole < 0 ? `−${-whole}` : "0";
}
