import { useEffect, useRef, useState } from "react";
import { useLocation } from "react-router";
import { type FigureChoice, isChosen, useFigures } from "./figures";
import { OwnFigures } from "./OwnFigures";

interface RowNumbersProps extends FigureChoice {
  /** What opens them, such as "every sign’s weight". */
  opens: string;
}

/** Numbers that stand in rows: many, and so behind one word; laid out once that is opened, or one of them gone to. */
export function RowNumbers({ opens, ...choice }: RowNumbersProps) {
  const [open, setOpen] = useState(false);
  const box = useRef<HTMLDetailsElement>(null);
  const { hash, key } = useLocation();
  const figures = useFigures().data;
  const asked = figures?.some((one) => hash === `#figure-${one.key}` && isChosen(one, choice));
  // biome-ignore lint/correctness/useExhaustiveDependencies: gone to again, it is shown again
  useEffect(() => {
    if (!asked || !box.current) return;
    box.current.open = true;
    setOpen(true);
    requestAnimationFrame(() => document.getElementById(hash.slice(1))?.scrollIntoView({ block: "center" }));
  }, [asked, hash, key]);
  return (
    <details ref={box} className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-6 cursor-pointer text-sea underline">{opens}</summary>
      {open && <OwnFigures name={`Figures: ${opens}`} names={{}} {...choice} />}
    </details>
  );
}
