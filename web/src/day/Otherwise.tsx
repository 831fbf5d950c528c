import { useState } from "react";
import type { Schemas } from "../api/client";
import { Field, Input, Select } from "../ui/fields";
import { Button } from "../ui/parts";
import { lengthUnit, readLength, useChoices } from "../units";

export interface Sizes {
  scionMm?: number;
  stockMm?: number;
}

const WHY: [Schemas["day.RefusalEntry"]["why"], string][] = [
  ["BARK_TIGHT", "bark does not slip"],
  ["ROTTEN", "pith rotten"],
  ["TOO_THICK", "stock too thick"],
  ["TOO_THIN", "stock too thin"],
  ["POORLY", "stock is poorly"],
];

interface Props {
  facing: Schemas["day.Facing"];
  lotId?: number;
  sizes: Sizes;
  onLot: (lotId?: number) => void;
  onSizes: (sizes: Sizes) => void;
  onRefuse: (why: Schemas["day.RefusalEntry"]["why"]) => void;
}

/** Where the graft at hand is not as planned: another lot, what was measured, a stock that will not do. */
export function Otherwise({ facing, lotId, sizes, onLot, onSizes, onRefuse }: Props) {
  return (
    <div className="mt-4 max-w-xl border-line border-t pt-3">
      <div className="grid grid-cols-3 gap-3 max-sm:grid-cols-2">
        <Field label="Wood of lot">
          <Select
            value={lotId ?? facing.lotId}
            onChange={(e) =>
              onLot(Number(e.target.value) === facing.lotId ? undefined : Number(e.target.value))
            }
          >
            {!facing.others.some((lot) => lot.lotId === facing.lotId) && (
              <option value={facing.lotId}>{facing.lotCode}, used up</option>
            )}
            {facing.others.map((lot) => (
              <option key={lot.lotId} value={lot.lotId}>
                {lot.code}, {lot.sticksLeft} left
              </option>
            ))}
          </Select>
        </Field>
        <Measured label="Stick" onSize={(scionMm) => onSizes({ ...sizes, scionMm })} />
        <Measured label="Stock at the cut" onSize={(stockMm) => onSizes({ ...sizes, stockMm })} />
      </div>
      <p className="mt-3 text-[15px] text-soft">This stock will not do:</p>
      <div className="mt-1 flex flex-wrap gap-2">
        {WHY.map(([why, words]) => (
          <Button key={why} onClick={() => onRefuse(why)}>
            {words}
          </Button>
        ))}
      </div>
    </div>
  );
}

function Measured({ label, onSize }: { label: string; onSize: (mm?: number) => void }) {
  const { length } = useChoices();
  const [text, setText] = useState("");
  const mm = readLength(text, length);
  const wrong = mm !== undefined && !(mm >= 0.5 && mm <= 500);
  return (
    <Field label={`${label}, ${lengthUnit(length)}`} error={wrong ? "a thickness such as 7.4" : undefined}>
      <Input
        inputMode="decimal"
        value={text}
        aria-invalid={wrong}
        onChange={(e) => {
          setText(e.target.value);
          const read = readLength(e.target.value, length);
          onSize(read !== undefined && read >= 0.5 && read <= 500 ? read : undefined);
        }}
      />
    </Field>
  );
}
