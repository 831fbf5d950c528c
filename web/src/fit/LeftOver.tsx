import type { Schemas } from "../api/client";
import { PartHeading } from "../ui/parts";
import { lengthWords, useChoices } from "../units";

/** So many left-overs are told one by one. */
const MOST_LEFT = 30;

/** Sticks or stems that found no partner, and what to do with each. */
export function LeftOver({ title, advice }: { title: string; advice: Schemas["fit.Advice"][] }) {
  const { length } = useChoices();
  if (advice.length === 0) return null;
  return (
    <section aria-label={title}>
      <PartHeading>{title}</PartHeading>
      <ul className="text-[14.5px]">
        {advice.slice(0, MOST_LEFT).map((a) => (
          <li key={a.id} className="border-line border-t py-1">
            <b className="font-semibold">{a.id}</b>{" "}
            <span className="code">{lengthWords(a.diameterMm, length)}</span>: {a.what};{" "}
            <span className="text-soft">{a.why}</span>
          </li>
        ))}
        {advice.length > MOST_LEFT && <li className="text-soft">and {advice.length - MOST_LEFT} more</li>}
      </ul>
    </section>
  );
}
