import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";

export type Trial = Schemas["trial.TrialView"];
export type TrialEntry = Schemas["trial.TrialEntry"];

export const useTrials = () =>
  useQuery({
    meta: { what: "the trials" },
    queryKey: ["trials"],
    queryFn: () => told(api.GET("/api/trials")),
  });

/** What can be tried in grafts of a species. */
export const useTrialAspects = (species: string) =>
  useQuery({
    meta: { what: "what can be tried" },
    queryKey: ["trial-aspects", species],
    placeholderData: lastOf("trial-aspects"),
    queryFn: () => told(api.GET("/api/trials/aspects", { params: { query: { species } } })),
  });

/** How large a trial would be; asked once everything of it is said. */
export const useTrialSize = (entry: TrialEntry | undefined) =>
  useQuery({
    meta: { what: "how large it would be" },
    queryKey: ["trial-size", entry],
    enabled: entry !== undefined,
    retry: false,
    gcTime: 0,
    placeholderData: lastOf("trial-size"),
    queryFn: () => told(api.POST("/api/trials/try", { body: entry as TrialEntry })),
  });

export const useTrialGrafts = (id: number, open: boolean) =>
  useQuery({
    meta: { what: "the grafts of the trial" },
    queryKey: ["trial-grafts", id],
    enabled: open,
    queryFn: () => told(api.GET("/api/trials/{id}/grafts", { params: { path: { id } } })),
  });
