import { useQuery } from "@tanstack/react-query";
import api, { told } from "./client";

/** The schools chosen for the farm, for a species or for a plan. */
export const useHabits = () =>
  useQuery({ queryKey: ["habits"], queryFn: () => told(api.GET("/api/grafts/habits")) });
