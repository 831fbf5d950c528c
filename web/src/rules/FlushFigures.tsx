import type { Schemas } from "../api/client";
import { StageBadge } from "../drawings/StageBadge";
import { STAGE_ORDER, STAGES, type Stage } from "../drawings/stages";
import { PartHeading } from "../ui/parts";
import { Wide } from "../ui/Wide";
import { OwnFigures } from "./OwnFigures";
import { RowNumbers } from "./RowNumbers";

type FlushRules = Schemas["rules.FlushRules"];

const NAMES: Record<string, string> = {
  swellShare: "a flush has begun from",
  farmSpread: "farms differ by",
  plantSpread: "trees differ by",
  cycleSpread: "flushes of a tree differ by",
  autumnRest: "a swell in autumn is followed later by",
  winterPace: "in midwinter buds come on slower by",
  ripeningSpread: "how long flushes ripen differs by",
  shadeDays: "the shaded side swells later by",
  holdDays: "winter is judged over",
  weatherRuns: "ranges are drawn from",
  pastLooks: "ranges are learned from",
  healingAhead: "a union forms in",
  litFrom: "a wick is lit from",
  litChance: "a day is lit from a chance of",
  lowFrom: "a wick burns low from",
  heat: "heat is a danger over",
  hotDry: "dry air is a danger over",
  heavyRain: "rain is a danger over",
  rainDays: "rain can harm a graft for",
  frostPerC: "each degree Celsius under the cold limit costs",
  heatPerC: "each degree Celsius over the heat limit costs",
  dryPerIndex: "hot dry wind over its limit costs",
  rainPerMm: "each millimetre of rain over its limit costs",
  leastDanger: "a danger costs at least",
  pinched: "pinched wood is ready by",
  topped: "a topped stock is ready by",
  worthDoing: "worth doing from a gain of",
  shelfA: "cut wood of grade A is ready by",
  shelfB: "cut wood of grade B is ready by",
  shelfC: "cut wood of grade C is ready by",
  flowerDays: "flowers count for",
  watchedDays: "look again after",
  lookMinutes: "a look takes",
  walkMinutes: "a way to a place takes",
  pinch: "from pinch to swell",
  topStock: "tops off before a graft",
  water: "water before a graft",
  collect: "cut wood before a graft",
  spare: "shoots to spare",
};

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** What flushes, windows and graft days rest on: each stage's share and readiness, then the other figures. */
export function FlushFigures({ flush, species }: { flush: FlushRules; species: string }) {
  const wooded = flush.wood[species] ? species : "other";
  const wood = flush.wood[wooded];
  const rows: [string, (stage: Stage) => number][] = [
    ["of the warmth from swell to swell it ends at", (stage) => flush.until[stage]],
    ["a stock is ready by", (stage) => flush.stock[stage]],
    ["bark slips by", (stage) => flush.slip[stage]],
    [`${species} wood is ready by`, (stage) => wood.ready[stage]],
  ];
  return (
    <>
      <PartHeading>Flushes and windows</PartHeading>
      <p>
        Wanted of {species} wood: {wood.best}.
      </p>
      <Wide name="Bud stages and what they are worth">
        <table className="mt-1 w-full min-w-[640px] text-[15px]">
          <thead>
            <tr>
              <th scope="col" className="sr-only">
                what
              </th>
              {STAGE_ORDER.map((stage) => (
                <th key={stage} scope="col" className="py-1 text-right font-normal">
                  <StageBadge stage={stage} size="small" /> {STAGES[stage].words}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([name, of]) => (
              <tr key={name} className="border-line border-t">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {name}
                </th>
                {STAGE_ORDER.map((stage) => (
                  <td key={stage} className="code text-right">
                    {percent(of(stage))}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      <RowNumbers
        opens="each stage’s numbers"
        subject="STAGE"
        only={["until.", "stock.", "slip.", `ready.${wooded}.`, `shoots.${wooded}`]}
      />
      <OwnFigures name="Figures for flushes and windows" subject="FLUSH" names={NAMES} />
    </>
  );
}
