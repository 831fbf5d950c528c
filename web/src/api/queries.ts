import { partialMatchKey, type Query, type QueryKey, useQuery } from "@tanstack/react-query";
import api, { told } from "./client";

/**
 * The last answer stands while the next is fetched, where the keys of both begin with these words. What else stands in a key
 * may differ: the page names what it shows by the answer, not by the question.
 */
export const lastOf =
  (...of: QueryKey) =>
  // biome-ignore lint/suspicious/noExplicitAny: what was asked before may have been of any kind
  <A>(before: A | undefined, asked: Query<any, any, any, any> | undefined) =>
    asked && partialMatchKey(asked.queryKey, of) ? before : undefined;

export const useFarm = () => useQuery({ queryKey: ["farm"], queryFn: () => told(api.GET("/api/farm")) });

export const useBand = () =>
  useQuery({
    meta: { what: "the band of the year" },
    queryKey: ["band"],
    queryFn: () => told(api.GET("/api/season")),
  });

/** What is to be looked at, now and through the year. */
export const useToLookAt = () =>
  useQuery({
    meta: { what: "how many want a look" },
    queryKey: ["to-look-at"],
    queryFn: () => told(api.GET("/api/season/visits")),
  });

export const useToday = () => useQuery({ queryKey: ["today"], queryFn: () => told(api.GET("/api/today")) });

export const useRound = (spotId?: number) =>
  useQuery({
    queryKey: ["round", spotId],
    queryFn: () => told(api.GET("/api/rounds", { params: { query: { spotId } } })),
  });

export const useSheet = (code: string) =>
  useQuery({
    queryKey: ["sheet", code],
    queryFn: () => told(api.GET("/api/grafts/{code}", { params: { path: { code } } })),
  });

export const useRules = () =>
  useQuery({ queryKey: ["rules"], staleTime: Infinity, queryFn: () => told(api.GET("/api/rules")) });

export const useVarieties = () =>
  useQuery({ queryKey: ["varieties"], queryFn: () => told(api.GET("/api/varieties")) });

export const useSpots = () => useQuery({ queryKey: ["spots"], queryFn: () => told(api.GET("/api/spots")) });

export const usePlants = (search: string) =>
  useQuery({
    queryKey: ["plants", search],
    placeholderData: lastOf("plants"),
    queryFn: () => told(api.GET("/api/plants", { params: { query: { search: search || undefined } } })),
  });
