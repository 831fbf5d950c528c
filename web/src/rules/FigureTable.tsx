import type { Schemas } from "../api/client";
import { figureNumber, figureUnit, useChoices } from "../units";

interface FigureTableProps {
  name: string;
  figures: Record<string, Schemas["rules.Figure"]>;
  names: Record<string, string>;
}

/** Figures with their range, unit and reason. */
export function FigureTable({ name, figures, names }: FigureTableProps) {
  const choices = useChoices();
  return (
    <table className="mt-2 w-full text-[15px]">
      <caption className="sr-only">{name}</caption>
      <tbody>
        {Object.entries(figures).map(([key, figure]) => (
          <tr key={key} className="border-line border-t align-baseline">
            <th scope="row" className="py-1 pr-3 text-left font-normal">
              {names[key] ?? key}
            </th>
            <td className="code whitespace-nowrap pr-3 text-right">
              {figureNumber(figure.value, figure.unit, choices)} {figureUnit(figure.unit, choices)}
            </td>
            <td className="whitespace-nowrap pr-4 text-soft">
              {figureNumber(figure.low, figure.unit, choices)} to{" "}
              {figureNumber(figure.high, figure.unit, choices)}
            </td>
            <td className="text-soft max-sm:hidden">{figure.why}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
