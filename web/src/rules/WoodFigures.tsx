import type { Schemas } from "../api/client";
import { PartHeading } from "../ui/parts";
import { Wide } from "../ui/Wide";
import { measureWords, useChoices } from "../units";
import { LOOKS } from "../wood/checkWords";
import { FigureTable } from "./FigureTable";
import { OwnFigures } from "./OwnFigures";
import { RowNumbers } from "./RowNumbers";

const NAMES: Record<string, string> = {
  coolBoxC: "cool box is taken at",
  fridgeC: "fridge is taken at",
  ambientC: "shade is taken at",
  keepSpread: "keeping differs by",
  faultRoom: "faults that leave nothing",
  keepDoubt: "keeping may differ here by up to",
  keepLearnFrom: "your takes speak of keeping from",
  bareTimes: "unwrapped wood ages",
  waterTimes: "wood in water ages",
  goodShare: "a last resort below",
  lastShare: "not worth a stock below",
  warnDays: "warned ahead",
  sampleShare: "a lot’s grade is reached by",
  lookFrom: "look at pinched shoots from",
  budsPerStick: "buds a stick gives",
  testDue: "a test is due ahead",
  testValid: "a clear test holds",
  remind: "a permit is told ahead",
  bleachParts: "bleach, one part in",
  bleachPct: "household bleach holds",
  bleachHours: "mixed bleach serves",
  bleachSeconds: "bleach acts for",
  alcoholPct: "alcohol, diluted to",
  alcoholHours: "alcohol serves",
};

/** What wood advice rests on: how a stick of the species is judged, how long it keeps, how blades are cleaned. */
export function WoodFigures({ wood, species }: { wood: Schemas["rules.WoodRules"]; species: string }) {
  const kind = wood.species[species] ?? wood.species.other;
  const keep = wood.keeping[species] ?? wood.keeping.other;
  const assumed = wood.keeping[species] === undefined;
  const choices = useChoices();
  return (
    <>
      <PartHeading>Wood</PartHeading>
      <p>
        Wanted: {kind.wants}. Seven of ten sticks live {keep.coolBoxDays} days in a cool box,{" "}
        {keep.fridgeDays} in a fridge, {keep.ambientDays} in the shade
        {assumed ? " (taken over from other kinds: a guess)" : ""}; {measureWords("apart", 10, choices)} more
        age it {keep.q10} times as fast
        {keep.chillBelowC
          ? `; below ${measureWords("warmth", keep.chillBelowC, choices)} ${keep.chillWhy}`
          : ""}
        .
      </p>
      <Wide name="How a stick is judged, table">
        <table className="mt-1 w-full min-w-[640px] text-[14.5px]">
          <caption className="sr-only">How a stick is judged</caption>
          <tbody>
            {LOOKS.map((look) =>
              look.states.map(([state, words]) => {
                const verdict = kind.states[look.key]?.[state] ?? wood.looks[look.key]?.states[state];
                if (!verdict || verdict.grade === "A") return null;
                return (
                  <tr key={look.key + state} className="border-line border-t align-baseline">
                    <th scope="row" className="w-[230px] py-1 pr-3 text-left font-normal">
                      {look.ask.toLowerCase()}: {words}
                    </th>
                    <td className="code w-8">{verdict.grade}</td>
                    <td className="pr-3">{verdict.act}</td>
                    <td className="text-soft">{verdict.why}</td>
                  </tr>
                );
              }),
            )}
          </tbody>
        </table>
      </Wide>
      <FigureTable name={`Measures of ${species} sticks`} figures={kind.measures} names={MEASURE_NAMES} />
      <RowNumbers
        opens="what these sticks should measure"
        subject="STICK"
        only={[`wants.${wood.species[species] ? species : "other"}.`]}
      />
      <RowNumbers
        opens="how a stick is judged, number by number"
        subject="STICK"
        only={["look.", "measure."]}
      />
      <RowNumbers
        opens="how long this wood keeps"
        subject="KEEPING"
        only={[`keep.${assumed ? "other" : species}.`]}
      />
      <OwnFigures name="Figures of wood" subject="WOOD" names={NAMES} />
    </>
  );
}

const MEASURE_NAMES: Record<string, string> = {
  lengthMm: "length",
  buds: "buds",
  diameterMm: "thickness",
  eyeMm: "eyes",
};
