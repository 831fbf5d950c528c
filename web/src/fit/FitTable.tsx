import type { ReactNode } from "react";
import { lengthWords, useChoices } from "../units";
import type { FitView } from "./fitApi";
import { metWords, stepWords } from "./words";

/** The fit bench in words and numbers, for reading aloud and for copying. */
export function FitTable({ view }: { view: FitView }) {
  const { length } = useChoices();
  const m = view.measured;
  const met = (c: FitView["measured"]["contact"]) =>
    `${metWords(c.met, c.unit, length)} of ${metWords(c.whole, c.unit, length)}`;
  const rows: [string, ReactNode][] = [
    ["Technique", view.techniqueName],
    [
      "Stem at the cut",
      `${lengthWords(view.stockMm, length)}, bark ${lengthWords(view.stockBarkMm, length)}`,
    ],
    ["Stick", `${lengthWords(view.scionMm, length)}, bark ${lengthWords(view.scionBarkMm, length)}`],
    ["Stick ÷ stem", view.ratio.toFixed(2)],
    ["Cambium that meets", met(m.contact)],
    ["At the best offset", `${met(m.best)}, ${lengthWords(Math.abs(m.bestOffsetMm), length)} off the middle`],
    ["Offset now", `${lengthWords(Math.abs(view.placing.offsetMm), length)}, ${view.side}`],
    ["Tilt now", `${view.placing.tiltDeg}°`],
    [view.placing.tiltDeg === 0 ? "With a slight tilt" : "Without the tilt", met(m.tilted)],
    ["Barks flush instead", `${met(m.barkFlush)}; cambium ${lengthWords(m.barkErrorMm, length)} apart`],
    ["May slip before contact halves", lengthWords(m.slipMm, length)],
    ...view.section.spots.map((s, i): [string, ReactNode] => [
      `Edge ${i + 1} at ${lengthWords(m.depth, length)} depth`,
      s.meets ? "meets" : `${lengthWords(s.gapMm, length)} apart`,
    ]),
    ...view.cuts.map((c): [string, ReactNode] => [c.name, stepWords(c, length)]),
  ];
  return (
    <table className="mt-2 w-full max-w-[620px] text-[15px]" aria-label="The fit as a table">
      <tbody>
        {rows.map(([name, value]) => (
          <tr key={name} className="border-line border-t">
            <th scope="row" className="py-1 pr-4 text-left font-normal text-soft">
              {name}
            </th>
            <td className="text-right">{value}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
