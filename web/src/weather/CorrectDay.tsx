import { useState } from "react";
import api, { told } from "../api/client";
import { DayBox } from "../ui/DayBox";
import { Field, Input } from "../ui/fields";
import { Button, PartHeading } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { type Kind, readMeasure, unitOf, useChoices } from "../units";

const EMPTY = { date: "", min: "", max: "", rain: "" };

/** One day by hand: a day the station missed, or a reading that was wrong. */
export function CorrectDay() {
  const [cells, setCells] = useState(EMPTY);
  const choices = useChoices();
  const { send, problem, busy } = useSend();
  const set = (change: Partial<typeof EMPTY>) => setCells({ ...cells, ...change });
  const save = async () => {
    const kept = (kind: Kind, text: string) => {
      const read = readMeasure(kind, text, choices);
      // What is no number is refused where it is read, as it was typed.
      return Number.isNaN(read) ? text : String(read ?? "");
    };
    const all = {
      date: cells.date,
      min: kept("warmth", cells.min),
      max: kept("warmth", cells.max),
      rain: kept("rain", cells.rain),
    };
    const body = Object.fromEntries(Object.entries(all).filter(([, text]) => text.trim() !== ""));
    const brought = await send(() => told(api.POST("/api/weather/day", { body })));
    if (brought) {
      done(brought.sentence, brought.actId);
      setCells(EMPTY);
    }
  };
  return (
    <form
      data-does="POST /api/weather/day"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <PartHeading>One day by hand</PartHeading>
      <div className="grid grid-cols-2 gap-2">
        <Field label="Day">
          <DayBox past value={cells.date} onChange={(date) => set({ date })} />
        </Field>
        <Field label={`Rain, ${unitOf("rain", choices)}`}>
          <Input inputMode="decimal" value={cells.rain} onChange={(e) => set({ rain: e.target.value })} />
        </Field>
        <Field label={`Lowest, ${unitOf("warmth", choices)}`}>
          <Input inputMode="decimal" value={cells.min} onChange={(e) => set({ min: e.target.value })} />
        </Field>
        <Field label={`Highest, ${unitOf("warmth", choices)}`}>
          <Input inputMode="decimal" value={cells.max} onChange={(e) => set({ max: e.target.value })} />
        </Field>
      </div>
      {problem && (
        <p role="alert" className="mt-2 font-semibold text-[14.5px] text-alarm">
          {problem.message}
        </p>
      )}
      <Button type="submit" className="mt-2" disabled={busy || !cells.date || !cells.min || !cells.max}>
        Write it down
      </Button>
    </form>
  );
}
