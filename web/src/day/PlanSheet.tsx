import api, { type Schemas, told } from "../api/client";
import { useRules } from "../api/queries";
import { awayWords, dated, daysOn, dayWords } from "../days";
import type { Draft } from "../flush/draft";
import { entryOf } from "../flush/draft";
import { Meet } from "../flush/Meet";
import { sureWords } from "../flush/words";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Button, PartHeading } from "../ui/parts";
import { isDay } from "../ui/readDay";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { HowMany } from "./HowMany";

interface PlanSheetProps {
  draft: Draft;
  today: string;
  around?: Schemas["day.Look"];
  problem: unknown;
  pairing?: Schemas["season.PairingView"];
  /** True where the technique needs bark that slips. */
  slipping: boolean;
  onDraft: (change: Partial<Draft>) => void;
  onClose: () => void;
}

/** A graft day and everything that hangs on it: before, after, what speaks against it, and the plan kept. */
export function PlanSheet({
  draft,
  today,
  around,
  problem,
  pairing,
  slipping,
  onDraft,
  onClose,
}: PlanSheetProps) {
  const rules = useRules();
  const { send, problem: unsent, busy } = useSend();
  const keep = async () => {
    const body = entryOf(draft);
    if (!body) return;
    const kept = await send(() =>
      draft.planNo
        ? told(api.PUT("/api/graft-days/{planNo}", { params: { path: { planNo: draft.planNo } }, body }))
        : told(api.POST("/api/graft-days", { body })),
    );
    if (kept) {
      done(kept.sentence, kept.actId);
      onDraft({ planNo: kept.planNo });
    }
  };
  const drop = async () => {
    if (!draft.planNo) return;
    const params = { path: { planNo: draft.planNo } };
    const dropped = await send(() => told(api.DELETE("/api/graft-days/{planNo}", { params })));
    if (dropped) {
      done(dropped.sentence, dropped.actId);
      onClose();
    }
  };
  const move = (days: number) => onDraft({ day: daysOn(draft.day, days) });
  return (
    <section aria-label="A graft day">
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="big text-[24px] leading-tight">{dayWords(draft.day)}</h2>
        <button type="button" className="text-[14.5px] text-sea underline" onClick={onClose}>
          Close
        </button>
      </div>
      <p className="text-soft">
        {pairing ? `${pairing.varietyName} on ${pairing.spotName} stocks, ` : ""}
        {awayWords(draft.day, today)}
        {around?.scored ? `; lit in ${sureWords(around.scored.chance.lit)}` : ""}
      </p>
      <div className="mt-3 grid grid-cols-[1fr_92px] gap-2">
        <Field label="Day">
          <DayBox value={draft.day} min={today} onChange={(day) => isDay(day) && onDraft({ day })} />
        </Field>
        <Field label="Grafts">
          <Input
            type="number"
            min={1}
            max={10000}
            value={draft.grafts}
            onChange={(e) => onDraft({ grafts: Number(e.target.value) })}
          />
        </Field>
      </div>
      <div className="mt-2">
        <Field label="Technique">
          <Select value={draft.techniqueKey} onChange={(e) => onDraft({ techniqueKey: e.target.value })}>
            {rules.data?.techniques.map((t) => (
              <option key={t.key} value={t.key}>
                {t.name}
              </option>
            ))}
          </Select>
        </Field>
      </div>
      <div className="mt-2 flex gap-2">
        <Button onClick={() => move(-1)} aria-label="A day earlier">
          ← day
        </Button>
        <Button onClick={() => move(1)} aria-label="A day later">
          day →
        </Button>
        <Button
          data-does={draft.planNo ? "PUT /api/graft-days/{planNo}" : "POST /api/graft-days"}
          strong
          className="ml-auto"
          disabled={busy || !around}
          onClick={keep}
        >
          {draft.planNo ? "Move the plan here" : "Keep this plan"}
        </Button>
      </div>
      {(problem || unsent) && (
        <p role="alert" className="mt-2 font-semibold text-[14.5px] text-alarm">
          {(unsent ?? (problem as Error)).message}
        </p>
      )}
      {around && <Conflicts around={around} today={today} />}
      <HowMany draft={draft} wood={around?.wood} onDraft={onDraft} />
      <Meet draft={draft} slipping={slipping} today={today} onDay={(day) => onDraft({ day })} />
      {around && <Steps around={around} today={today} />}
      {draft.planNo && (
        <Button data-does="DELETE /api/graft-days/{planNo}" className="mt-4" disabled={busy} onClick={drop}>
          Drop this plan
        </Button>
      )}
    </section>
  );
}

function Conflicts({ around, today }: { around: Schemas["day.Around"]; today: string }) {
  const late = around.tasks.filter((task) => task.latest < today);
  const against = [
    ...around.conflicts.map((finding) => finding.message),
    ...late.map((task) => `Too late for this day: ${task.ask}, ${dayWords(task.latest)} at the latest.`),
  ];
  if (against.length === 0)
    return <p className="mt-3 text-[15px] text-leaf">Nothing speaks against this day.</p>;
  return (
    <ul className="mt-3 border-alarm border-l-4 pl-3 text-[15px]">
      {against.map((sentence) => (
        <li key={sentence} className="py-0.5">
          {dated(sentence)}
        </li>
      ))}
    </ul>
  );
}

function Steps({ around, today }: { around: Schemas["day.Around"]; today: string }) {
  return (
    <>
      <PartHeading>Before and on the day</PartHeading>
      <ol className="text-[15px]">
        {around.tasks.map((task) => (
          <li key={task.step} className="grid grid-cols-[88px_1fr] gap-2 border-line border-t py-1.5">
            <span className={task.latest < today ? "text-alarm" : ""}>{dayWords(task.target)}</span>
            <span>
              {task.ask}
              {task.earliest !== task.latest && (
                <span className="block text-[13.5px] text-soft">
                  {dayWords(task.earliest)} to {dayWords(task.latest)}
                  {task.latest < today ? ", past" : ""}
                </span>
              )}
              {task.caution && <span className="block text-[13.5px] text-soft">{task.caution}</span>}
            </span>
          </li>
        ))}
      </ol>
      <PartHeading>Visits after</PartHeading>
      <ol className="text-[15px]">
        {around.visits.map((visit) => (
          <li key={visit.kind} className="grid grid-cols-[88px_1fr] gap-2 border-line border-t py-1">
            <span>{dayWords(visit.target)}</span>
            <span>
              {visit.name}
              <span className="text-[13.5px] text-soft">
                {" "}
                · {dayWords(visit.earliest)} to {dayWords(visit.latest)}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}
