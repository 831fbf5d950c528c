import { Link, useNavigate, useParams } from "react-router";
import api, { told } from "../api/client";
import { useFarm } from "../api/queries";
import { awayWords, dayWords } from "../days";
import { Beside } from "../ui/Beside";
import { useCommands } from "../ui/commands";
import { Button, Coming, LinkButton, PartHeading, Statement, Teach, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { AddLine } from "./AddLine";
import { BlockList } from "./BlockList";
import { DayStrip, StripTable } from "./DayStrip";
import { clock, clocks, type DayView, useBenchDay } from "./dayApi";
import { LineLessons } from "./LineLessons";
import { LineSchools } from "./LineSchools";
import { LineTake } from "./LineTake";
import { TeamForm } from "./TeamForm";

/** A graft day as a piece of work: what, in which order, by whom, when it is done, what goes into the box. */
export function BenchDay() {
  const { day = "" } = useParams();
  const view = useBenchDay(day);
  const farm = useFarm();
  if (view.error) return <Trouble page problem={view.error} />;
  if (!view.data || !farm.data) return <Coming what="the day" />;
  return <Laid day={view.data} today={farm.data.today} />;
}

function Laid({ day, today }: { day: DayView; today: string }) {
  const navigate = useNavigate();
  const { send, problem, busy } = useSend();
  const params = { path: { day: day.day } };
  const isToday = day.day === today;
  const begun = day.progress.begun;
  const order = (blocks: string[]) =>
    send(async () => {
      const put = await told(api.PUT("/api/bench-days/{day}/order", { params, body: { blocks } }));
      done(put.sentence, put.actId);
    });
  const best = () =>
    send(async () => {
      const put = await told(api.DELETE("/api/bench-days/{day}/order", { params }));
      done(put.sentence, put.actId);
    });
  const begin = () =>
    send(async () => {
      if (!begun || day.progress.open === 0) {
        const begins = await told(api.POST("/api/bench-days/{day}/begin", { params }));
        done(begins.sentence, begins.actId);
      }
      navigate(`/bench/run/${day.day}`);
    });
  // The labels lie ready before the first cut: their numbers are kept for these grafts.
  const number = () =>
    send(async () => {
      const kept = await told(api.POST("/api/bench-days/{day}/labels", { params }));
      if (kept.actId !== undefined) done(kept.sentence, kept.actId);
      navigate(`/bench/labels?day=${day.day}`);
    });
  const spread = () =>
    send(async () => {
      const over = await told(api.POST("/api/bench-days/{day}/spread", { params }));
      done(over.sentence, over.actId);
    });
  useCommands([
    {
      key: "b",
      words: "begin work, or go on with it",
      run: () => isToday && begin(),
      does: "POST /api/bench-days/{day}/begin",
    },
  ]);
  const grafts = day.blocks.reduce((sum, block) => sum + block.grafts, 0);
  const short = day.lines.filter((line) => line.missing);
  return (
    <div className="flex min-h-full max-lg:flex-col print:block">
      <section className="min-w-0 flex-1 px-[26px] py-5 max-sm:px-4">
        <Statement title={headline(day, grafts)}>{subtitle(day, today)}</Statement>
        <div className="mb-3 flex flex-wrap items-center gap-2 print:hidden">
          {(grafts > 0 || begun) && (
            <Button
              data-does="POST /api/bench-days/{day}/begin"
              strong
              disabled={busy || !isToday}
              onClick={begin}
            >
              {begun ? "Go on" : "Begin work"}
            </Button>
          )}
          <AddLine day={day.day} />
          {grafts > 0 && <Button onClick={() => window.print()}>Print the day</Button>}
          {grafts > 0 && (
            <Button data-does="POST /api/bench-days/{day}/labels" disabled={busy} onClick={number}>
              Number the labels
            </Button>
          )}
          <LinkButton to="/bench">To the Bench</LinkButton>
          {!isToday && grafts > 0 && (
            <span className="text-[14.5px] text-soft">
              Work begins on the day itself, {awayWords(day.day, today)}.
            </span>
          )}
        </div>
        <Trouble problem={problem} />
        {day.lines.length === 0 && !begun ? (
          <Teach title="Nothing is planned for this day">
            Add a line: a variety, the place of its stocks, how many, by which technique. Or choose a lit day
            on Flush.
          </Teach>
        ) : (
          <>
            <DayStrip day={day} />
            <StripTable day={day} />
            {(day.done?.sentences ?? []).map((sentence) => (
              <p key={sentence} className="mt-2 border-soft border-l-4 pl-3 text-[15px]">
                {sentence}
              </p>
            ))}
            {day.done?.tooLong && !begun && (
              <Button
                data-does="POST /api/bench-days/{day}/spread"
                disabled={busy}
                className="mt-2 print:hidden"
                onClick={spread}
              >
                Spread it over the days after
              </Button>
            )}
            {short.map((line) => (
              <p key={line.planNo} className="mt-2 border-alarm border-l-4 pl-3 text-[15px]">
                <b>
                  {line.varietyName}, {line.laid} of {line.grafts}:
                </b>{" "}
                {line.missing}.{" "}
                <Link className="text-sea underline print:hidden" to="/wood">
                  Wood
                </Link>
              </p>
            ))}
            {day.blocks.length > 0 && (
              <>
                <PartHeading>{begun ? "Still to make, in this order" : "In this order"}</PartHeading>
                <BlockList day={day} fixed={begun} busy={busy} onOrder={order} onBest={best} />
              </>
            )}
          </>
        )}
      </section>
      <Beside width="w-[364px]" className="print:w-full print:border-0">
        <Lines day={day} />
        <div data-does="PUT /api/bench-days/{day}/team" className="print:hidden">
          <TeamForm day={day} />
        </div>
        <Kit day={day} />
      </Beside>
    </div>
  );
}

function headline(day: DayView, grafts: number): string {
  if (day.progress.begun) {
    const { made, open } = day.progress;
    return open === 0
      ? `${dayWords(day.day)}: all done, ${made} made`
      : `${dayWords(day.day)}: ${made} made, ${open} to go`;
  }
  if (!day.done) return `${dayWords(day.day)}: nothing to make yet`;
  return `${dayWords(day.day)}: ${grafts} grafts, done ${clocks(day.done.finish.low, day.done.finish.high)}`;
}

function subtitle(day: DayView, today: string): string {
  const lines = day.lines.length;
  const people = day.team.said ? day.team.lanes.map((lane) => lane.name).join(", ") : "one person";
  return `${awayWords(day.day, today)}; ${lines} ${lines === 1 ? "line" : "lines"}, ${people}, from ${clock(day.team.beginsMinute)}.`;
}

function Lines({ day }: { day: DayView }) {
  if (day.lines.length === 0) return null;
  return (
    <>
      <PartHeading>Planned</PartHeading>
      <ul className="text-[15px]">
        {day.lines.map((line) => (
          <li key={line.planNo} className="border-line border-t py-1">
            <b>
              {line.grafts} {line.varietyName}
            </b>
            {line.laid < line.grafts && <span className="text-alarm"> {line.laid} can be made</span>}
            <span className="block text-[14px] text-soft">
              {line.techniqueName}, {line.spotName}
              {line.again > 0 && `; ${line.again} of its stocks are tried again`}
            </span>
            <LineTake likely={line.likely} grafts={line.grafts} />
            <LineLessons lessons={line.lessons} again={line.again} />
            <LineSchools planNo={line.planNo} variety={line.varietyName} />
          </li>
        ))}
      </ul>
    </>
  );
}

function Kit({ day }: { day: DayView }) {
  if (day.kit.length === 0) return null;
  return (
    <section aria-label="Into the box">
      <PartHeading>Into the box, the evening before</PartHeading>
      <ul className="text-[14.5px]">
        {day.kit.map((thing) => (
          <li key={thing.name} className="grid grid-cols-[16px_1fr_auto] gap-x-2 border-line border-t py-1">
            <span aria-hidden className="mt-1 block h-3 w-3 rounded-[2px] border border-edge" />
            <span>
              {thing.name}
              {thing.why && <span className="block text-[13px] text-soft">{thing.why}</span>}
            </span>
            <b className="code font-normal">{thing.much}</b>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-[13.5px] text-soft">
        Never mix bleach with anything but water; gloves on, windows open. Follow the labels and local rules.
      </p>
    </section>
  );
}
