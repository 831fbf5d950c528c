import { useQuery } from "@tanstack/react-query";
import api, { told } from "../api/client";

export const useWalks = () =>
  useQuery({
    meta: { what: "the walks ahead" },
    queryKey: ["walks"],
    queryFn: () => told(api.GET("/api/walks")),
  });

/** The walks as they would be with one moved. */
export const useMoved = (from: string | undefined, to: string | undefined) =>
  useQuery({
    meta: { what: "the walks if one is moved" },
    queryKey: ["walks", from, to],
    enabled: from !== undefined && to !== undefined,
    queryFn: () => told(api.GET("/api/walks", { params: { query: { from, to } } })),
  });
