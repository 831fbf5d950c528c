import api, { told } from "../api/client";
import { SpeciesOptions } from "../place/SpeciesOptions";
import { Field, Input, Select } from "../ui/fields";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { lengthUnit, useChoices } from "../units";
import type { FitDraft } from "./draft";
import { measureOf } from "./draft";

interface Props {
  draft: FitDraft;
  errorOf: (field: string) => string | undefined;
  onChange: (change: Partial<FitDraft>) => void;
}

/** More of the stem and the stick: diameters at heights, bark, the tip, the leaf to keep. */
export function Measures({ draft, errorOf, onChange }: Props) {
  const { length } = useChoices();
  const { send, busy, problem } = useSend();
  const unit = lengthUnit(length);
  const set = (i: number, part: Partial<FitDraft["readings"][number]>) =>
    onChange({
      readings: draft.readings.map((r, at) => (at === i ? { ...r, ...part } : r)),
      height: undefined,
    });
  const keep = () =>
    send(async () => {
      const kept = await told(
        api.PUT("/api/fit/stems/{id}", {
          params: { path: { id: Number(draft.stemId) } },
          body: measureOf(draft, length),
        }),
      );
      done(`${kept.stem.name} measured`, kept.actId);
    });
  const one = (label: string, key: "bark" | "top" | "leaf" | "scionBark", field: string) => (
    <Field label={`${label}, ${unit}`} error={errorOf(field)}>
      <Input
        inputMode="decimal"
        placeholder={key.toLowerCase().includes("bark") ? "assumed" : "not said"}
        value={draft[key]}
        onChange={(e) => onChange({ [key]: e.target.value, height: undefined })}
      />
    </Field>
  );
  return (
    <fieldset className="mt-2 border-line border-y py-2 print:hidden">
      <legend className="sr-only">More measures</legend>
      <div className="grid grid-cols-[1fr_1fr] gap-x-6 max-sm:grid-cols-1">
        <table className="text-[15px]">
          <thead className="text-left text-[14px] text-soft">
            <tr>
              <th className="font-normal">at height, {unit}</th>
              <th className="font-normal">thick, {unit}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {draft.readings.map((r, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: readings are told apart by their row
              <tr key={i}>
                <td className="pr-2 pb-1">
                  <Input
                    inputMode="decimal"
                    aria-label={`Height of reading ${i + 1}`}
                    value={r.height}
                    onChange={(e) => set(i, { height: e.target.value })}
                  />
                </td>
                <td className="pr-2 pb-1">
                  <Input
                    inputMode="decimal"
                    aria-label={`Thickness of reading ${i + 1}`}
                    value={r.diameter}
                    onChange={(e) => set(i, { diameter: e.target.value })}
                  />
                </td>
                <td>
                  {draft.readings.length > 1 && (
                    <button
                      type="button"
                      className="min-h-9 text-[14px] text-sea underline max-sm:min-h-11"
                      onClick={() => onChange({ readings: draft.readings.filter((_, at) => at !== i) })}
                    >
                      leave out
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="grid grid-cols-2 content-start gap-x-3 gap-y-1.5">
          {one("Bark of the stem", "bark", "barkMm")}
          {one("Bark of the stick", "scionBark", "scionBarkMm")}
          {one("Tip of the stem at", "top", "topMm")}
          {one("Nurse leaf at", "leaf", "leafMm")}
        </div>
      </div>
      <div className="mt-1.5 flex flex-wrap items-end gap-3">
        <Button
          onClick={() => onChange({ readings: [...draft.readings, { height: "", diameter: "" }] })}
          disabled={draft.readings.length > 11}
        >
          Another height
        </Button>
        {draft.stemId ? (
          <Button data-does="PUT /api/fit/stems/{id}" onClick={keep} disabled={busy}>
            Keep these for the stem
          </Button>
        ) : (
          <Field label="Species of the stem">
            <Select value={draft.species} onChange={(e) => onChange({ species: e.target.value })}>
              <SpeciesOptions />
            </Select>
          </Field>
        )}
        {problem && <p className="font-semibold text-[14px] text-alarm">{problem.message}</p>}
      </div>
    </fieldset>
  );
}
