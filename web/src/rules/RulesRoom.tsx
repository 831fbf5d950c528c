import { useState } from "react";
import type { Schemas } from "../api/client";
import { useRules } from "../api/queries";
import { Select } from "../ui/fields";
import { PartHeading, Statement, Trouble } from "../ui/parts";
import { Wide } from "../ui/Wide";
import { figureNumber, lengthUnit, useChoices } from "../units";
import { DayFigures } from "./DayFigures";
import { Disagreements } from "./Disagreements";
import { FitFigures } from "./FitFigures";
import { FlushFigures } from "./FlushFigures";
import { LifeFigures } from "./LifeFigures";
import { OwnFigures } from "./OwnFigures";
import { OwnNumbers } from "./OwnNumbers";
import { RowNumbers } from "./RowNumbers";
import { WoodFigures } from "./WoodFigures";

const NAMES: Record<string, string> = {
  base: "counts warmth from",
  upper: "counts warmth up to",
  healingLeast: "heals from",
  healingBest: "heals best at",
  healingMost: "heals up to",
  coldLimit: "fresh grafts in danger below",
  flushes: "waves of growth",
  swellToSwell: "from swell to swell",
  winterHold: "rests below",
};

/** The figures the advice rests on: each with its range, its unit and its reason. */
export function RulesRoom() {
  const rules = useRules();
  const [key, setKey] = useState("mango");
  const choices = useChoices();
  if (!rules.data) return <Trouble page problem={rules.error} />;
  const species = rules.data.species.find((s) => s.key === key);
  return (
    <div className="mx-auto max-w-[1060px] px-[26px] py-5 max-sm:px-4">
      <Statement title="What the advice rests on">
        Horticulture gives ranges, not constants. These are starting figures; your own records decide.{" "}
        <span data-does="PUT /api/rules/figures">Open a number to put your own in its place.</span>
      </Statement>
      <OwnNumbers species={rules.data.species} onSpecies={setKey} />
      <Select aria-label="Species" className="max-w-60" value={key} onChange={(e) => setKey(e.target.value)}>
        {rules.data.species.map((s) => (
          <option key={s.key} value={s.key}>
            {s.name}
          </option>
        ))}
      </Select>
      {species && <SpeciesFigures species={species} />}
      <FlushFigures flush={rules.data.flush} species={key} />
      <WoodFigures wood={rules.data.wood} species={key} />
      <FitFigures fit={rules.data.fit} species={key} />
      <DayFigures />
      <LifeFigures />
      <PartHeading>Techniques</PartHeading>
      <Wide name="Techniques and their limits">
        <table className="w-full min-w-[760px] text-[14.5px]">
          <thead className="text-left text-soft">
            <tr>
              {[
                "technique",
                "scion ÷ stock",
                `stock, ${lengthUnit(choices.length)}`,
                `cut, ${lengthUnit(choices.length)}`,
                "bark must slip",
                "note",
              ].map((h) => (
                <th key={h} scope="col" className="py-1 pr-3 font-normal">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rules.data.techniques.map((t) => (
              <tr key={t.key} className="border-line border-t align-baseline">
                <th scope="row" className="py-1 pr-3 text-left font-semibold">
                  {t.name}
                </th>
                {[t.sizes.ratio, t.sizes.stockMm, t.sizes.cutMm].map((f) => (
                  <td key={f.why + f.low} className="whitespace-nowrap pr-3" title={f.why}>
                    {figureNumber(f.low, f.unit, choices)}–{figureNumber(f.high, f.unit, choices)}
                  </td>
                ))}
                <td className="pr-3">{t.bark.toLowerCase()}</td>
                <td>{t.note}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      <RowNumbers opens="each technique’s sizes" subject="TECHNIQUE" />
      {species && <Disagreements questions={rules.data.schools} species={species} />}
    </div>
  );
}

function SpeciesFigures({ species }: { species: Schemas["rules.Species"] }) {
  return (
    <>
      <p className="mt-3">
        {species.family}, {species.genus}. {species.notes.join(" ")}
      </p>
      <OwnFigures
        name={`Figures for ${species.name}`}
        subject="SPECIES"
        species={species.key}
        names={NAMES}
      />
    </>
  );
}
