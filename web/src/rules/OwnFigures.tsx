import type { Schemas } from "../api/client";
import { FigureRow } from "./FigureRow";
import { useFigures } from "./figures";

interface OwnFiguresProps {
  name: string;
  subject: Schemas["rules.FigureView"]["subject"];
  /** The species whose figures are shown; left out where they are about all. */
  species?: string;
  names: Record<string, string>;
  /** How the keys of those that are shown begin; left out for all. */
  only?: string[];
}

/** Figures with their range, unit and reason; each can be made the grower's own. */
export function OwnFigures({ name, subject, species, names, only }: OwnFiguresProps) {
  const figures = useFigures();
  const shown = (figures.data ?? []).filter(
    (one) =>
      one.subject === subject &&
      one.speciesKey === species &&
      (!only || only.some((start) => one.key.startsWith(start))),
  );
  return (
    <table className="mt-2 w-full text-[15px]">
      <caption className="sr-only">{name}</caption>
      <tbody>
        {shown.map((one) => (
          <FigureRow
            key={`${one.speciesKey} ${one.key}`}
            of={one}
            name={names[one.key] ?? one.words ?? one.figure.why}
          />
        ))}
      </tbody>
    </table>
  );
}
