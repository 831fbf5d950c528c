import { useMemo, useState } from "react";
import { Navigate } from "react-router";
import api, { told } from "../api/client";
import { useFarm, useRules } from "../api/queries";
import { BringFarm } from "../exchange/BringFarm";
import { SiteBoxes } from "../place/SiteBoxes";
import { Choice } from "../ui/Choice";
import { Field, Input } from "../ui/fields";
import { Button, Coming, Statement } from "../ui/parts";
import { useKept } from "../ui/useKept";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { choose, useChoices } from "../units";
import { beginningOf, freshSpecies, keepBegin, keptBegin, type SpeciesDraft } from "./draft";
import { FirstLamp } from "./FirstLamp";
import { SpeciesBlock } from "./SpeciesBlock";

const SIZES = [
  ["mm", "mm"],
  ["inch", "inches"],
] as const;

/** The first page of a farm: everything on one sheet, written together; a reload loses nothing of it. */
export function FirstRun() {
  const farm = useFarm();
  if (!farm.data) return <Coming what="the farm" />;
  return farm.data.site ? <Navigate to="/today" replace /> : <Sheet />;
}

function Sheet() {
  const [draft, setDraft] = useState(keptBegin);
  const { length } = useChoices();
  const farm = useFarm();
  const { send, problem, busy, errorOf } = useSend();
  useKept(draft, keepBegin);
  const body = useMemo(() => beginningOf(draft, length), [draft, length]);
  const begin = async () => {
    if (!body) return;
    const begun = await send(() => told(api.POST("/api/beginning", { body })));
    if (!begun) return;
    const people = await told(api.GET("/api/people"));
    if (people.length === 1) choose({ personId: people[0].id });
    // Told when the farm stands before the grower: a key pressed at that word must reach a station.
    await farm.refetch();
    done(`${begun.site.name} has begun`, begun.actId);
  };
  const changed = (key: string, change: Partial<SpeciesDraft>) =>
    setDraft((before) => ({
      ...before,
      species: before.species.map((s) => (s.key === key ? { ...s, ...change } : s)),
    }));
  return (
    <main className="mx-auto grid max-w-[1180px] grid-cols-[250px_1fr] gap-x-12 px-8 py-8 max-md:grid-cols-1 max-sm:px-4 max-sm:py-5">
      <FirstLamp draft={draft} />
      <form
        className="min-w-0 max-w-[820px]"
        onSubmit={(e) => {
          e.preventDefault();
          begin();
        }}
      >
        <Statement title="Where do you graft, and what?">
          One sheet; only the place is needed, the rest can come later. Everything stays on this machine.{" "}
          <BringFarm words="Bring a whole farm in from its zip" />
        </Statement>
        <div className="grid grid-cols-3 gap-x-4 gap-y-2 max-sm:grid-cols-1">
          <SiteBoxes
            draft={draft.site}
            onChange={(change) => setDraft((before) => ({ ...before, site: { ...before.site, ...change } }))}
            errorOf={(field) => errorOf(`site.${field}`) ?? errorOf(field)}
          />
          <Field label="Who grafts here, with commas" error={errorOf("people")}>
            <Input
              value={draft.people}
              onChange={(e) => setDraft((before) => ({ ...before, people: e.target.value }))}
            />
          </Field>
        </div>
        <WhatGrows
          chosen={draft.species.map((s) => s.key)}
          onToggle={(key) =>
            setDraft((before) => ({
              ...before,
              species: before.species.some((s) => s.key === key)
                ? before.species.filter((s) => s.key !== key)
                : [...before.species, freshSpecies(key)],
            }))
          }
        />
        <Blocks species={draft.species} onChange={changed} errorOf={errorOf} />
        {problem && (
          <p role="alert" className="mb-2 font-semibold text-alarm">
            Nothing was written yet; what you typed stays.{" "}
            {problem.fields.length > 0 ? "Mend what is marked above." : problem.message}
          </p>
        )}
        <Button strong type="submit" disabled={!body || busy}>
          Begin this farm
        </Button>
        {!body && (
          <span className="ml-3 text-[14px] text-soft">It wants a name, a latitude and a longitude.</span>
        )}
      </form>
    </main>
  );
}

function WhatGrows({ chosen, onToggle }: { chosen: string[]; onToggle: (key: string) => void }) {
  const rules = useRules();
  const { length } = useChoices();
  return (
    <div className="mt-5 mb-3 flex flex-wrap items-end justify-between gap-3">
      <fieldset>
        <legend className="mb-1 text-[15px] text-soft">What grows there?</legend>
        <div className="flex flex-wrap gap-1.5">
          {(rules.data?.species ?? []).map((s) => (
            <button
              key={s.key}
              type="button"
              aria-pressed={chosen.includes(s.key)}
              className="min-h-9 rounded border border-edge px-2.5 hover:border-sea aria-pressed:border-sea aria-pressed:bg-sea aria-pressed:text-onsea max-sm:min-h-11"
              onClick={() => onToggle(s.key)}
            >
              {s.name}
            </button>
          ))}
        </div>
      </fieldset>
      <Choice
        label="Sizes in"
        options={SIZES}
        chosen={length === "mm" ? "mm" : "inch"}
        onChoose={(unit) => choose({ length: unit })}
      />
    </div>
  );
}

function Blocks(props: {
  species: SpeciesDraft[];
  onChange: (key: string, change: Partial<SpeciesDraft>) => void;
  errorOf: (field: string) => string | undefined;
}) {
  const rules = useRules();
  return props.species.map((species, i) => (
    <SpeciesBlock
      key={species.key}
      draft={species}
      name={rules.data?.species.find((s) => s.key === species.key)?.name ?? species.key}
      onChange={(change) => props.onChange(species.key, change)}
      errorOf={(field) => props.errorOf(`grown[${i}].${field}`)}
    />
  ));
}
