import { type KeyboardEvent, useState } from "react";
import { Field, Input } from "../ui/parts";
import { lengthNumber, lengthUnit, readLength, useChoices } from "../units";
import { freshName, type PieceDraft } from "./pairDraft";

interface Props {
  kind: "stick" | "stem";
  pieces: PieceDraft[];
  onChange: (pieces: PieceDraft[]) => void;
}

/** A quick list of thicknesses: type or send one after another with Enter; paste many at once. */
export function PieceList({ kind, pieces, onChange }: Props) {
  const { length } = useChoices();
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const add = () => {
    const parts = text.split(/[;\s]+/).filter(Boolean);
    if (parts.length === 0) return;
    const next = [...pieces];
    for (const part of parts) {
      const mm = readLength(part, length);
      if (mm === undefined || Number.isNaN(mm) || mm < 2 || mm > 200) {
        setError(`“${part}” is no thickness from 2 to 200 mm`);
        return;
      }
      next.push({ id: freshName(kind, next), mm: Math.round(mm * 10) / 10 });
    }
    onChange(next);
    setText("");
    setError(undefined);
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== "Enter") return;
    event.preventDefault();
    add();
  };
  return (
    <div>
      <Field label={`Thickness of a ${kind}, ${lengthUnit(length)}, then Enter`} error={error}>
        <Input
          inputMode="decimal"
          value={text}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={onKey}
          onBlur={add}
        />
      </Field>
      <div className="mt-1 flex max-h-[104px] flex-wrap gap-1 overflow-auto">
        {pieces.map((p) => (
          <button
            key={p.id}
            type="button"
            title={`${p.id}: take it off the list`}
            aria-label={`${p.id}, ${lengthNumber(p.mm, length)}: take it off the list`}
            className="code min-h-6 rounded border border-line px-1.5 text-[13px] hover:border-alarm max-sm:min-h-11"
            onClick={() => onChange(pieces.filter((other) => other.id !== p.id))}
          >
            {lengthNumber(p.mm, length)}
          </button>
        ))}
      </div>
    </div>
  );
}
