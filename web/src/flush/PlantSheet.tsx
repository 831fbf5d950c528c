import { useState } from "react";
import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { fruitWords, useTree } from "../care/treesApi";
import { dayAndYear, dayWords } from "../days";
import { rangeWords } from "../drawings/Lane";
import { StageBadge } from "../drawings/StageBadge";
import { STAGES, type Stage } from "../drawings/stages";
import { LeaveFarm } from "../place/LeaveFarm";
import { Coming, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { usePlantSheet } from "./flushApi";
import { Learning } from "./Learning";
import { NoteStage, quickNote, StageKeys } from "./NoteStage";

type Sheet = Schemas["season.PlantSheet"];

/** One tree: what its buds will do and how sure that is, what was seen, and a new note by one key. */
export function PlantSheet({ code, onClose }: { code: string; onClose: () => void }) {
  const sheet = usePlantSheet(code);
  if (sheet.error) return <Trouble problem={sheet.error} />;
  if (!sheet.data) return <Coming what="the tree" />;
  return <Found sheet={sheet.data} onClose={onClose} />;
}

function Found({ sheet, onClose }: { sheet: Sheet; onClose: () => void }) {
  const [noting, setNoting] = useState(false);
  const { plant, lane } = sheet;
  const note = (stage: Stage) => quickNote([plant.id], stage);
  return (
    <section aria-label={`Tree ${plant.code}`}>
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="code font-bold text-[24px]">{plant.code}</h2>
        <button type="button" className="text-[14.5px] text-sea underline" onClick={onClose}>
          Close
        </button>
      </div>
      <p className="text-soft">
        {plant.varietyName ? `${plant.varietyName}, ` : ""}
        {plant.speciesKey}, {plant.spotName}
      </p>
      <p className="flex gap-4 text-[15px]">
        {plant.varietyName && (
          <Link
            className="text-sea underline max-sm:min-h-11 max-sm:py-2"
            to={`/wood/check?plant=${plant.code}`}
          >
            Check a stick of it
          </Link>
        )}
        <Link className="text-sea underline max-sm:min-h-11 max-sm:py-2" to={`/lineage/PLANT-${plant.id}`}>
          Its lineage
        </Link>
      </p>
      <GrewFrom code={plant.code} />
      <Forecast sheet={sheet} />
      <div data-does="POST /api/flush/notes">
        <PartHeading>What do its buds show today?</PartHeading>
      </div>
      <StageKeys onStage={note} />
      <button
        data-does="POST /api/flush/notes"
        type="button"
        className="mt-2 text-[15px] text-sea underline"
        onClick={() => setNoting(true)}
      >
        Shares, sides, flowers, another day
      </button>
      <NoteStage open={noting} onClose={() => setNoting(false)} plants={[plant]} />
      <Sureness sheet={sheet} />
      {sheet.learning && <Learning learned={sheet.learning} />}
      <History sheet={sheet} />
      <div className="mt-4">
        <LeaveFarm plant={plant} onGone={onClose} />
      </div>
      {lane === undefined && <p className="mt-3 text-soft">Note one stage, and its forecast begins.</p>}
    </section>
  );
}

/** The graft a tree grew from, and when it may fruit first. */
function GrewFrom({ code }: { code: string }) {
  const tree = useTree(code).data;
  if (!tree?.graftCode) return null;
  return (
    <p className="mt-1 text-[15px]">
      Grew from{" "}
      <Link className="code text-sea underline" to={`/graft/${tree.graftCode}`}>
        {tree.graftCode}
      </Link>
      {tree.graftedOn && `, grafted ${dayAndYear(tree.graftedOn)}`}.{" "}
      {tree.firstFruit && `${fruitWords(tree.firstFruit)}.`}
    </p>
  );
}

function Forecast({ sheet }: { sheet: Sheet }) {
  const coming = sheet.lane?.coming ?? [];
  if (coming.length === 0) return null;
  const unseen = sheet.lane?.unseen ?? 0;
  const { sides } = sheet;
  return (
    <div className="mt-2">
      <p className="big text-[20px]">Next flush {rangeWords(coming[0])}</p>
      <table className="mt-1 w-full text-[15px]">
        <thead className="text-[13.5px] text-soft">
          <tr>
            <th className="text-left font-normal">swelling begins</th>
            <th className="text-left font-normal">early</th>
            <th className="text-left font-normal">middle</th>
            <th className="text-left font-normal">late</th>
          </tr>
        </thead>
        <tbody>
          {sides?.following && <RangeRow name="shaded side, now" range={sides.shaded} />}
          <RangeRow name="next" range={coming[0]} />
          {sides?.sunny && <RangeRow name="its sunny side" range={sides.sunny} />}
          {sides && !sides.following && <RangeRow name="its shaded side" range={sides.shaded} />}
          {coming.slice(1).map((range, i) => (
            <RangeRow key={range.low ?? i} name={["second", "third"][i]} range={range} />
          ))}
        </tbody>
      </table>
      <p className="text-[13.5px] text-soft">8 of 10 flushes begin between early and late.</p>
      {sides && <p className="mt-1 text-[14.5px]">{sidesWords(sides)}</p>}
      {unseen === 0 && coming[0].low && coming[0].low < sheet.today && (
        <p className="mt-1 text-[14.5px]">It may have begun already, unseen since the last look.</p>
      )}
      {unseen > 0 && (
        <p className="mt-1 text-[14.5px]">
          {unseen === 1 ? "One flush has" : `${unseen} flushes have`} probably passed since the last look.
        </p>
      )}
      {sheet.fromStageAlone && (
        <p className="mt-1 text-[14.5px]">
          Reckoned from the stage seen last alone: no earlier swell fits it. Looks every week or two sharpen
          this.
        </p>
      )}
    </div>
  );
}

function RangeRow({ name, range }: { name: string; range: Schemas["season.DayRange"] }) {
  return (
    <tr className="border-line border-t">
      <td className="py-1">{name}</td>
      {[range.low, range.mid, range.high].map((day, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the three quantiles in order
        <td key={at}>{day ? dayWords(day).slice(4) : "later"}</td>
      ))}
    </tr>
  );
}

type Apart = NonNullable<Sheet["sides"]>;

/** What is known of the two sides of the canopy, where somebody told them apart. */
function sidesWords({ days, own, farm, following }: Apart): string {
  const apart = Math.round(Math.abs(days));
  const how =
    apart === 0
      ? "Its sides swell together"
      : `Its shaded side swells ${apart === 1 ? "a day" : `${apart} days`} ${days > 0 ? "after" : "before"} the sunny one`;
  const rests =
    farm === 0
      ? "a starting figure, until looks tell them apart"
      : `from ${own === 1 ? "one look" : `${own} looks`} at both sides of it and ${farm - own} at other trees here`;
  return `${how}: ${rests}.${following ? " The sunny side has begun; the shaded one follows." : ""}`;
}

function basisWords(sheet: Sheet): string {
  if (sheet.ownCycles > 0)
    return `${sheet.ownCycles} of its own flushes and ${sheet.farmCycles} on this farm`;
  return sheet.farmCycles > 0
    ? `${sheet.farmCycles} flushes of other trees on this farm`
    : "the species prior";
}

const MANY_LOOKS = 8;

function Sureness({ sheet }: { sheet: Sheet }) {
  const own = sheet.plantTest.looks >= MANY_LOOKS;
  const test = own ? sheet.plantTest : sheet.farmTest;
  const whose = own ? "this tree" : `${sheet.plant.speciesKey} here`;
  return (
    <>
      <PartHeading>How sure</PartHeading>
      <p className="text-[15px]">
        Rests on {basisWords(sheet)}: {Math.round(sheet.degreeDays)} degree-days from swell to swell, about{" "}
        {Math.round(sheet.degreeDaysLow)}–{Math.round(sheet.degreeDaysHigh)}.
      </p>
      {test.looks > 0 ? (
        <>
          <p className="mt-1 text-[15px]">
            On {test.looks} past looks at {whose}, told from what was known then: off by{" "}
            {Math.round(test.meanErrorDays)} days on the mean ({Math.round(test.priorErrorDays)} had nothing
            been learned); the 8-in-10 range held {Math.round(test.heldShare * 100)} of 100 times.
          </p>
          <ByLead test={sheet.farmTest} species={sheet.plant.speciesKey} />
        </>
      ) : (
        <p className="mt-1 text-[15px] text-soft">Species prior: no past flush yet to hold it against.</p>
      )}
    </>
  );
}

/** How often ranges held, by how far ahead they were told. */
function ByLead({ test, species }: { test: Schemas["season.Kept"]; species: string }) {
  const told = test.byLead.filter((lead) => lead.looks >= 5);
  if (told.length === 0) return null;
  return (
    <table className="mt-1 w-full text-[14px]">
      <caption className="text-left text-[13.5px] text-soft">All {species} here, by how far ahead</caption>
      <tbody>
        {told.map((lead) => (
          <tr key={lead.untilDays ?? "on"} className="border-line border-t">
            <th scope="row" className="py-0.5 text-left font-normal">
              {lead.untilDays ? `up to ${lead.untilDays} days` : "farther"}
            </th>
            <td className="text-right">{Math.round(lead.heldShare * 100)} of 100</td>
            <td className="text-right text-soft">{lead.looks} looks</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function History({ sheet }: { sheet: Sheet }) {
  const [correcting, setCorrecting] = useState<Schemas["season.NoteRow"]>();
  const remove = async (id: number) => {
    const removed = await told(api.DELETE("/api/flush/notes/{id}", { params: { path: { id } } }));
    done(removed.sentence, removed.actId);
  };
  const { send, problem } = useSend();
  if (sheet.history.length === 0) return null;
  return (
    <>
      <PartHeading>What was seen</PartHeading>
      <ol className="text-[15px]">
        {sheet.history.slice(0, 60).map((row) => (
          <li
            key={row.id}
            className={`grid grid-cols-[96px_1fr] items-baseline gap-2 border-line border-t py-1 ${row.stands ? "" : "text-soft line-through"}`}
          >
            <span>{dayAndYear(row.onDay)}</span>
            <span>
              <Shares text={row.sun} />
              {row.shade && (
                <>
                  {" "}
                  sun, <Shares text={row.shade} /> shade
                </>
              )}
              {row.flowering ? ", in flower" : ""}
              <span className="text-[13.5px] text-soft">
                {row.personName ? ` ${row.personName}` : ""}
                {row.remark ? ` · ${row.remark}` : ""}
                {row.corrects ? " · a correction" : ""}
              </span>
            </span>
            {row.stands && (
              <span className="col-start-2 -mt-1 flex gap-3 text-[13.5px]">
                <button
                  data-does="PUT /api/flush/notes/{id}"
                  type="button"
                  className="text-sea underline"
                  onClick={() => setCorrecting(row)}
                >
                  correct
                </button>
                <button
                  data-does="DELETE /api/flush/notes/{id}"
                  type="button"
                  className="text-sea underline"
                  onClick={() => send(() => remove(row.id))}
                >
                  remove
                </button>
              </span>
            )}
          </li>
        ))}
      </ol>
      <Trouble problem={problem} />
      <NoteStage
        open={correcting !== undefined}
        onClose={() => setCorrecting(undefined)}
        plants={[sheet.plant]}
        corrects={correcting}
      />
    </>
  );
}

/** Shares as stage letters with their percentages. */
function Shares({ text }: { text: string }) {
  return (
    <>
      {text.split(" ").map((part) => {
        const stage = part[0] as Stage;
        return (
          <span key={part} className="mr-1.5 whitespace-nowrap">
            <StageBadge stage={stage} size="small" />{" "}
            {part.slice(1) === "100" ? STAGES[stage].words : `${part.slice(1)} %`}
          </span>
        );
      })}
    </>
  );
}
