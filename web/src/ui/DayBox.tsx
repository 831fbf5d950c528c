import { type KeyboardEvent, useState } from "react";
import { useFarm } from "../api/queries";
import { daysOn, dayWords, isoDay } from "../days";
import { DayLeaf } from "./DayLeaf";
import { Input } from "./fields";
import { isDay, readDay } from "./readDay";
import { useLaidBelow } from "./useLaidBelow";

interface DayBoxProps {
  /** An ISO day, empty, or what was typed and could not be read: then whatever is asked to keep it refuses. */
  value: string;
  onChange: (day: string) => void;
  min?: string;
  /** Today is the last day there is: a bare weekday is the one just past. */
  past?: boolean;
  "aria-label"?: string;
  placeholder?: string;
}

const STEPS: Record<string, number> = { ArrowUp: 1, ArrowDown: -1, PageUp: 28, PageDown: -28 };

const within = (day: string, min?: string, max?: string) => {
  if (min && day < min) return min;
  return max && day > max ? max : day;
};

/** A day as one writes it: "14 may", "last tue", "3 d ago"; a leaf of the month opens below it. */
export function DayBox({ value, onChange, min, past, ...rest }: DayBoxProps) {
  const today = useFarm().data?.today ?? isoDay(new Date());
  const max = past ? today : undefined;
  const [typed, setTyped] = useState<string>();
  const [open, setOpen] = useState(false);
  const { laid, ofBox, ofLaid } = useLaidBelow<HTMLDivElement>(open);
  const shown = isDay(value)
    ? `${dayWords(value)}${value.slice(0, 4) === today.slice(0, 4) ? "" : ` ${value.slice(0, 4)}`}`
    : value;
  const unread = typed === undefined && value !== "" && !isDay(value);
  const type = (text: string) => {
    setTyped(text);
    // Whoever writes needs no leaf, and it would lie over what comes next.
    setOpen(false);
    const day = text.trim() === "" ? "" : readDay(text, today, max);
    if (day !== undefined) onChange(day);
  };
  const settle = () => {
    setOpen(false);
    if (typed !== undefined && typed.trim() !== "" && readDay(typed, today, max) === undefined)
      onChange(typed.trim());
    setTyped(undefined);
  };
  const onKey = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    setTyped(undefined);
    setOpen(true);
    onChange(within(daysOn(isDay(value) ? value : today, isDay(value) ? step : 0), min, max));
  };
  return (
    <>
      <Input
        placeholder="14 may, 3 d ago"
        {...rest}
        value={typed ?? shown}
        autoComplete="off"
        aria-invalid={unread || undefined}
        style={ofBox}
        onChange={(e) => type(e.target.value)}
        onClick={() => setOpen(true)}
        onBlur={settle}
        onKeyDown={onKey}
      />
      {unread && (
        <span role="alert" className="mt-0.5 block font-semibold text-[13.5px] text-alarm">
          “{value}” is no day; write 14 may, last tue or 3 d ago
        </span>
      )}
      <div
        ref={laid}
        popover="manual"
        aria-hidden="true"
        className="by-anchor w-[266px] max-sm:w-[336px] rounded-sm border border-line bg-surface p-2.5 text-ink shadow-xl"
        style={ofLaid}
      >
        {open && (
          <DayLeaf
            day={isDay(value) ? value : today}
            chosen={isDay(value) ? value : undefined}
            today={today}
            min={min}
            max={max}
            onDay={(day) => {
              setTyped(undefined);
              onChange(day);
              setOpen(false);
            }}
          />
        )}
      </div>
    </>
  );
}
