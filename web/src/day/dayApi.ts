import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";

export type DayView = Schemas["day.DayView"];
export type Lane = Schemas["day.LaneView"];
export type Role = Lane["role"];

/** Others work on the same day: what they did is asked for now and then. */
const OTHERS_MS = 5_000;

export const useBenchDays = () =>
  useQuery({ queryKey: ["bench-days"], queryFn: () => told(api.GET("/api/bench-days")) });

export const useBenchDay = (day: string) =>
  useQuery({
    queryKey: ["bench-day", day],
    queryFn: () => told(api.GET("/api/bench-days/{day}", { params: { path: { day } } })),
  });

export const useAtHand = (day: string, personId?: number) =>
  useQuery({
    meta: { what: "the graft at hand" },
    queryKey: ["at-hand", day, personId],
    enabled: personId !== undefined,
    refetchInterval: OTHERS_MS,
    queryFn: () =>
      told(
        api.POST("/api/bench-days/{day}/at-hand", {
          params: { path: { day } },
          body: { personId: personId ?? 0 },
        }),
      ),
  });

export const ROLES: [Role, string][] = [
  ["WHOLE", "all of it"],
  ["PREPARE", "prepares"],
  ["CUT", "cuts"],
  ["WRAP", "wraps"],
  ["LABEL", "labels"],
];

/** Minutes after midnight as a time of day. */
export const clock = (minutes: number) => {
  const whole = Math.round(minutes);
  return `${String(Math.floor(whole / 60)).padStart(2, "0")}:${String(whole % 60).padStart(2, "0")}`;
};

/** From one time of day to another, said once where both are the same minute. */
export const clocks = (low: number, high: number) =>
  clock(low) === clock(high) ? clock(low) : `${clock(low)}–${clock(high)}`;

/** A time of day as minutes after midnight; undefined where it cannot be read. */
export function readClock(text: string): number | undefined {
  const read = /^\s*(\d{1,2})(?:[:.h ]\s*(\d{2}))?\s*$/.exec(text);
  const minutes = read ? Number(read[1]) * 60 + Number(read[2] ?? 0) : Number.NaN;
  return minutes <= 1440 && Number(read?.[2] ?? 0) < 60 ? minutes : undefined;
}

export const roundly = (minutes: number) =>
  minutes > 0 && minutes < 1 ? "under 1 min" : `${Math.round(minutes)} min`;
