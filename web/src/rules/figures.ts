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

/** Which of them a table shows. */
export interface FigureChoice {
  subject: FigureView["subject"];
  /** The species whose figures are shown; left out where they are about all. */
  species?: string;
  /** How the keys of those that are shown begin; left out for all. */
  only?: string[];
}

export const isChosen = (one: FigureView, { subject, species, only }: FigureChoice) =>
  one.subject === subject &&
  one.speciesKey === species &&
  (!only || only.some((start) => one.key.startsWith(start)));

/** A figure as kept, from what was typed in this device's unit; undefined when empty, NaN when no number. */
export function readFigure(text: string, unit: string, choices: Choices): number | undefined {
  if (text.trim() === "") return undefined;
  if (lengthIn(unit)) return readLength(text, choices.length);
  const kind = kindIn(unit);
  return kind ? readMeasure(kind, text, choices) : readNumber(text);
}
