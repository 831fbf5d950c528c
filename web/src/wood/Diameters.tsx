import { type KeyboardEvent, useRef, useState } from "react";
import api, { told } from "../api/client";
import { useFarm } from "../api/queries";
import { Button, Field, Input } from "../ui/parts";
import { failed } from "../undo";
import { readLength, useChoices } from "../units";

/** Thickness of some sticks: typed, from a calliper that types and presses Enter, or asked of it through its port. */
export function Diameters({ values, onChange }: { values: number[]; onChange: (mm: number[]) => void }) {
  const farm = useFarm();
  const { length } = useChoices();
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const box = useRef<HTMLInputElement>(null);
  const add = () => {
    const mm = readLength(text, length);
    if (mm === undefined) return;
    if (Number.isNaN(mm) || mm < 0.5 || mm > 60) {
      setError("a thickness from 0.5 to 60 mm, such as 7.4");
      return;
    }
    onChange([...values, Math.round(mm * 10) / 10]);
    setText("");
    setError(undefined);
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== "Enter") return;
    event.preventDefault();
    add();
  };
  const ask = async () => {
    try {
      const read = await told(api.GET("/api/calliper"));
      onChange([...values, read.mm]);
      box.current?.focus();
    } catch (problem) {
      failed(problem);
    }
  };
  return (
    <div>
      <div className="flex items-end gap-2">
        <Field label={`Thickness of a stick, ${length === "mm" ? "mm" : "inches"}, then Enter`} error={error}>
          <Input
            ref={box}
            inputMode="decimal"
            value={text}
            onChange={(e) => setText(e.target.value)}
            onKeyDown={onKey}
            onBlur={add}
          />
        </Field>
        {farm.data?.demo && <Button onClick={ask}>Ask the calliper</Button>}
      </div>
      {values.length > 0 && (
        <p className="mt-1 text-[14.5px]">
          {values.map((mm) => `${mm}`).join(" · ")} mm{" "}
          <button type="button" className="text-sea underline" onClick={() => onChange(values.slice(0, -1))}>
            take the last back
          </button>
        </p>
      )}
    </div>
  );
}
