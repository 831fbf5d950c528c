import { FigureRow } from "./FigureRow";
import { type FigureChoice, isChosen, useFigures } from "./figures";

interface OwnFiguresProps extends FigureChoice {
  name: string;
  names: Record<string, string>;
}

/** Figures with their range, unit and reason; each can be made the grower's own. */
export function OwnFigures({ name, names, ...choice }: OwnFiguresProps) {
  const shown = (useFigures().data ?? []).filter((one) => isChosen(one, choice));
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
