import type { Schemas } from "../api/client";
import { figureNumber, figureUnit, useChoices } from "../units";
import { useFigures } from "./figures";

interface OwnNumbersProps {
  species: Schemas["rules.Species"][];
  onSpecies: (key: string) => void;
}

/** The figures the grower changed, each a way to where it stands. */
export function OwnNumbers({ species, onSpecies }: OwnNumbersProps) {
  const choices = useChoices();
  const own = (useFigures().data ?? []).filter((one) => one.since !== undefined);
  if (own.length === 0) return null;
  return (
    <section aria-label="Your own figures" className="mb-3 border-lamp border-l-4 pl-3 text-[15px]">
      <b>{own.length === 1 ? "One figure is" : `${own.length} figures are`} your own:</b>
      <ul>
        {own.map((one) => (
          <li key={`${one.speciesKey} ${one.key}`}>
            <a
              className="text-sea underline"
              href={`#figure-${one.key}`}
              onClick={() => one.speciesKey && onSpecies(one.speciesKey)}
            >
              {one.words ?? one.figure.why}
            </a>
            {one.speciesKey && ` (${species.find((s) => s.key === one.speciesKey)?.name ?? one.speciesKey})`}:{" "}
            {figureNumber(one.figure.value, one.figure.unit, choices)}, as shipped{" "}
            {figureNumber(one.starting, one.figure.unit, choices)} {figureUnit(one.figure.unit, choices)}
          </li>
        ))}
      </ul>
    </section>
  );
}
