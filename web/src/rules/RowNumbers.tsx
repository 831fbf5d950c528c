import type { Schemas } from "../api/client";
import { OwnFigures } from "./OwnFigures";

interface RowNumbersProps {
  /** What opens them, such as "every sign’s weight". */
  opens: string;
  subject: Schemas["rules.FigureView"]["subject"];
  /** How the keys of those that are shown begin; left out for all. */
  only?: string[];
}

/** Numbers that stand in rows: many, and so behind one word. */
export function RowNumbers({ opens, subject, only }: RowNumbersProps) {
  return (
    <details className="mt-1">
      <summary className="min-h-6 cursor-pointer text-sea underline">{opens}</summary>
      <OwnFigures name={`Figures: ${opens}`} subject={subject} names={{}} only={only} />
    </details>
  );
}
