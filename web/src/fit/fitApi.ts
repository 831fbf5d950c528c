import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { useLatest } from "../api/latest";
import { lastOf } from "../api/queries";

export type FitView = Schemas["fit.FitView"];
export type FitEntry = Schemas["fit.FitEntry"];
export type CaseEntry = Schemas["fit.CaseEntry"];
export type Stem = Schemas["fit.MeasuredStem"];

export const useStems = (search = "") =>
  useQuery({
    queryKey: ["fit-stems", search],
    placeholderData: lastOf("fit-stems"),
    queryFn: () => told(api.GET("/api/fit/stems", { params: { query: { search: search || undefined } } })),
  });

export const useHands = () =>
  useQuery({ queryKey: ["hands"], queryFn: () => told(api.GET("/api/fit/hands")) });

export const useLists = () =>
  useQuery({ queryKey: ["fit-lists"], queryFn: () => told(api.GET("/api/fit/lists")) });

export const useLimbTrees = () =>
  useQuery({ queryKey: ["limb-trees"], queryFn: () => told(api.GET("/api/fit/limbs")) });

const askFit = (body: FitEntry) => told(api.POST("/api/fit", { body }));

/** The fit of an entry, asked anew on every change. */
export function useFit(entry: FitEntry | undefined) {
  const { answer: view, ...rest } = useLatest(entry, askFit);
  return { view, ...rest };
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
    placeholderData: lastOf("techniques"),
    queryFn: () => told(api.POST("/api/fit/techniques", { body: body as Schemas["fit.WeighEntry"] })),
  });
}
