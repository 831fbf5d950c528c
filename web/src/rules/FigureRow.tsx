import { useEffect, useRef, useState } from "react";
import { dayWords } from "../days";
import { Instead } from "../share/bounds";
import { figureNumber, figureUnit, useChoices } from "../units";
import { FigureForm } from "./FigureForm";
import type { FigureView } from "./figures";

/** A figure; its number opens the form that changes it. */
export function FigureRow({ of, name }: { of: FigureView; name: string }) {
  const choices = useChoices();
  const [open, setOpen] = useState(false);
  const number = useRef<HTMLButtonElement>(null);
  const was = useRef(open);
  // Who closes the form goes on where it was opened.
  useEffect(() => {
    if (was.current && !open) number.current?.focus();
    was.current = open;
  }, [open]);
  const { value, low, high, unit, why } = of.figure;
  const words = (x: number) => figureNumber(x, unit, choices);
  return (
    <>
      <tr id={`figure-${of.key}`} className="border-line border-t align-top sm:align-baseline">
        <th scope="row" className="py-1 pr-3 text-left font-normal">
          {name}
        </th>
        <td className="code pr-3 text-right sm:whitespace-nowrap">
          {low === high ? (
            <>
              {words(value)} {figureUnit(unit, choices)}
            </>
          ) : (
            <>
              <Instead of="PUT /api/rules/figures">
                {words(value)} {figureUnit(unit, choices)}
              </Instead>
              <button
                data-does="PUT /api/rules/figures"
                ref={number}
                type="button"
                aria-expanded={open}
                aria-label={`${name}: ${words(value)} ${figureUnit(unit, choices)}. Change it`}
                className={`min-h-6 rounded px-1 text-right underline decoration-dotted underline-offset-4 ${of.since ? "bg-lamp/30 font-bold" : ""}`}
                onClick={() => setOpen(!open)}
              >
                {words(value)} {figureUnit(unit, choices)}
              </button>
            </>
          )}
        </td>
        <td className="whitespace-nowrap pr-4 text-soft max-sm:py-1 max-sm:pr-0">
          {words(low)} to {words(high)}
        </td>
        <td className="text-soft max-sm:hidden">
          {why}
          {of.since && (
            <span className="block text-ink">
              Yours since {dayWords(of.since)}; it starts at {words(of.starting)}.
            </span>
          )}
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={4} className="pb-3">
            <FigureForm of={of} name={name} onClose={() => setOpen(false)} />
          </td>
        </tr>
      )}
    </>
  );
}
