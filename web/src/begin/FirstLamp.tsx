import type { Schemas } from "../api/client";
import { Lamp } from "../drawings/Lamp";
import { STAGES } from "../drawings/stages";
import { siteOf } from "../place/SiteBoxes";
import { type BeginDraft, lineCount, type StandDraft } from "./draft";

type Level = Schemas["season.Wick"]["level"];

const wick = (level: Level, words: string): Schemas["season.Wick"] => ({ level, words, score: 0 });

function ofStands(stands: StandDraft[], one: string, many: string): Schemas["season.Wick"] {
  const named = stands.filter((s) => lineCount(s.lines) > 0);
  const count = named.reduce((sum, s) => sum + lineCount(s.lines), 0);
  if (count === 0) return wick("OUT", `no ${one} yet`);
  const seen = named.find((s) => s.stage !== "");
  const words = `${count} ${count === 1 ? one : many}`;
  return seen?.stage
    ? wick("LIT", `${words}, ${STAGES[seen.stage].words}`)
    : wick("LOW", `${words}, buds not looked at`);
}

/** The first lamp, filling as the sheet is: what it burns on stands beside it. */
export function FirstLamp({ draft }: { draft: BeginDraft }) {
  const lamp = {
    stock: ofStands(
      draft.species.map((s) => s.stocks),
      "stock",
      "stocks",
    ),
    wood: ofStands(
      draft.species.map((s) => s.mothers),
      "mother",
      "mothers",
    ),
    weather: siteOf(draft.site, 0)
      ? wick("LIT", "by the latitude, until you measure")
      : wick("OUT", "no place yet"),
  } as Schemas["season.Lamp"];
  return (
    <aside className="self-start md:sticky md:top-8">
      <p className="big text-[28px] leading-tight">Bay Lantern</p>
      <div className="mt-4 flex gap-5 max-md:items-center md:flex-col">
        <Lamp lamp={lamp} size={120} />
        <dl className="grid gap-1.5 text-[15px]">
          {(["stock", "wood", "weather"] as const).map((name) => (
            <div key={name}>
              <dt className="inline font-semibold first-letter:uppercase">{name}: </dt>
              <dd className="inline text-soft">{lamp[name].words}</dd>
            </div>
          ))}
        </dl>
      </div>
      <p className="mt-4 text-[14px] text-soft max-md:hidden">
        All three together say: graft now. Fill what you know; the lamp tells what it still wants.
      </p>
    </aside>
  );
}
