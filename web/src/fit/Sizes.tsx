import { Field, Input, Select } from "../ui/fields";
import { typedLength } from "../ui/keptLengths";
import { lengthUnit, useChoices } from "../units";
import { useShelf } from "../wood/woodApi";
import type { FitDraft, ReadingDraft } from "./draft";
import { fromStem, LOOSE } from "./draft";
import { useStems } from "./fitApi";

interface Props {
  draft: FitDraft;
  onChange: (change: Partial<FitDraft>) => void;
  measuring: boolean;
  onMeasure: () => void;
}

/** Which stick and which stem, how thick they are. */
export function Sizes({ draft, onChange, measuring, onMeasure }: Props) {
  const { length } = useChoices();
  const shelf = useShelf();
  const stems = useStems();
  const lots = shelf.data?.lots ?? [];
  const lot = lots.find((l) => String(l.id) === draft.lotId);
  const unit = lengthUnit(length);
  const first = draft.readings[0] ?? { height: "", diameter: "" };
  const setFirst = (part: Partial<ReadingDraft>) =>
    onChange({
      readings: [{ ...first, ...part }, ...draft.readings.slice(1)],
      height: undefined,
      wish: { ...draft.wish, offsetMm: undefined },
    });
  const choose = (id: string) => {
    const stem = stems.data?.find((s) => String(s.stemId) === id);
    onChange(
      stem
        ? { ...fromStem(stem, length), wish: { way: draft.wish.way } }
        : { ...LOOSE, wish: { way: draft.wish.way } },
    );
  };
  return (
    <div className="grid grid-cols-4 gap-x-4 gap-y-2 print:hidden max-sm:grid-cols-2 max-sm:gap-x-3">
      <Field label="Stick from">
        <Select value={draft.lotId} onChange={(e) => onChange({ lotId: e.target.value })}>
          <option value="">a loose stick</option>
          {lots.map((l) => (
            <option key={l.id} value={l.id} disabled={l.refusal !== undefined}>
              {l.code}, {l.varietyName}
              {l.refusal ? ", held" : ""}
            </option>
          ))}
        </Select>
      </Field>
      <Field label={`Stick, ${unit}`}>
        <Input
          inputMode="decimal"
          list="lot-sizes"
          value={draft.scion}
          onChange={(e) => onChange({ scion: e.target.value, wish: { ...draft.wish, offsetMm: undefined } })}
        />
        <datalist id="lot-sizes">
          {(lot?.diametersMm ?? []).map((mm, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: sticks of a lot have no other name
            <option key={i} value={typedLength(mm, length)} />
          ))}
        </datalist>
      </Field>
      <Field label="On the stem">
        <Select value={draft.stemId} onChange={(e) => choose(e.target.value)}>
          <option value="">a loose stem</option>
          {(stems.data ?? []).map((s) => (
            <option key={s.stemId} value={s.stemId} disabled={s.refusal !== undefined}>
              {s.name}, {s.speciesKey}
              {s.refusal ? ", held" : ""}
              {s.measure.readings[0] ? "" : ", not measured"}
            </option>
          ))}
        </Select>
      </Field>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <Field label={`Stem, ${unit}`}>
          <Input
            inputMode="decimal"
            value={first.diameter}
            onChange={(e) => setFirst({ diameter: e.target.value })}
          />
        </Field>
        <button
          type="button"
          aria-expanded={measuring}
          className="min-h-9 text-[14px] text-sea underline max-sm:min-h-11"
          onClick={onMeasure}
        >
          {draft.readings.length > 1 ? `+${draft.readings.length - 1} more` : "more"}
        </button>
      </div>
    </div>
  );
}
