import { useQuery } from "@tanstack/react-query";
import api, { told } from "../api/client";

export const useWeather = () =>
  useQuery({
    meta: { what: "the weather" },
    queryKey: ["weather"],
    queryFn: () => told(api.GET("/api/weather")),
  });
