import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";

export type Lot = Schemas["wood.LotView"];
export type Source = Schemas["lineage.SourceView"];

export const useShelf = (search = "") =>
  useQuery({
    queryKey: ["shelf", search],
    placeholderData: lastOf("shelf"),
    queryFn: () => told(api.GET("/api/lots", { params: { query: { search: search || undefined } } })),
  });

export const useLotSheet = (code: string) =>
  useQuery({
    queryKey: ["lot", code],
    queryFn: () => told(api.GET("/api/lots/{code}", { params: { path: { code } } })),
  });

export const useSupply = () =>
  useQuery({
    meta: { what: "what is wanted of wood" },
    queryKey: ["supply"],
    queryFn: () => told(api.GET("/api/supply")),
  });

export const useShoots = () =>
  useQuery({ queryKey: ["shoots"], queryFn: () => told(api.GET("/api/shoots")) });

export const useSources = () =>
  useQuery({ queryKey: ["sources"], queryFn: () => told(api.GET("/api/sources")) });

export const useStores = () =>
  useQuery({ queryKey: ["stores"], queryFn: () => told(api.GET("/api/stores")) });

export const useCleaning = () =>
  useQuery({ queryKey: ["cleaning"], queryFn: () => told(api.GET("/api/cleaning")) });

export const useWoodToday = () =>
  useQuery({
    meta: { what: "what runs out of wood" },
    queryKey: ["wood-today"],
    queryFn: () => told(api.GET("/api/wood-today")),
  });

export const useTests = (key: string) =>
  useQuery({
    queryKey: ["tests", key],
    enabled: key !== "",
    queryFn: () => told(api.GET("/api/tests", { params: { query: { key } } })),
  });
