import { type KeyboardEvent, type Ref, useState } from "react";
import { lengthNumber, lengthUnit, lengthWords, readLength, useChoices } from "../units";
import { Field, Input } from "./fields";

interface Props {
  label: string;
  least: number;
  most: number;
  box?: Ref<HTMLInputElement>;
  onAdd: (mm: number[]) => void;
}

/** A box for thickness after thickness: typed, pasted, or from a calliper that types and presses Enter. */
export function ThicknessBox({ label, least, most, box, onAdd }: Props) {
  const { length } = useChoices();
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const add = () => {
    const parts = text.split(/[;\s]+/).filter(Boolean);
    if (parts.length === 0) return;
    const read = parts.map((part) => readLength(part, length) ?? Number.NaN);
    const bad = read.findIndex((mm) => !(mm >= least && mm <= most));
    setError(
      bad < 0
        ? undefined
        : `“${parts[bad]}” is no thickness from ${lengthNumber(least, length)} to ${lengthWords(most, length)}, such as ${lengthNumber(7.4, length)}`,
    );
    if (bad >= 0) return;
    onAdd(read.map((mm) => Math.round(mm * 10) / 10));
    setText("");
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== "Enter") return;
    event.preventDefault();
    add();
  };
  return (
    <Field label={`${label}, ${lengthUnit(length)}, then Enter`} error={error}>
      <Input
        ref={box}
        inputMode="decimal"
        value={text}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={onKey}
        onBlur={add}
      />
    </Field>
  );
}
