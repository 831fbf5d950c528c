import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";

export const useLineage = (key?: string) =>
  useQuery({
    queryKey: ["lineage", key],
    enabled: key !== undefined,
    placeholderData: lastOf("lineage"),
    queryFn: () => told(api.GET("/api/lineage/{key}", { params: { path: { key: key ?? "" } } })),
  });

export const useRecalls = () =>
  useQuery({ queryKey: ["recalls"], queryFn: () => told(api.GET("/api/recalls")) });

export const useRecall = (id: number) =>
  useQuery({
    queryKey: ["recall", id],
    queryFn: () => told(api.GET("/api/recalls/{id}", { params: { path: { id } } })),
  });

export const useMoves = () =>
  useQuery({ queryKey: ["moves"], queryFn: () => told(api.GET("/api/lineage/moves")) });

/** What a test would hold, before anything is written. */
export const usePreview = (entry: Schemas["lineage.TestEntry"] | undefined) =>
  useQuery({
    queryKey: ["recall-preview", entry],
    enabled: entry !== undefined,
    retry: false,
    queryFn: () => told(api.POST("/api/recalls/preview", { body: entry as Schemas["lineage.TestEntry"] })),
  });
