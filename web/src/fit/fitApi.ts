import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import api, { ProblemError, type Schemas, told } from "../api/client";

export type FitView = Schemas["FitView"];
export type FitEntry = Schemas["FitEntry"];
export type CaseEntry = Schemas["CaseEntry"];
export type Stem = Schemas["MeasuredStem"];

export const useStems = (search = "") =>
  useQuery({
    queryKey: ["fit-stems", search],
    placeholderData: (before) => before,
    queryFn: () => told(api.GET("/api/fit/stems", { params: { query: { search: search || undefined } } })),
  });

export const useHands = () =>
  useQuery({ queryKey: ["hands"], queryFn: () => told(api.GET("/api/fit/hands")) });

export const useLists = () =>
  useQuery({ queryKey: ["fit-lists"], queryFn: () => told(api.GET("/api/fit/lists")) });

export const useLimbTrees = () =>
  useQuery({ queryKey: ["limb-trees"], queryFn: () => told(api.GET("/api/fit/limbs")) });

/**
 * The fit of an entry, asked anew on every change. Only the newest entry is asked while an answer is under way, so that
 * dragging never queues up; a refusal leaves the last good view standing.
 */
export function useFit(entry: FitEntry | undefined) {
  const [view, setView] = useState<FitView>();
  const [problem, setProblem] = useState<ProblemError>();
  const wanted = useRef<string>("");
  const asking = useRef(false);
  const text = entry ? JSON.stringify(entry) : "";
  useEffect(() => {
    wanted.current = text;
    const ask = async () => {
      if (asking.current || wanted.current === "") return;
      asking.current = true;
      let asked = "";
      while (asked !== wanted.current) {
        asked = wanted.current;
        try {
          const body = JSON.parse(asked) as FitEntry;
          setView(await told(api.POST("/api/fit", { body })));
          setProblem(undefined);
        } catch (e) {
          setProblem(e instanceof ProblemError ? e : new ProblemError({ detail: String(e) }, 0));
        }
      }
      asking.current = false;
    };
    ask();
  }, [text]);
  return { view, problem };
}

export function useTechniques(
  view: FitView | undefined,
  barks: { scionBarkMm?: number; stockBarkMm?: number },
  on: CaseEntry,
) {
  const body = view && { scionMm: view.scionMm, stockMm: Math.round(view.stockMm * 10) / 10, ...barks, on };
  return useQuery({
    queryKey: ["techniques", body],
    enabled: body !== undefined,
    retry: false,
    placeholderData: (before) => before,
    queryFn: () => told(api.POST("/api/fit/techniques", { body: body as Schemas["WeighEntry"] })),
  });
}
