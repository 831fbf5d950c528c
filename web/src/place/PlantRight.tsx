import { useState } from "react";
import api, { ProblemError, type Schemas, told } from "../api/client";
import { usePlants } from "../api/queries";
import { Choice } from "../ui/Choice";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { Button, Trouble } from "../ui/parts";
import { SameAs } from "../ui/SameAs";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { lengthUnit, useChoices } from "../units";
import { LeaveFarm } from "./LeaveFarm";
import { KIND_WORDS, type PlantDraft, plantDraft, plantEntry } from "./plantEntry";
import { SpeciesOptions } from "./SpeciesOptions";
import { SpotOptions } from "./SpotOptions";
import { VarietyOptions } from "./VarietyOptions";

interface Props {
  plant?: Schemas["place.Plant"];
  stems: Schemas["place.Stem"][];
  onClose: () => void;
}

/** A plant as it truly is: what was written wrong is put right, and what hangs on it follows. */
export function PlantRight({ plant, stems, onClose }: Props) {
  return (
    <Overlay
      open={plant !== undefined}
      onClose={onClose}
      title={`Put ${plant?.code ?? ""} right`}
      description="Its grafts, notes, lots and lineage follow. It can be taken back."
    >
      {plant && <Form plant={plant} stems={stems} onClose={onClose} />}
    </Overlay>
  );
}

function Form({ plant, stems, onClose }: Required<Props>) {
  const { length } = useChoices();
  const [draft, setDraft] = useState(() => plantDraft(plant, stems, length));
  const set = (change: Partial<PlantDraft>) => setDraft((before) => ({ ...before, ...change }));
  const { send, problem, busy, errorOf } = useSend();
  const others = usePlants("").data?.plants ?? [];
  const save = () =>
    send(async () => {
      const body = plantEntry(draft, plant, stems, length);
      const unread = body.stems?.some((s) => Number.isNaN(s.diameterMm) || Number.isNaN(s.heightMm));
      if (unread) throw new ProblemError({ detail: "A size cannot be read. Write 7.8 or 5/16." }, 0);
      await told(api.PUT("/api/plants/{id}", { params: { path: { id: plant.id } }, body }));
      done(`${body.code} put right`);
      onClose();
    });
  return (
    <>
      <form
        className="grid grid-cols-2 gap-x-5 gap-y-3 max-sm:grid-cols-1"
        onSubmit={(e) => {
          e.preventDefault();
          save();
        }}
      >
        <What draft={draft} onChange={set} errorOf={errorOf} />
        <Stems draft={draft} onChange={set} error={errorOf("lines")} />
        <div className="col-span-full flex flex-wrap items-center gap-3">
          <Button type="submit" strong disabled={busy || !draft.code.trim()}>
            Put right
          </Button>
          <Button onClick={onClose}>Leave as it is</Button>
          {problem && problem.fields.length === 0 && <Trouble problem={problem} />}
        </div>
      </form>
      <div className="mt-5 grid gap-3 border-line border-t pt-3">
        <div data-does="POST /api/plants/{id}/same">
          <SameAs
            others={others
              .filter((p) => p.id !== plant.id && p.speciesKey === plant.speciesKey)
              .map((p) => ({ id: p.id, name: p.code }))}
            follows={`Stems, grafts, notes, lots and lineage of ${plant.code} go over to`}
            onSame={async (as) => {
              const kept = await told(
                api.POST("/api/plants/{id}/same", { params: { path: { id: plant.id } }, body: { as } }),
              );
              done(`${plant.code} is the same as ${kept.code}`);
              onClose();
            }}
          />
        </div>
        <LeaveFarm plant={plant} onGone={onClose} />
      </div>
    </>
  );
}

function What(props: {
  draft: PlantDraft;
  onChange: (change: Partial<PlantDraft>) => void;
  errorOf: (field: string) => string | undefined;
}) {
  const { draft, onChange, errorOf } = props;
  return (
    <>
      <Field label="Code" error={errorOf("code")}>
        <Input
          className="code"
          value={draft.code}
          maxLength={40}
          onChange={(e) => onChange({ code: e.target.value })}
        />
      </Field>
      <Field label="Place" error={errorOf("spotId")}>
        <Select value={draft.spotId} onChange={(e) => onChange({ spotId: e.target.value })}>
          <SpotOptions />
        </Select>
      </Field>
      <div className="col-span-full">
        <Choice
          label="Kept as"
          options={KIND_WORDS}
          chosen={draft.kind}
          onChoose={(kind) => onChange({ kind })}
        />
      </div>
      <Field label="Species" error={errorOf("speciesKey")}>
        <Select
          value={draft.speciesKey}
          onChange={(e) => onChange({ speciesKey: e.target.value, varietyId: "" })}
        >
          <SpeciesOptions />
        </Select>
      </Field>
      <Field label="What variety it is" error={errorOf("varietyId")}>
        <Select value={draft.varietyId} onChange={(e) => onChange({ varietyId: e.target.value })}>
          <option value="">not said</option>
          <VarietyOptions species={draft.speciesKey} />
        </Select>
      </Field>
      <Field label="Sown or planted on" error={errorOf("startedOn")}>
        <DayBox past value={draft.startedOn} onChange={(startedOn) => onChange({ startedOn })} />
      </Field>
    </>
  );
}

function Stems(props: {
  draft: PlantDraft;
  onChange: (change: Partial<PlantDraft>) => void;
  error?: string;
}) {
  const { length } = useChoices();
  const { stems } = props.draft;
  const set = (at: number, part: Partial<PlantDraft["stems"][number]>) =>
    props.onChange({ stems: stems.map((s, i) => (i === at ? { ...s, ...part } : s)) });
  return (
    <div className="grid content-start gap-2">
      {stems.map((stem, i) => (
        <div key={stem.label} className="grid grid-cols-2 gap-2">
          <Field
            label={`${stems.length > 1 ? `Stem ${stem.label}, thick` : "Thickness"}, ${lengthUnit(length)}`}
            error={i === 0 ? props.error : undefined}
          >
            <Input
              inputMode="decimal"
              value={stem.thick}
              onChange={(e) => set(i, { thick: e.target.value })}
            />
          </Field>
          <Field label={`Cut at, ${lengthUnit(length)}`}>
            <Input inputMode="decimal" value={stem.high} onChange={(e) => set(i, { high: e.target.value })} />
          </Field>
        </div>
      ))}
    </div>
  );
}
