import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import api, { told } from "../api/client";
import { Field, Input } from "../ui/fields";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { figureNumber, figureUnit, useChoices } from "../units";
import { type FigureView, readFigure } from "./figures";

const PAUSE_MS = 400;

interface FigureFormProps {
  of: FigureView;
  name: string;
  onClose: () => void;
}

/** Another number for a figure, within its range; what it would change stands there before it is kept. */
export function FigureForm({ of, name, onClose }: FigureFormProps) {
  const choices = useChoices();
  const { send, problem, busy } = useSend();
  const { value, low, high, unit } = of.figure;
  const words = (x: number) => `${figureNumber(x, unit, choices)} ${figureUnit(unit, choices)}`;
  const [typed, setTyped] = useState(figureNumber(value, unit, choices));
  const number = readFigure(typed, unit, choices);
  const within = number !== undefined && number >= low && number <= high;
  const other = within && number !== value && typed !== figureNumber(value, unit, choices);
  const settled = useSettled(other ? number : undefined);
  const body = { key: of.key, speciesKey: of.speciesKey };
  const tried = useQuery({
    meta: { what: "what it changes" },
    queryKey: ["figure-tried", of.speciesKey, of.key, settled],
    enabled: settled !== undefined,
    gcTime: 0,
    queryFn: () => told(api.POST("/api/rules/figures/try", { body: { ...body, number: settled } })),
  });
  const keep = (to: number | undefined) =>
    send(async () => {
      const kept = await told(api.PUT("/api/rules/figures", { body: { ...body, number: to } }));
      done(kept.sentence, kept.actId);
      onClose();
    });
  return (
    <form
      className="rounded border border-line bg-surface px-3 py-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (other) keep(number);
      }}
      onKeyDown={(e) => {
        if (e.key === "Escape") {
          e.stopPropagation();
          onClose();
        }
      }}
    >
      <div className="flex flex-wrap items-end gap-2">
        <Field
          label={`${name}, ${words(low)} to ${words(high)}`}
          error={within ? undefined : `Growers give ${words(low)} to ${words(high)}`}
        >
          <Input
            autoFocus
            inputMode="decimal"
            className="max-w-32"
            value={typed}
            aria-invalid={!within}
            onChange={(e) => setTyped(e.target.value)}
          />
        </Field>
        <Button strong type="submit" disabled={busy || !other}>
          Keep
        </Button>
        {of.since && (
          <Button type="button" disabled={busy} onClick={() => keep(undefined)}>
            Back to {words(of.starting)}
          </Button>
        )}
        <Button type="button" onClick={onClose}>
          Leave it
        </Button>
      </div>
      <div aria-live="polite" className="mt-1 text-[15px]">
        {other && (tried.isFetching || settled !== number) && (
          <p className="text-soft">Reckoning what it changes; with many trees that takes some seconds.</p>
        )}
        {other && settled === number && tried.data && !tried.isFetching && (
          <p>
            {tried.data.sentences.length === 0
              ? "Nothing that is advised now changes."
              : `It changes: ${tried.data.sentences.join(", ")}.`}
          </p>
        )}
      </div>
      <Trouble problem={tried.error ?? problem} />
    </form>
  );
}

/** What was typed once it stayed so for a moment. */
function useSettled(now: number | undefined): number | undefined {
  const [settled, setSettled] = useState<number | undefined>(undefined);
  useEffect(() => {
    const later = setTimeout(() => setSettled(now), PAUSE_MS);
    return () => clearTimeout(later);
  }, [now]);
  return settled;
}
