import { useEffect, useMemo, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { useFarm, useRules } from "../api/queries";
import { dated } from "../days";
import { TechniqueOptions } from "../rules/TechniqueOptions";
import { Beside } from "../ui/Beside";
import { useCommands } from "../ui/commands";
import { Field, Select } from "../ui/fields";
import { typedLength } from "../ui/keptLengths";
import { Button, Statement, Teach } from "../ui/parts";
import { useKept } from "../ui/useKept";
import { usePhone } from "../ui/usePhone";
import { lengthWords, useChoices } from "../units";
import { useShelf } from "../wood/woodApi";
import { Calliper } from "./Calliper";
import { CutList } from "./CutList";
import { entryOf, type FitDraft, FRESH, fromStem, keepDraft, keptDraft, unreadable } from "./draft";
import { Face, type Move } from "./Face";
import { FitTable } from "./FitTable";
import { useFit, useStems, useTechniques } from "./fitApi";
import { Measures } from "./Measures";
import { PhoneKeys } from "./PhoneKeys";
import { Section } from "./Section";
import { Sizes } from "./Sizes";
import { StemView } from "./StemView";
import { Conditions, Techniques } from "./Techniques";
import { toBench } from "./toBench";
import { useFitKeys } from "./useFitKeys";
import { WhereWords } from "./WhereWords";
import { headline, layWords, wrapFrom } from "./words";

/** One stick on one stem: drag until cambium meets, read off what to cut. */
export function FitBench() {
  const { length } = useChoices();
  const navigate = useNavigate();
  const phone = usePhone();
  const farm = useFarm();
  const rules = useRules();
  const shelf = useShelf();
  const stems = useStems();
  const [params, setParams] = useSearchParams();
  const [draft, setDraft] = useState<FitDraft>(() => keptDraft() ?? FRESH);
  const [measuring, setMeasuring] = useState(false);
  const [calliper, setCalliper] = useState(false);
  const asTable = params.get("read") === "table";
  const set = (change: Partial<FitDraft>) => setDraft((before) => ({ ...before, ...change }));
  useKept(draft, keepDraft);

  // A bench nobody has used yet starts with the first measured stem and a stick of the first lot.
  const untouched = draft.scion === "" && draft.readings.every((r) => r.diameter === "");
  useEffect(() => {
    const stem = stems.data?.find((s) => s.measuredOn && !s.refusal);
    const lot = shelf.data?.lots.find(
      (l) => !l.refusal && l.speciesKey === stem?.speciesKey && l.diametersMm.length > 0,
    );
    if (untouched && stem && lot) {
      setDraft((before) => ({
        ...before,
        ...fromStem(stem, length),
        lotId: String(lot.id),
        scion: typedLength(lot.diametersMm[0], length),
      }));
    }
  }, [untouched, stems.data, shelf.data, length]);

  const entry = useMemo(() => entryOf(draft, length), [draft, length]);
  const { view, problem, behind } = useFit(entry);
  const bad = unreadable(draft, length);
  const errorOf = (field: string) => problem?.fields.find((f) => f.field === field)?.sentence;
  const lot = shelf.data?.lots.find((l) => String(l.id) === draft.lotId);
  const stem = stems.data?.find((s) => String(s.stemId) === draft.stemId);
  const held = lot?.refusal ?? stem?.refusal;
  const on = {
    ...draft.on,
    scionSpecies: lot?.speciesKey ?? draft.species,
    stockSpecies: draft.species,
  };
  const weighed = useTechniques(
    view,
    { scionBarkMm: entry?.scionBarkMm, stockBarkMm: entry?.stem.barkMm },
    on,
  );

  const move = (next: Move) => setDraft((before) => ({ ...before, wish: { ...before.wish, ...next } }));
  const technique = (key: string) => set({ technique: key, wish: {}, height: undefined });
  const keys = useFitKeys(view, setDraft, {
    table: () => setParams(asTable ? {} : { read: "table" }),
    calliper: () => farm.data?.demo && setCalliper((was) => !was),
  });
  useCommands(keys);

  const log = () => view && farm.data && toBench(view, draft, farm.data.today, lot, stem, length, navigate);
  const wide = phone ? 176 : 256;
  const high = phone ? 320 : 372;
  return (
    <div className="flex max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] pt-4 pb-5 max-sm:px-4">
        {view ? (
          <Statement title={headline(view, length)}>
            {sentence(view.techniqueName)}, {lot ? `${lot.varietyName} stick ` : "stick "}
            {lengthWords(view.scionMm, length)} on {stem?.name ?? "the stem"} at{" "}
            {lengthWords(view.stockMm, length)}.{" "}
            {layWords(view, draft.wrap, wrapFrom(rules.data?.schools, view.techniqueKey))}
          </Statement>
        ) : (
          <Statement title="How thick are the stick and the stem?" />
        )}
        <Sizes
          draft={draft}
          onChange={set}
          measuring={measuring}
          onMeasure={() => setMeasuring(!measuring)}
        />
        {measuring && <Measures draft={draft} errorOf={errorOf} onChange={set} />}
        {(bad !== undefined || problem) && (
          <p role="alert" className="mt-2 font-semibold text-[14.5px] text-alarm">
            {bad !== undefined
              ? `“${bad}” is not a length. Write 7.8 or 5/16.`
              : `${problem?.message ?? ""}${view ? " The drawing shows the last that can be." : ""}`}
          </p>
        )}
        {held && (
          <p role="alert" className="mt-2 font-semibold text-[14.5px] text-alarm">
            {dated(held)} It is not grafted with.
          </p>
        )}
        {!view && (
          <Teach title="See it before you cut">
            Measure the stick and the stem where you would cut it; the bench draws both to scale, shows where
            their cambium meets and what to cut. Any two thicknesses will do, such as 7.8 on 9.4.
          </Teach>
        )}
        {view && asTable && <FitTable view={view} />}
        {view && !asTable && (
          <div className="mt-3 flex items-start gap-3 max-sm:flex-wrap max-sm:gap-1">
            <figure className="shrink-0 max-sm:order-3 max-sm:w-full">
              <figcaption className="mb-1 text-[14px] text-soft">Along the stem</figcaption>
              <StemView
                view={view}
                draft={draft}
                width={124}
                height={phone ? 260 : high}
                onHeight={(mm) => set({ height: mm })}
              />
            </figure>
            <figure>
              <figcaption className="mb-1 text-[14px] text-soft">
                From above, {lengthWords(view.measured.depth, length)} down
              </figcaption>
              <Section view={view} width={wide} height={high} />
            </figure>
            <figure>
              <figcaption className="mb-1 text-[14px] text-soft">On the cut face</figcaption>
              <Face view={view} width={wide} height={high} onMove={move} />
            </figure>
          </div>
        )}
        {view && <WhereWords view={view} height={draft.height} onAuto={() => set({ height: undefined })} />}
        <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
          <span className="text-[14.5px] max-sm:hidden">
            Drag the stick, or <kbd className="code">← →</kbd> sideways, <kbd className="code">↑ ↓</kbd> along
            the stem, <kbd className="code">L R</kbd> tilt, <kbd className="code">N M</kbd> length,{" "}
            <kbd className="code">B</kbd> best
          </span>
          <span className="ml-auto flex gap-2 max-sm:ml-0 max-sm:flex-wrap">
            {phone && <PhoneKeys keys={keys} />}
            {farm.data?.demo && <Button onClick={() => setCalliper(!calliper)}>Calliper</Button>}
            <Button onClick={() => setParams(asTable ? {} : { read: "table" })}>
              {asTable ? "See it drawn" : "Read as table"}
            </Button>
          </span>
        </div>
      </section>
      <Beside width="w-[356px]" className="print:border-0">
        {view && (
          <CutList
            view={view}
            onWish={(wish) => set({ wish: { ...draft.wish, offsetMm: undefined, ...wish } })}
          />
        )}
        <Techniques
          weighed={weighed.data}
          problem={weighed.error}
          chosen={draft.technique}
          onChoose={technique}
        />
        <div className="mt-4 print:hidden">
          <Conditions on={draft.on} onChange={(change) => set({ on: { ...draft.on, ...change } })} />
          <div className="mt-2 grid grid-cols-2 gap-x-3">
            <Field label="Technique">
              <Select value={draft.technique} onChange={(e) => technique(e.target.value)}>
                <TechniqueOptions />
              </Select>
            </Field>
            <Field label="Tape is wound">
              <Select
                value={draft.wrap}
                onChange={(e) =>
                  set({
                    wrap: e.target.value as FitDraft["wrap"],
                    wish: { ...draft.wish, offsetMm: undefined },
                  })
                }
              >
                <option value="CLOCKWISE">clockwise</option>
                <option value="COUNTER">the other way</option>
              </Select>
            </Field>
          </div>
          <div className="mt-4 flex flex-wrap gap-2">
            <Button
              strong
              disabled={!view || behind || held !== undefined}
              onClick={log}
              className="min-h-11"
            >
              Take it to the Bench
            </Button>
            <Button disabled={!view} onClick={() => window.print()} className="min-h-11">
              Print the bench card
            </Button>
          </div>
        </div>
      </Beside>
      {calliper && <Calliper onClose={() => setCalliper(false)} />}
    </div>
  );
}

const sentence = (words: string) => words.replace(/^./, (c) => c.toUpperCase());
