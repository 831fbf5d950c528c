import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import type { Choices } from "../units";
import { kindIn, lengthIn, readLength, readMeasure, readNumber } from "../units";

export type FigureView = Schemas["rules.FigureView"];

/** Every figure the advice rests on, as it is now. */
export const useFigures = () =>
  useQuery({
    meta: { what: "the figures" },
    queryKey: ["figures"],
    queryFn: () => told(api.GET("/api/rules/figures")),
  });

/** A figure as kept, from what was typed in this device's unit; undefined when empty, NaN when no number. */
export function readFigure(text: string, unit: string, choices: Choices): number | undefined {
  if (text.trim() === "") return undefined;
  if (lengthIn(unit)) return readLength(text, choices.length);
  const kind = kindIn(unit);
  return kind ? readMeasure(kind, text, choices) : readNumber(text);
}
