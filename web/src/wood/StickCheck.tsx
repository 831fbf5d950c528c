import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { lastOf, useRules } from "../api/queries";
import { dated, dayWords } from "../days";
import { GradeMark } from "../drawings/GradeMark";
import { StickState } from "../drawings/StickStates";
import { Field, Input, Select } from "../ui/fields";
import { Button, Statement, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { type Choices, lengthNumber, lengthUnit, readLength, readNumber, useChoices } from "../units";
import { looksFor, MEASURES } from "./checkWords";
import { useShelf, useSources } from "./woodApi";

/** Judge one stick by looking: tap what you see, read its grade and what to do. Made for a phone in the orchard. */
export function StickCheck() {
  const [params, setParams] = useSearchParams();
  const shelf = useShelf();
  const sources = useSources();
  const of = params.get("plant")
    ? `plant ${params.get("plant")}`
    : params.get("lot")
      ? `lot ${params.get("lot")}`
      : "";
  const lot = shelf.data?.lots.find((l) => l.code === params.get("lot"));
  const plant = sources.data?.find((s) => s.plantId !== undefined && s.name === params.get("plant"));
  const species = lot?.speciesKey ?? plant?.speciesKey;
  return (
    <div className="mx-auto max-w-[980px] px-[26px] py-5 max-sm:px-4">
      <Statement title="Check a stick">
        Tap what you see; leave out what you cannot tell.{" "}
        <Link className="text-sea underline" to="/wood">
          Back to the shelf
        </Link>
      </Statement>
      <Field label="A stick of">
        <Select
          className="max-w-md"
          value={of}
          onChange={(e) => {
            const [kind, code] = e.target.value.split(" ");
            setParams(code ? { [kind]: code } : {});
          }}
        >
          <option value="">choose a lot or a tree</option>
          <optgroup label="Lots on the shelf">
            {(shelf.data?.lots ?? []).map((l) => (
              <option key={l.id} value={`lot ${l.code}`}>
                {l.code}, {l.varietyName}
              </option>
            ))}
          </optgroup>
          <optgroup label="Still on its tree">
            {(sources.data ?? [])
              .filter((s) => s.plantId !== undefined)
              .map((s) => (
                <option key={s.key} value={`plant ${s.name}`}>
                  {s.name}, {s.varietyName}
                </option>
              ))}
          </optgroup>
        </Select>
      </Field>
      {species && <Look key={of} species={species} lotId={lot?.id} plantId={plant?.plantId} />}
    </div>
  );
}

function Look({ species, lotId, plantId }: { species: string; lotId?: number; plantId?: number }) {
  const rules = useRules();
  const { personId, length } = useChoices();
  const { send, problem, busy } = useSend();
  const [states, setStates] = useState<Record<string, string>>({});
  const [measures, setMeasures] = useState<Record<string, string>>({});
  const [kept, setKept] = useState(0);
  const kinds = rules.data?.wood.species;
  const kind = kinds?.[species] ?? kinds?.other;
  const read = Object.fromEntries(
    Object.entries(measures)
      .filter(([, text]) => text.trim() !== "")
      .map(([key, text]) => [key, isLength(key) ? readLength(text, length) : readNumber(text)])
      .filter(([, x]) => Number.isFinite(x)),
  );
  const body: Schemas["wood.CheckEntry"] = { lotId, plantId, states, measures: read, personId };
  const some = Object.keys(states).length + Object.keys(read).length > 0;
  const judged = useQuery({
    queryKey: ["judge", body],
    enabled: some,
    retry: false,
    placeholderData: lastOf("judge"),
    queryFn: () => told(api.POST("/api/stick-checks/judge", { body })),
  });
  const keep = () =>
    send(async () => {
      const checked = await told(api.POST("/api/stick-checks", { body }));
      done(`Stick kept: ${checked.grade.grade}`, checked.actId);
      setStates({});
      setMeasures({});
      setKept((n) => n + 1);
      document.getElementById("table")?.scrollTo(0, 0);
    });
  const choose = (look: string, state: string) =>
    setStates((before) => {
      const { [look]: had, ...rest } = before;
      return had === state ? rest : { ...rest, [look]: state };
    });
  return (
    <div className="pb-44">
      <p className="mt-2 text-soft">
        Wanted: {kind?.wants}
        {kept > 0 ? `. ${kept} kept` : ""}.
      </p>
      {looksFor(species).map((look) => (
        <fieldset key={look.key} className="mt-4">
          <legend className="mb-1 font-semibold text-[15px]">{look.ask}</legend>
          <div className="grid grid-cols-6 gap-2 max-sm:grid-cols-3">
            {look.states.map(([state, words]) => (
              <button
                key={state}
                type="button"
                aria-pressed={states[look.key] === state}
                onClick={() => choose(look.key, state)}
                className="min-h-11 rounded border border-line bg-surface px-1 pt-1 pb-1.5 text-[14px] leading-tight hover:border-sea aria-pressed:border-sea aria-pressed:font-semibold aria-pressed:shadow-[inset_0_0_0_2px_var(--sea)]"
              >
                <StickState look={look.key} state={state} />
                {words}
              </button>
            ))}
          </div>
        </fieldset>
      ))}
      <div className="mt-4 grid max-w-xl grid-cols-3 gap-3 max-sm:grid-cols-2">
        {MEASURES.filter((m) => kind?.measures[m.key]).map((m) => (
          <Field
            key={m.key}
            label={m.length ? `${m.name}, ${lengthUnit(length)}` : m.name}
            hint={`${sizeWords(m, kind?.measures[m.key].low, length)}–${sizeWords(m, kind?.measures[m.key].high, length)}`}
          >
            <Input
              inputMode="decimal"
              value={measures[m.key] ?? ""}
              onChange={(e) => setMeasures((before) => ({ ...before, [m.key]: e.target.value }))}
            />
          </Field>
        ))}
      </div>
      <Trouble problem={judged.error ?? problem} />
      {some && judged.data && (
        <Verdict
          grade={judged.data.grade}
          refusal={judged.data.refusal}
          of={judged.isPlaceholderData ? "before" : "now"}
          busy={busy}
          onKeep={keep}
        />
      )}
    </div>
  );
}

const isLength = (key: string) => MEASURES.some((m) => m.key === key && m.length);

const sizeWords = (m: { length: boolean }, size: number | undefined, unit: Choices["length"]) =>
  m.length && size !== undefined ? lengthNumber(size, unit) : String(size ?? "");

/** The grade as it stands, what to do first, and why; stays in sight while one looks on. */
function Verdict(props: {
  grade: Schemas["wood.StickGrade"];
  refusal?: string;
  of: "before" | "now";
  busy: boolean;
  onKeep: () => void;
}) {
  const { grade } = props;
  const against = grade.reasons.filter((r) => r.grade !== "A");
  return (
    <section
      aria-label="Its grade"
      aria-live="polite"
      aria-busy={props.of === "before"}
      className="fixed right-0 bottom-0 left-[188px] border-line border-t-2 bg-surface px-[26px] py-3 shadow-[0_-6px_18px_rgba(0,0,0,0.08)] max-sm:bottom-12 max-sm:left-0 max-sm:px-4"
    >
      <div className="mx-auto flex max-w-[930px] items-start justify-between gap-4 max-sm:flex-col max-sm:gap-2">
        <div className="min-w-0">
          <p className="text-[19px]">
            <GradeMark grade={grade.grade} words />
          </p>
          {props.refusal && (
            <p className="font-semibold text-[15px] text-alarm">{dated(props.refusal)} Do not use it.</p>
          )}
          {grade.actions.length > 0 && (
            <p className="font-semibold text-[15px]">First: {grade.actions.join("; ")}.</p>
          )}
          {grade.readyFrom && grade.readyTo && (
            <p className="text-[15px]">
              Ready {dayWords(grade.readyFrom)} to {dayWords(grade.readyTo)}.
            </p>
          )}
          <ul className="max-h-[76px] overflow-auto text-[14.5px] text-soft">
            {(against.length > 0 ? against : grade.reasons.slice(0, 2)).map((r) => (
              <li key={r.look}>
                {r.why.replace(/^./, (c) => c.toUpperCase())}
                {r.wanted ? ` (${r.found}; wanted ${r.wanted})` : ""}.
              </li>
            ))}
          </ul>
        </div>
        <Button
          data-does="POST /api/stick-checks"
          strong
          disabled={props.busy}
          className="min-h-11 shrink-0 max-sm:w-full"
          onClick={props.onKeep}
        >
          Keep this stick
        </Button>
      </div>
    </section>
  );
}
