import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import api, { ProblemError, type Schemas, told } from "../api/client";
import { useFarm, useRules, useVarieties } from "../api/queries";
import { DaysAhead } from "../day/DaysAhead";
import { dated } from "../days";
import { useScope } from "../frame/scope";
import { PeopleOptions } from "../place/PeopleOptions";
import { VarietyOptions } from "../place/VarietyOptions";
import { useCommands } from "../ui/commands";
import { DayBox } from "../ui/DayBox";
import { Button, Field, Input, PartHeading, Select, Statement, Teach, Trouble } from "../ui/parts";
import { useKept } from "../ui/useKept";
import { done } from "../undo";
import { type Choices, lengthNumber, lengthWords, useChoices } from "../units";
import { useShelf } from "../wood/woodApi";
import { CoverOptions } from "./CoverOptions";
import { type Draft, entryOf, freshDraft, keepDraft, keptDraft } from "./draft";
import { Schools } from "./Schools";
import { Stems } from "./Stems";
import { WoodChoice } from "./WoodChoice";

/** The log fitted to the bench: one graft in a few touches, or a run of many. */
export function Bench() {
  const farm = useFarm();
  const varieties = useVarieties();
  const next = useQuery({
    queryKey: ["next"],
    queryFn: () => told(api.GET("/api/grafts/next", { params: { query: {} } })),
  });
  if (!farm.data || !varieties.data || !next.data) return <Trouble problem={next.error} />;
  if (varieties.data.length === 0) {
    return (
      <div className="px-[26px] py-5">
        <Statement title="Log a graft" />
        <Teach
          title="First say what you grow"
          action={
            <Link to="/trees?tab=varieties">
              <Button strong>Add a variety</Button>
            </Link>
          }
        >
          A graft puts a variety onto a stock. Add the varieties you graft and the plants that carry them.
        </Teach>
      </div>
    );
  }
  return <BenchForm today={farm.data.today} next={next.data} varieties={varieties.data} />;
}

interface FormProps {
  today: string;
  next: Schemas["bench.Next"];
  varieties: Schemas["place.Variety"][];
}

