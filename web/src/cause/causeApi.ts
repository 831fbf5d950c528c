import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { percent } from "../percent";

export type Pile = Schemas["cause.Pile"];
export type Session = Schemas["cause.Session"];
export type SessionView = Schemas["cause.SessionView"];
export type Case = Schemas["cause.Case"];
export type Weight = Case["weights"]["weights"][number];
export type CauseTold = Schemas["cause.CauseTold"];
export type Sign = Case["seen"][number];

export const NEVER_KNOWN = "NEVER_KNOWN";

/** Failures nobody has explained yet. */
export const usePile = () => useQuery({ queryKey: ["causes"], queryFn: () => told(api.GET("/api/causes")) });

/** The failures of the session a graft belongs to, weighed together. */
export const useCauseSession = (code: string | undefined) =>
  useQuery({
    meta: { what: "why it failed" },
    queryKey: ["causes", code],
    enabled: code !== undefined,
    // The grafts of a session are weighed together.
    placeholderData: (before) => (before?.cases.some((one) => one.code === code) ? before : undefined),
    queryFn: () => told(api.GET("/api/causes/{code}", { params: { path: { code: code as string } } })),
  });

/** A share with its range, as a grower reads it. */
export const shareWords = ({ share, low, high }: Weight) =>
  `${percent(share)} %, ${percent(low)} to ${percent(high)}`;
