import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { useRules, useVarieties } from "../api/queries";
import { percent } from "../percent";
import { useFactGroups } from "../take/factApi";
import { Field, Input, Select } from "../ui/fields";
import { Button, Coming, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { type TrialEntry, useTrialAspects, useTrialSize } from "./trialApi";

interface Draft {
  species: string;
  variety: string;
  technique: string;
  aspect: string;
  first: string;
  second: string;
  usual?: string;
  difference: string;
  question: string;
}

const BLANK = {
  variety: "",
  technique: "",
  aspect: "",
  first: "",
  second: "",
  difference: "20",
  question: "",
};

/** A new question as one sentence whose words are the choices; how many grafts it takes stands under it. */
export function NewTrial({ onClose }: { onClose: () => void }) {
  const rules = useRules();
  const varieties = useVarieties();
  const grown = new Set(varieties.data?.map((v) => v.speciesKey));
  const kinds = rules.data?.species.filter((s) => grown.has(s.key)) ?? [];
  const [draft, setDraft] = useState<Draft>({ species: "", ...BLANK });
  const species = draft.species || kinds[0]?.key || "avocado";
  const set = (change: Partial<Draft>) => setDraft((before) => ({ ...before, ...change }));
  const choices = useTrialAspects(species);
  const aspects = choices.data ?? [];
  const aspect = aspects.find((a) => a.key === draft.aspect) ?? aspects[0];
  const ways = aspect?.ways ?? [];
  const first = ways.find((w) => w.key === draft.first)?.key ?? ways[0]?.key ?? "";
  const others = ways.filter((w) => w.key !== first);
  const second = others.find((w) => w.key === draft.second)?.key ?? others[0]?.key ?? "";
  const known = useFactGroups("species").data?.groups.find((g) => g.kind === species);
  const usual = draft.usual ?? (known ? `${percent(known.mean)}` : "70");
  const technique = aspect?.key === "technique" ? "" : draft.technique;
  const entry = aspect && read({ ...draft, species, technique, usual, aspect: aspect.key, first, second });
  const size = useTrialSize(entry);
  const { send, problem, busy, errorOf } = useSend();
  const begin = () =>
    entry &&
    send(async () => {
      const begun = await told(api.POST("/api/trials", { body: entry }));
      done(begun.sentence, begun.actId);
      onClose();
    });
  if (choices.error) return <Trouble problem={choices.error} />;
  if (!aspect) return <Coming what="what can be tried" />;
  const word = (label: string, value: string, onValue: (to: string) => void, options: [string, string][]) => (
    <Select data-word aria-label={label} value={value} onChange={(e) => onValue(e.target.value)}>
      {options.map(([key, words]) => (
        <option key={key} value={key}>
          {words}
        </option>
      ))}
    </Select>
  );
  const named = (list: { key: string; name: string }[] | undefined): [string, string][] =>
    (list ?? []).map((one) => [one.key, one.name]);
  const own = varieties.data?.filter((v) => v.speciesKey === species) ?? [];
  return (
    <form
      data-does="POST /api/trials"
      aria-label="A new trial"
      className="rounded border border-line bg-surface px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        begin();
      }}
    >
      <p className="max-w-[860px] text-[20px] leading-[1.7] max-sm:text-[18px]">
        In {word("Species", species, (to) => set({ ...BLANK, species: to, usual: undefined }), named(kinds))},{" "}
        {word("Variety", draft.variety, (to) => set({ variety: to }), [
          ["", "all varieties"],
          ...own.map((v): [string, string] => [String(v.id), v.name]),
        ])}
        {aspect.key !== "technique" && (
          <>
            {" "}
            by{" "}
            {word("Technique", technique, (to) => set({ technique: to }), [
              ["", "any technique"],
              ...named(rules.data?.techniques),
            ])}
          </>
        )}
        , try{" "}
        {word(
          "What is tried",
          aspect.key,
          (to) => set({ aspect: to, first: "", second: "" }),
          aspects.map((a) => [a.key, a.words.toLowerCase()]),
        )}
        :{" "}
        {word(
          "First way",
          first,
          (to) => set({ first: to }),
          ways.map((w) => [w.key, w.words]),
        )}{" "}
        against{" "}
        {word(
          "Second way",
          second,
          (to) => set({ second: to }),
          others.map((w) => [w.key, w.words]),
        )}
        .
      </p>
      <div className="mt-2 flex flex-wrap items-start gap-3">
        <Field label="usually take, %" error={errorOf("usual")}>
          <Input
            inputMode="decimal"
            className="max-w-24"
            value={usual}
            onChange={(e) => set({ usual: e.target.value })}
          />
        </Field>
        <Field label="it matters from, points" error={errorOf("difference")}>
          <Input
            inputMode="decimal"
            className="max-w-24"
            value={draft.difference}
            onChange={(e) => set({ difference: e.target.value })}
          />
        </Field>
        <div className="min-w-[260px] flex-1">
          <Field label="the question in your words, if you like" error={errorOf("question")}>
            <Input
              maxLength={200}
              value={draft.question}
              onChange={(e) => set({ question: e.target.value })}
            />
          </Field>
        </div>
      </div>
      <Size entry={entry} size={size.data} problem={size.error} />
      <div className="mt-2 flex gap-2">
        <Button strong type="submit" disabled={busy || !entry || size.isError || size.isFetching}>
          Begin this trial
        </Button>
        <Button onClick={onClose}>Leave it</Button>
      </div>
      <Trouble problem={problem} />
    </form>
  );
}

function Size(props: {
  entry: TrialEntry | undefined;
  size: Schemas["trial.Tried"] | undefined;
  problem: Error | null;
}) {
  return (
    <div aria-live="polite" className="mt-2 min-h-6 text-[16px]">
      {!props.entry && <p className="text-alarm">Both numbers are whole hundredths between 0 and 100.</p>}
      {props.entry && props.problem && <p className="font-semibold text-alarm">{props.problem.message}</p>}
      {props.entry && !props.problem && props.size && (
        <p>
          <b>{2 * props.size.each} grafts</b>, {props.size.sentence}{" "}
          <span className="text-soft">
            In the last twelve months {props.size.lastYear} of this sort were made. From now on every pair of
            such grafts that is laid into a day goes into it, until it has them all.
          </span>
        </p>
      )}
    </div>
  );
}

function hundredths(typed: string): number | undefined {
  const number = Number(typed.trim().replace(",", ".").replace(/\s*%$/, ""));
  return typed.trim() !== "" && number > 0 && number < 100 ? number / 100 : undefined;
}

function read(draft: Draft & { usual: string }): TrialEntry | undefined {
  const usual = hundredths(draft.usual);
  const difference = hundredths(draft.difference);
  if (usual === undefined || difference === undefined || !draft.first || !draft.second) return undefined;
  return {
    question: draft.question,
    aspect: draft.aspect,
    first: draft.first,
    second: draft.second,
    speciesKey: draft.species,
    varietyId: draft.variety ? Number(draft.variety) : undefined,
    techniqueKey: draft.technique || undefined,
    usual,
    difference,
  };
}