function BenchForm({ today, next, varieties }: FormProps) {
  const rules = useRules();
  const { length } = useChoices();
  const [draft, setDraft] = useState<Draft>(() => keptDraft() ?? freshDraft(today, next.last));
  const [problem, setProblem] = useState<ProblemError>();
  const [busy, setBusy] = useState(false);
  const set = (change: Partial<Draft>) => setDraft((before) => ({ ...before, ...change }));
  useKept(draft, keepDraft);

  const shelf = useShelf();
  // Where there is one lot to take, it is taken.
  const onlyLot = (varietyId: string) => {
    const own = (shelf.data?.lots ?? []).filter((lot) => String(lot.varietyId) === varietyId && !lot.refusal);
    return own.length === 1 ? String(own[0].id) : "";
  };
  // And where there is one variety, it is that.
  const onlyVariety = draft.varietyId === "" && varieties.length === 1 ? String(varieties[0].id) : "";
  useEffect(() => {
    if (onlyVariety && shelf.data) set({ varietyId: onlyVariety, lotId: onlyLot(onlyVariety) });
  });
  const variety = varieties.find((v) => String(v.id) === draft.varietyId);
  const entry = entryOf(draft, length);
  const check = useQuery({
    queryKey: ["check", entry],
    enabled: entry !== undefined,
    queryFn: () => told(api.POST("/api/grafts/check", { body: entry as Schemas["bench.BenchEntry"] })),
  });
  const code = useQuery({
    queryKey: ["nextcode", draft.varietyId],
    enabled: draft.varietyId !== "",
    queryFn: () =>
      told(api.GET("/api/grafts/next", { params: { query: { varietyId: Number(draft.varietyId) } } })),
  });
  const findings = entry ? (check.data ?? []) : [];
  const refused = findings.filter((f) => f.weight === "REFUSES");
  const errorOf = (field: string) =>
    refused.find((f) => f.field === field)?.message ??
    problem?.fields.find((f) => f.field === field)?.sentence;

  const log = async () => {
    if (!entry || busy) return;
    setBusy(true);
    setProblem(undefined);
    try {
      const logged = await told(api.POST("/api/grafts", { body: entry }));
      const last = logged.codes[logged.codes.length - 1];
      done(`Logged ${logged.codes.length === 1 ? last : `${logged.codes[0]} to ${last}`}`, logged.actId);
      setDraft((before) => ({ ...before, stems: [], notes: "" }));
    } catch (e) {
      if (e instanceof ProblemError) setProblem(e);
    }
    setBusy(false);
  };

  useCommands([{ key: "Ctrl Enter", words: "log what the form says", run: log }]);

  const speciesRule = rules.data?.species.find((s) => s.key === variety?.speciesKey);
  const many = draft.stems.length;
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <form
        className="min-w-0 flex-1 px-[26px] py-5 max-sm:px-4"
        onSubmit={(event) => {
          event.preventDefault();
          log();
        }}
      >
        <Statement title={many > 1 ? `A run of ${many} grafts` : "Log a graft"}>
          {code.data?.code ? (
            <>
              The next is <b className="code text-ink">{code.data.code}</b>. Write it on the label now: lost
              labels are the commonest regret.
            </>
          ) : (
            "Choose what goes on what; the next form comes filled in."
          )}
        </Statement>
        <div className="grid grid-cols-3 gap-x-5 gap-y-3 max-sm:grid-cols-2 max-sm:gap-x-3">
          <Field label="Variety" error={errorOf("varietyId")}>
            <Select
              value={draft.varietyId}
              onChange={(e) => set({ varietyId: e.target.value, lotId: onlyLot(e.target.value), stems: [] })}
            >
              <option value="">choose</option>
              {[...new Set(varieties.map((v) => v.speciesKey))].map((species) => (
                <optgroup key={species} label={species}>
                  <VarietyOptions species={species} />
                </optgroup>
              ))}
            </Select>
          </Field>
          <Field
            label="Technique"
            error={errorOf("techniqueKey")}
            hint={techniqueHint(rules.data, draft.techniqueKey, length)}
          >
            <Select value={draft.techniqueKey} onChange={(e) => set({ techniqueKey: e.target.value })}>
              <option value="">choose</option>
              {(rules.data?.techniques ?? []).map((t) => (
                <option
                  key={t.key}
                  value={t.key}
                  disabled={speciesRule?.refusedTechniques[t.key] !== undefined}
                >
                  {t.name}
                  {speciesRule?.refusedTechniques[t.key] ? " (not on this species)" : ""}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="Made by">
            <Select value={draft.makerId} onChange={(e) => set({ makerId: e.target.value })}>
              <option value="">not said</option>
              <PeopleOptions />
            </Select>
          </Field>
          <WoodChoice draft={draft} sources={next.sources} errorOf={errorOf} onChange={set} />
          <Field label="Made on" error={errorOf("madeOn")}>
            <DayBox past value={draft.madeOn} onChange={(madeOn) => set({ madeOn })} />
          </Field>
          <Field label="Cover">
            <Select value={draft.cover} onChange={(e) => set({ cover: e.target.value as Draft["cover"] })}>
              <CoverOptions />
            </Select>
          </Field>
          <div className="col-span-2">
            <Field label="Notes" error={errorOf("notes")}>
              <Input value={draft.notes} maxLength={4000} onChange={(e) => set({ notes: e.target.value })} />
            </Field>
          </div>
        </div>
        {variety && (
          <Stems
            species={variety.speciesKey}
            stems={draft.stems}
            error={errorOf("stemId") ?? errorOf("plantId") ?? errorOf("stems")}
            onChange={(stems) => set({ stems })}
          />
        )}
        {variety && draft.techniqueKey && (
          <Schools
            species={variety.speciesKey}
            technique={draft.techniqueKey}
            chosen={draft.schools}
            onChange={(schools) => set({ schools })}
          />
        )}
        <Findings findings={findings} problem={problem} />
        <div className="mt-4 flex items-center gap-4">
          <Button
            strong
            type="submit"
            disabled={!entry || refused.length > 0 || busy}
            className="min-h-11 px-6"
          >
            {many > 1 ? `Log ${many} grafts` : "Log this graft"}
          </Button>
          <span className="text-[14px] text-soft max-sm:hidden">Ctrl Enter</span>
        </div>
        <p className="mt-3 text-[13.5px] text-soft">
          Blade away from you, never toward the holding hand. Alcohol burns: no flame near it, and let it dry.
          Follow the label and local rules.
        </p>
      </form>
      <Log />
    </div>
  );
}

function techniqueHint(
  rules: Schemas["rules.RulesView"] | undefined,
  key: string,
  unit: Choices["length"],
): string | undefined {
  const technique = rules?.techniques.find((t) => t.key === key);
  if (!technique) return undefined;
  const { ratio, stockMm } = technique.sizes;
  return `ratio ${ratio.low}–${ratio.high}, stock ${lengthNumber(stockMm.low, unit)}–${lengthWords(stockMm.high, unit)}`;
}

function Findings({ findings, problem }: { findings: Schemas["rules.Finding"][]; problem?: ProblemError }) {
  if (findings.length === 0 && !problem) return null;
  return (
    <ul className="mt-3" aria-live="polite">
      {problem && <li className="font-semibold text-alarm">{dated(problem.message)}</li>}
      {findings.map((f) => (
        <li
          key={f.rule + f.message}
          className={`border-l-4 py-0.5 pl-3 ${f.weight === "REFUSES" ? "border-alarm text-alarm" : "border-soft"}`}
        >
          <b>{f.weight === "REFUSES" ? "Cannot be logged: " : "Mind: "}</b>
          {dated(f.message)}.
        </li>
      ))}
    </ul>
  );
}

function Log() {
  const { scope } = useScope();
  const list = useQuery({
    queryKey: ["log", scope],
    queryFn: () => told(api.GET("/api/grafts", { params: { query: { from: scope.from, to: scope.to } } })),
  });
  if (!list.data) return null;
  return (
    <aside className="w-[340px] shrink-0 border-line border-l bg-surface px-[22px] py-5 max-lg:w-full max-lg:border-t max-lg:border-l-0">
      <DaysAhead />
      <h2 className="font-semibold text-[14px] text-soft">
        The log · {list.data.total} {list.data.total === 1 ? "graft" : "grafts"}
        {scope.from ? " in the span" : ""}
      </h2>
      {list.data.total === 0 && <p className="mt-2 text-soft">What you log stands here, newest first.</p>}
      <ol className="mt-1">
        {list.data.grafts.slice(0, 40).map((graft) => (
          <li key={graft.id}>
            <Link
              to={`/graft/${graft.code}`}
              className="flex gap-3 border-line border-t py-1 text-[14.5px] hover:bg-ground"
            >
              <span className="code w-24 shrink-0 text-[13.5px]">{graft.code}</span>
              <span className="min-w-0 flex-1 truncate">{graft.varietyName}</span>
              <span className="text-soft">{graft.plantCode}</span>
            </Link>
          </li>
        ))}
      </ol>
      <PartHeading>Take it with you</PartHeading>
      <a className="text-sea underline" href="/api/exchange/grafts.csv">
        The whole log as CSV
      </a>
    </aside>
  );
}
