import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { useRules, useSpots, useVarieties } from "../api/queries";
import { DayBox } from "../ui/DayBox";
import { Button, Field, Input, Select } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

/** Adds plants, a line each: the code and, if measured, the stem's diameter. */
export function PlantForm({ onSaved }: { onSaved: () => void }) {
  const rules = useRules();
  const spots = useSpots();
  const varieties = useVarieties();
  const [entry, setEntry] = useState({
    lines: "",
    speciesKey: "",
    kind: "SEEDLING_STOCK",
    stockKind: "",
    spot: "",
    startedOn: "",
    varietyId: "",
  });
  const { send, problem, busy, errorOf } = useSend();
  const set = (change: Partial<typeof entry>) => setEntry({ ...entry, ...change });
  const kinds = rules.data?.species.find((s) => s.key === entry.speciesKey)?.stockKinds ?? [];
  const named = entry.kind !== "SEEDLING_STOCK";
  const own = (varieties.data ?? []).filter((v) => v.speciesKey === entry.speciesKey);
  const save = async () => {
    const count = entry.lines.split("\n").filter((l) => l.trim()).length;
    const saved = await send(async () => {
      const name = entry.spot.trim();
      const there = (spots.data ?? []).find((s) => s.name.toLowerCase() === name.toLowerCase());
      const spot = there ?? (await told(api.POST("/api/spots", { body: { name } })));
      return told(
        api.POST("/api/plants/paste", {
          body: {
            lines: entry.lines,
            speciesKey: entry.speciesKey,
            kind: entry.kind as Schemas["place.PlantPaste"]["kind"],
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
        label="A line each: code, stem diameter in mm, height of the cut"
        hint="leave out what is not measured; several stems: 9.4+8.1"
        error={errorOf("lines") ?? (problem && problem.fields.length === 0 ? problem.message : undefined)}
      >
        <textarea
          className="code h-40 w-full rounded border border-soft/60 bg-surface p-2"
          placeholder={"AV-201 9.4 220\nAV-202 9.4+8.1\nAV-203"}
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
            {(rules.data?.species ?? []).map((s) => (
              <option key={s.key} value={s.key}>
                {s.name}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Kept as">
          <Select value={entry.kind} onChange={(e) => set({ kind: e.target.value })}>
            <option value="SEEDLING_STOCK">seedling stock</option>
            <option value="FIELD_TREE">field tree</option>
            <option value="MOTHER_TREE">mother tree</option>
          </Select>
        </Field>
        {named && (
          <Field
            label="What variety it is"
            hint="trees of a variety are where wood is cut"
            error={errorOf("varietyId")}
          >
            <Select value={entry.varietyId} onChange={(e) => set({ varietyId: e.target.value })}>
              <option value="">not said</option>
              {own.map((v) => (
                <option key={v.id} value={v.id}>
                  {v.name}
                </option>
              ))}
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
