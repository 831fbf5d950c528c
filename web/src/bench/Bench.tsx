import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import api, { ProblemError, type Schemas, told } from "../api/client";
import { useFarm, useRules, useVarieties } from "../api/queries";
import { Instead } from "../share/bounds";
import { useCommands } from "../ui/commands";
import { DayBox } from "../ui/DayBox";
import { Field, Input } from "../ui/fields";
import { Button, Statement, Teach, Trouble } from "../ui/parts";
import { useKept } from "../ui/useKept";
import { done } from "../undo";
import { type Choices, lengthNumber, lengthWords, useChoices } from "../units";
import { useShelf } from "../wood/woodApi";
import { BenchLog } from "./BenchLog";
import { type Draft, entryOf, freshDraft, keepDraft, keptDraft, ONLY_LOT } from "./draft";
import { Findings } from "./Findings";
import { Schools } from "./Schools";
import { Sentence } from "./Sentence";
import { Tray } from "./Tray";
import { useFindings } from "./useFindings";
import { useSitting } from "./useSitting";
import { WoodAtHand } from "./WoodAtHand";

/** The bench: one sentence says what is done, a tap on a stock does it. */
export function Bench() {
  const farm = useFarm();
  const varieties = useVarieties();
  const next = useQuery({
    queryKey: ["next"],
    queryFn: () => told(api.GET("/api/grafts/next", { params: { query: {} } })),
  });
  if (!farm.data || !varieties.data || !next.data) return <Trouble page problem={next.error} />;
  if (varieties.data.length === 0) {
    return (
      <div className="px-[26px] py-5">
        <Statement title="At the bench" />
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
  const [written, setDraft] = useState<Draft>(() => keptDraft() ?? freshDraft(today, next.last));
  const [problem, setProblem] = useState<ProblemError>();
  const [busy, setBusy] = useState(false);
  const [typedDay, setTypedDay] = useState(false);
  const set = (change: Partial<Draft>) => setDraft((before) => ({ ...before, ...change }));
  useKept(written, keepDraft);

  const shelf = useShelf();
  const lots = (shelf.data?.lots ?? []).filter((lot) => String(lot.varietyId) === written.varietyId);
  // Where there is one lot to take, it is taken, whenever the shelf is known.
  const usable = lots.filter((lot) => !lot.refusal);
  const onlyLot = usable.length === 1 ? String(usable[0].id) : "";
  const draft = written.lotId === ONLY_LOT ? { ...written, lotId: onlyLot } : written;
  const ofVariety = (varietyId: string) => set({ varietyId, stems: [], scion: "", lotId: ONLY_LOT });
  // And where there is one variety, it is that.
  const onlyVariety = draft.varietyId === "" && varieties.length === 1 ? String(varieties[0].id) : "";
  useEffect(() => {
    if (onlyVariety) ofVariety(onlyVariety);
  });
  const variety = varieties.find((v) => String(v.id) === draft.varietyId);
  const lot = lots.find((one) => String(one.id) === draft.lotId);
  const technique = rules.data?.techniques.find((t) => t.key === draft.techniqueKey);
  const sitting = useSitting(draft, lot, technique?.group === "BUD", set, setProblem);
  const entry = entryOf(draft, length);
  const findings = useFindings(draft, entry);
  const code = useQuery({
    queryKey: ["nextcode", draft.varietyId],
    enabled: draft.varietyId !== "",
    queryFn: () =>
      told(api.GET("/api/grafts/next", { params: { query: { varietyId: Number(draft.varietyId) } } })),
  });
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

  useCommands([{ key: "Ctrl Enter", words: "log what is listed", run: log, does: "POST /api/grafts" }]);

  const many = draft.stems.length;
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <Instead of="POST /api/grafts">
        <div className="min-w-0 flex-1 px-[26px] py-5 max-sm:px-4">
          <Statement title="At the bench">Who looks on logs no grafts; here is what was logged.</Statement>
        </div>
      </Instead>
      <form
        data-does="POST /api/grafts"
        className="min-w-0 flex-1 px-[26px] py-5 max-sm:px-4"
        onSubmit={(event) => {
          event.preventDefault();
          log();
        }}
      >
        <Statement title={many > 1 ? `A run of ${many} grafts` : "At the bench"}>
          {code.data?.code ? (
            <>
              The next is <b className="code text-ink">{code.data.code}</b>. Write it on the label now: lost
              labels are the commonest regret.
            </>
          ) : (
            "Choose what goes on what; it stays for the next graft."
          )}
        </Statement>
        <Sentence
          draft={draft}
          today={today}
          varieties={varieties}
          lots={lots}
          wrong={(field) => errorOf(field) !== undefined}
          onChange={(change) => {
            if (change.madeOn !== undefined) setTypedDay(change.madeOn === "");
            set("lotId" in change ? { ...change, scion: "" } : change);
          }}
          onVariety={ofVariety}
        />
        {(typedDay || !draft.madeOn) && (
          <div className="mt-1 w-[200px]">
            <Field label="On which day" error={errorOf("madeOn")}>
              <DayBox past value={draft.madeOn} onChange={(madeOn) => set({ madeOn })} />
            </Field>
          </div>
        )}
        {technique && (
          <p className="mt-1 text-[14px] text-soft">
            {technique.name}: {sizeWords(technique, length)}
          </p>
        )}
        {variety && draft.techniqueKey && (
          <Schools
            species={variety.speciesKey}
            technique={draft.techniqueKey}
            chosen={draft.schools}
            onChange={(schools) => set({ schools })}
          />
        )}
        {variety && (
          <div className="flex gap-x-7 max-lg:flex-col">
            <WoodAtHand
              draft={draft}
              lot={lot}
              used={sitting.used}
              sources={next.sources}
              errorOf={errorOf}
              onChange={set}
            >
              <div className="mt-2">
                <Field label="Notes" error={errorOf("notes")}>
                  <Input
                    value={draft.notes}
                    maxLength={4000}
                    onChange={(e) => set({ notes: e.target.value })}
                  />
                </Field>
              </div>
              <p className="mt-3 text-[13.5px] text-soft">
                Blade away from you, never toward the holding hand. Alcohol burns: no flame near it, and let
                it dry. Follow the label and local rules.
              </p>
            </WoodAtHand>
            <Tray
              draft={draft}
              species={variety.speciesKey}
              here={sitting.here}
              busy={sitting.busy}
              error={errorOf("stemId") ?? errorOf("plantId") ?? errorOf("stems")}
              onChange={set}
              onGraft={sitting.graft}
            />
          </div>
        )}
        <Findings findings={findings} problem={problem} />
        {many > 0 && (
          <div className="mt-3 flex items-center gap-4">
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
        )}
      </form>
      <BenchLog />
    </div>
  );
}

function sizeWords({ sizes }: Schemas["rules.Technique"], unit: Choices["length"]): string {
  const { ratio, stockMm } = sizes;
  return `scion to stock ${ratio.low}–${ratio.high}, stock ${lengthNumber(stockMm.low, unit)}–${lengthWords(stockMm.high, unit)}`;
}
