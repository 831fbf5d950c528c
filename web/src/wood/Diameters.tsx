import { useRef } from "react";
import api, { told } from "../api/client";
import { useFarm } from "../api/queries";
import { Button } from "../ui/parts";
import { ThicknessBox } from "../ui/ThicknessBox";
import { failed } from "../undo";
import { lengthNumber, lengthUnit, useChoices } from "../units";

interface Props {
  values: number[];
  /** A change of what is there by then: readings can come faster than the page is drawn. */
  onChange: (change: (mm: number[]) => number[]) => void;
}

/** Thickness of some sticks: typed, from a calliper that types and presses Enter, or asked of it through its port. */
export function Diameters({ values, onChange }: Props) {
  const farm = useFarm();
  const { length } = useChoices();
  const box = useRef<HTMLInputElement>(null);
  const ask = async () => {
    try {
      const read = await told(api.GET("/api/calliper"));
      onChange((before) => [...before, read.mm]);
      box.current?.focus();
    } catch (problem) {
      failed(problem);
    }
  };
  return (
    <div>
      <div className="flex items-end gap-2">
        <ThicknessBox
          label="Thickness of a stick"
          least={0.5}
          most={60}
          box={box}
          onAdd={(mm) => onChange((before) => [...before, ...mm])}
        />
        {farm.data?.demo && <Button onClick={ask}>Ask the calliper</Button>}
      </div>
      {values.length > 0 && (
        <p className="mt-1 text-[14.5px]">
          {values.map((mm) => lengthNumber(mm, length)).join(" · ")} {lengthUnit(length)}{" "}
          <button
            type="button"
            className="text-sea underline"
            onClick={() => onChange((before) => before.slice(0, -1))}
          >
            take the last back
          </button>
        </p>
      )}
    </div>
  );
}
