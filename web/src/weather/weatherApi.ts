import { useQuery } from "@tanstack/react-query";
import api, { told } from "../api/client";

export const useWeather = () =>
  useQuery({ queryKey: ["weather"], queryFn: () => told(api.GET("/api/weather")) });
