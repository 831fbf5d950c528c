import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { useRules, useSpots } from "../api/queries";
import { Choice } from "../ui/Choice";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { lengthUnit, useChoices } from "../units";
import { KIND_WORDS } from "./plantEntry";
import { linesInMm } from "./plantLines";
import { SpeciesOptions } from "./SpeciesOptions";
import { VarietyOptions } from "./VarietyOptions";

/** Adds plants, a line each: the code and, if measured, the stem's diameter. */
export function PlantForm({ onSaved }: { onSaved: () => void }) {
  const rules = useRules();
  const { length } = useChoices();
  const spots = useSpots();
  const [entry, setEntry] = useState({
    lines: "",
    speciesKey: "",
    kind: "SEEDLING_STOCK" as Schemas["place.Plant"]["kind"],
    stockKind: "",
    spot: "",
    startedOn: "",
    varietyId: "",
  });
  const { send, problem, busy, errorOf } = useSend();
  const set = (change: Partial<typeof entry>) => setEntry({ ...entry, ...change });
  const kinds = rules.data?.species.find((s) => s.key === entry.speciesKey)?.stockKinds ?? [];
  const named = entry.kind !== "SEEDLING_STOCK";
  const save = async () => {
    const count = entry.lines.split("\n").filter((l) => l.trim()).length;
    const saved = await send(async () => {
      const name = entry.spot.trim();
      const there = (spots.data ?? []).find((s) => s.name.toLowerCase() === name.toLowerCase());
      const spot = there ?? (await told(api.POST("/api/spots", { body: { name } })));
      return told(
        api.POST("/api/plants/paste", {
          body: {
            lines: linesInMm(entry.lines, length),
            speciesKey: entry.speciesKey,
            kind: entry.kind,
            stockKind: entry.stockKind || undefined,
            spotId: spot.id,
            startedOn: entry.startedOn || undefined,
            varietyId: named && entry.varietyId ? Number(entry.varietyId) : undefined,
          },
        }),
      );
    });
    if (saved) {
      done(`${count} ${count === 1 ? "plant" : "plants"} added`, saved.actId);
      set({ lines: "" });
      onSaved();
    }
  };
  return (
    <form
      className="grid max-w-[760px] grid-cols-2 gap-x-5 gap-y-2 max-sm:grid-cols-1"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <Field
        label={`A line each: code, thickness in ${lengthUnit(length)}, height of the cut`}
        hint="leave out what is not measured; a plus between the stems of one plant"
        error={errorOf("lines") ?? (problem && problem.fields.length === 0 ? problem.message : undefined)}
      >
        <textarea
          className="code h-40 w-full rounded border border-edge bg-surface p-2"
          placeholder={
            length === "mm"
              ? "AV-201 9.4 220\nAV-202 9.4+8.1\nAV-203"
              : "AV-201 3/8 9\nAV-202 3/8+5/16\nAV-203"
          }
          value={entry.lines}
          onChange={(e) => set({ lines: e.target.value })}
        />
      </Field>
      <div className="grid content-start gap-2">
        <Field label="Species" error={errorOf("speciesKey")}>
          <Select
            value={entry.speciesKey}
            onChange={(e) => set({ speciesKey: e.target.value, stockKind: "", varietyId: "" })}
          >
            <option value="">choose</option>
            <SpeciesOptions />
          </Select>
        </Field>
        <Choice label="Kept as" options={KIND_WORDS} chosen={entry.kind} onChoose={(kind) => set({ kind })} />
        {named && (
          <Field
            label="What variety it is"
            hint="trees of a variety are where wood is cut"
            error={errorOf("varietyId")}
          >
            <Select value={entry.varietyId} onChange={(e) => set({ varietyId: e.target.value })}>
              <option value="">not said</option>
              <VarietyOptions species={entry.speciesKey} />
            </Select>
          </Field>
        )}
        {kinds.length > 0 && (
          <Field label="Stock kind">
            <Select value={entry.stockKind} onChange={(e) => set({ stockKind: e.target.value })}>
              <option value="">not said</option>
              {kinds.map((kind) => (
                <option key={kind.key} value={kind.name}>
                  {kind.name}: {kind.why}
                </option>
              ))}
            </Select>
          </Field>
        )}
        <Field label="Place" hint="a new name makes a new place" error={errorOf("spotId") ?? errorOf("name")}>
          <Input
            list="spots"
            value={entry.spot}
            maxLength={120}
            onChange={(e) => set({ spot: e.target.value })}
          />
        </Field>
        <datalist id="spots">
          {(spots.data ?? []).map((spot) => (
            <option key={spot.id} value={spot.name} />
          ))}
        </datalist>
        <Field label="Sown or planted on" error={errorOf("startedOn")}>
          <DayBox past value={entry.startedOn} onChange={(startedOn) => set({ startedOn })} />
        </Field>
        <div>
          <Button
            strong
            type="submit"
            disabled={!entry.lines.trim() || !entry.speciesKey || !entry.spot.trim() || busy}
          >
            Add these plants
          </Button>
        </div>
      </div>
    </form>
  );
}
