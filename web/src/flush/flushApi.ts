import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";

export const useLanes = () =>
  useQuery({ meta: { what: "the lanes" }, queryKey: ["lanes"], queryFn: () => told(api.GET("/api/flush")) });

export const useLamps = () =>
  useQuery({
    meta: { what: "the lamps" },
    queryKey: ["lamps"],
    queryFn: () => told(api.GET("/api/windows/lamps")),
  });

export const usePairings = (slipping: boolean) =>
  useQuery({
    meta: { what: "the lamps" },
    queryKey: ["pairings", slipping],
    placeholderData: lastOf("pairings"),
    queryFn: () => told(api.GET("/api/windows", { params: { query: { slipping } } })),
  });

/** Looks worth most for their minutes. */
export const useLookNext = () =>
  useQuery({
    meta: { what: "what to look at next" },
    queryKey: ["look-next"],
    queryFn: () => told(api.GET("/api/flush/look-next")),
  });

/** Whether the stocks and the wood of a pairing will be ready together. */
export const useMeeting = (
  { spotId, stockSpecies, varietyId }: { spotId: number; stockSpecies: string; varietyId: number },
  slipping: boolean,
) =>
  useQuery({
    queryKey: ["meeting", spotId, stockSpecies, varietyId, slipping],
    queryFn: () =>
      told(
        api.GET("/api/windows/meeting", { params: { query: { spotId, stockSpecies, varietyId, slipping } } }),
      ),
  });

export const usePlans = () =>
  useQuery({
    meta: { what: "the graft days" },
    queryKey: ["plans"],
    queryFn: () => told(api.GET("/api/graft-days")),
  });

/** Graft days that went by undone. */
export const usePassed = () =>
  useQuery({
    meta: { what: "the days that passed" },
    queryKey: ["passed"],
    queryFn: () => told(api.GET("/api/graft-days/passed")),
  });

export const usePlantSheet = (code: string) =>
  useQuery({
    queryKey: ["plant-sheet", code],
    queryFn: () => told(api.GET("/api/flush/plants/{code}", { params: { path: { code } } })),
  });

/** What would hang on a graft day; the last answer stays while the next is asked for. */
export const useAround = (entry: Schemas["day.DayEntry"] | undefined, planNo?: number) =>
  useQuery({
    meta: { what: "the days around it" },
    queryKey: ["around", planNo, entry],
    enabled: entry !== undefined,
    placeholderData: lastOf("around", planNo),
    queryFn: () =>
      told(
        api.POST("/api/graft-days/look", {
          params: { query: { planNo } },
          body: entry as Schemas["day.DayEntry"],
        }),
      ),
  });
