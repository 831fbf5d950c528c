import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { Field, Input, Select } from "../ui/fields";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { SpeciesOptions } from "./SpeciesOptions";

/** A variety, new or to be changed. */
export function VarietyForm({
  variety,
  onSaved,
}: {
  variety?: Schemas["place.Variety"];
  onSaved: () => void;
}) {
  const blank = {
    speciesKey: "",
    name: "",
    flowering: "",
    harvestMonths: "",
    vigour: "",
    notes: "",
    protectedRight: false,
  };
  const [entry, setEntry] = useState(
    variety
      ? {
          ...variety,
          flowering: variety.flowering ?? "",
          vigour: variety.vigour ? String(variety.vigour) : "",
        }
      : blank,
  );
  const { send, problem, busy, errorOf } = useSend();
  const set = (change: Partial<typeof blank>) => setEntry({ ...entry, ...change });
  const save = async () => {
    const body = {
      speciesKey: entry.speciesKey,
      name: entry.name,
      flowering: entry.flowering || undefined,
      harvestMonths: entry.harvestMonths.replace(/\s/g, ""),
      vigour: entry.vigour ? Number(entry.vigour) : undefined,
      protectedRight: entry.protectedRight,
      notes: entry.notes,
      version: variety?.version,
    };
    const saved = await send(() =>
      told(
        variety
          ? api.PUT("/api/varieties/{id}", { params: { path: { id: variety.id } }, body })
          : api.POST("/api/varieties", { body }),
      ),
    );
    if (saved) {
      if (!variety) setEntry({ ...blank, speciesKey: entry.speciesKey });
      onSaved();
    }
  };
  return (
    <form
      className="grid max-w-[760px] grid-cols-4 items-end gap-x-4 gap-y-2 max-sm:grid-cols-1"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <Field label="Species" error={errorOf("speciesKey")}>
        <Select value={entry.speciesKey} onChange={(e) => set({ speciesKey: e.target.value })}>
          <option value="">choose</option>
          <SpeciesOptions />
        </Select>
      </Field>
      <Field label="Variety" error={errorOf("name")}>
        <Input value={entry.name} maxLength={120} onChange={(e) => set({ name: e.target.value })} />
      </Field>
      <Field label="Flowering type" error={errorOf("flowering")}>
        <Input
          value={entry.flowering}
          placeholder="A or B"
          onChange={(e) => set({ flowering: e.target.value })}
        />
      </Field>
      <Field label="Harvest months" error={errorOf("harvestMonths")}>
        <Input
          value={entry.harvestMonths}
          placeholder="7,8"
          onChange={(e) => set({ harvestMonths: e.target.value })}
        />
      </Field>
      <Field label="Vigour, 1 to 5" error={errorOf("vigour")}>
        <Input inputMode="numeric" value={entry.vigour} onChange={(e) => set({ vigour: e.target.value })} />
      </Field>
      <Field label="Notes" error={errorOf("notes")}>
        <Input value={entry.notes} maxLength={4000} onChange={(e) => set({ notes: e.target.value })} />
      </Field>
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-[var(--sea)]"
          checked={entry.protectedRight}
          onChange={(e) => set({ protectedRight: e.target.checked })}
        />
        protected variety
      </label>
      <Button
        data-does={variety ? "PUT /api/varieties/{id}" : "POST /api/varieties"}
        strong
        type="submit"
        disabled={!entry.speciesKey || !entry.name.trim() || busy}
      >
        {variety ? "Save" : "Add this variety"}
      </Button>
      {problem && problem.fields.length === 0 && (
        <p role="alert" className="col-span-4 font-semibold text-alarm">
          {problem.message}
        </p>
      )}
    </form>
  );
}
