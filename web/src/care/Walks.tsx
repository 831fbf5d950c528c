import { type DragEvent, useState } from "react";
import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { daysOn, dayWords } from "../days";
import { PeopleOptions } from "../place/PeopleOptions";
import { useCommands } from "../ui/commands";
import { Select } from "../ui/fields";
import { Button, Coming, Statement, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { useMoved, useWalks } from "./walksApi";

type Walk = Schemas["care.Walk"];

/** The fewest walks of the days ahead; one can be put on another day, and what would be late then is told. */
export function Walks() {
  const walks = useWalks();
  const [at, setAt] = useState<string>();
  const [to, setTo] = useState<string>();
  const { send, problem, busy } = useSend();
  const days = walks.data ? Array.from({ length: 14 }, (_, i) => daysOn(walks.data.from, i)) : [];
  const chosen = walks.data?.walks.find((walk) => walk.day === at) ?? walks.data?.walks[0];
  const moved = useMoved(chosen?.day, to);
  const step = (by: number) => {
    if (!chosen) return;
    const next = daysOn(to ?? chosen.day, by);
    if (days.includes(next)) setTo(next === chosen.day ? undefined : next);
  };
  const other = (by: number) => {
    const all = walks.data?.walks ?? [];
    const i = all.findIndex((walk) => walk.day === chosen?.day);
    setAt(all[Math.min(all.length - 1, Math.max(0, i + by))]?.day);
    setTo(undefined);
  };
  const move = async (from: string, day: string) => {
    const kept = await send(() => told(api.PUT("/api/walks", { body: { from, to: day } })));
    if (!kept) return;
    done(kept.sentence, kept.actId);
    setAt(day);
    setTo(undefined);
  };
  const free = async () => {
    const kept = await send(() => told(api.DELETE("/api/walks")));
    if (kept) done(kept.sentence, kept.actId);
  };
  useCommands([
    { key: "ArrowDown", words: "next walk", run: () => other(1) },
    { key: "ArrowUp", words: "walk before", run: () => other(-1) },
    { key: "ArrowRight", words: "a day later", run: () => step(1) },
    { key: "ArrowLeft", words: "a day earlier", run: () => step(-1) },
    {
      key: "Enter",
      words: "put it there",
      run: () => chosen && to && move(chosen.day, to),
      does: "PUT /api/walks",
    },
    { key: "Escape", words: "leave it where it is", run: () => setTo(undefined) },
  ]);
  if (walks.error) return <Trouble page problem={walks.error} />;
  if (!walks.data) return <Coming what="the walks ahead" />;
  const view = walks.data;
  const set = view.walks.some((walk) => walk.set) || view.never.length > 0;
  return (
    <div className="mx-auto max-w-[1100px] px-[26px] py-5 max-sm:px-4">
      <Statement
        title={
          view.walks.length === 0
            ? "Nothing to walk for in two weeks"
            : `${view.walks.length} ${view.walks.length === 1 ? "walk" : "walks"} in two weeks`
        }
      >
        {view.visits} visits, each in its time; walked to on their best days they would take {view.daily}{" "}
        days. Drag a walk to another day, or choose it and tap the day.
      </Statement>
      <DayRow
        days={days}
        walks={view.walks}
        never={view.never}
        chosen={chosen?.day}
        to={to}
        onDrop={(from, day) => {
          setAt(from);
          setTo(day === from ? undefined : day);
        }}
        onWalk={(day) => {
          setAt(day);
          setTo(undefined);
        }}
      />
      {chosen && to && (
        <section aria-label="Moved" className="my-3 border-sea border-l-4 bg-surface px-3 py-2">
          <p>
            The walk of {dayWords(chosen.day)} on {dayWords(to)}:{" "}
            {moved.data ? (
              <b className={moved.data.lateInAll > 0 ? "text-alarm" : ""}>
                {moved.data.lateInAll === 0
                  ? "nothing would be late"
                  : `${moved.data.lateInAll} visits would be late`}
                , {moved.data.walks.length} walks
              </b>
            ) : (
              "being reckoned …"
            )}
          </p>
          <ul className="text-[14.5px]">
            {moved.data?.late.slice(0, 6).map((late) => (
              <li key={late.code + late.name}>
                <span className="code">{late.code}</span> {late.name}, last day {dayWords(late.latest)}:{" "}
                <span className="text-soft">{late.risk}</span>
              </li>
            ))}
          </ul>
          <div className="mt-2 flex gap-2">
            <Button data-does="PUT /api/walks" strong disabled={busy} onClick={() => move(chosen.day, to)}>
              Walk then
            </Button>
            <Button onClick={() => setTo(undefined)}>Leave it</Button>
          </div>
        </section>
      )}
      {problem && (
        <p role="alert" className="font-semibold text-alarm">
          {problem.message}
        </p>
      )}
      {view.lateInAll > 0 && !to && (
        <p className="mt-2 font-semibold text-alarm">
          {view.lateInAll} {view.lateInAll === 1 ? "visit is" : "visits are"} late by the days you set.
        </p>
      )}
      {view.walks.map((walk) => (
        <WalkTold key={walk.day} walk={walk} on={walk.day === chosen?.day} today={view.from} />
      ))}
      {set && (
        <Button data-does="DELETE /api/walks" className="mt-4" disabled={busy} onClick={free}>
          Leave all days to the plan
        </Button>
      )}
    </div>
  );
}

interface RowProps {
  days: string[];
  walks: Walk[];
  never: string[];
  chosen?: string;
  to?: string;
  onDrop: (from: string, day: string) => void;
  onWalk: (day: string) => void;
}

/** Two weeks of days; each walk stands on its day as high as it is long. */
function DayRow({ days, walks, never, chosen, to, onDrop, onWalk }: RowProps) {
  const most = Math.max(60, ...walks.map((walk) => walk.minutes));
  const drop = (day: string) => (event: DragEvent) => {
    event.preventDefault();
    const from = event.dataTransfer.getData("text/plain");
    if (from) onDrop(from, day);
  };
  return (
    <ol className="mt-4 grid grid-cols-[repeat(14,1fr)] border-line border-b max-sm:grid-cols-7">
      {days.map((day) => {
        const walk = walks.find((one) => one.day === day);
        return (
          <li
            key={day}
            onDragOver={(e) => e.preventDefault()}
            onDrop={drop(day)}
            className={`flex h-[124px] flex-col justify-end border-line border-l px-1 pb-1 text-[13px] ${day === to ? "bg-surface shadow-[inset_0_0_0_2px_var(--sea)]" : ""}`}
          >
            {walk && (
              <button
                type="button"
                draggable
                onDragStart={(e) => e.dataTransfer.setData("text/plain", day)}
                onClick={() => onWalk(day)}
                aria-pressed={day === chosen}
                aria-label={`Walk of ${dayWords(day)}, ${walk.minutes} minutes, ${walk.grafts} grafts`}
                style={{ height: `${24 + (walk.minutes / most) * 60}px` }}
                className={`flex w-full cursor-grab flex-col justify-start rounded-sm border border-sea px-1 text-left leading-tight ${day === chosen ? "bg-sea text-onsea" : "bg-surface text-ink"}`}
              >
                <b className="tabular-nums">{walk.minutes} min</b>
                {walk.set && <span className="text-[12px]">set</span>}
              </button>
            )}
            {!walk && (
              <button
                type="button"
                className="w-full flex-1 text-soft"
                aria-label={`Put the chosen walk on ${dayWords(day)}`}
                disabled={!chosen}
                onClick={() => chosen && onDrop(chosen, day)}
              >
                {never.includes(day) && "no walk"}
              </button>
            )}
            <span className="mt-1 whitespace-nowrap text-soft">
              {dayWords(day).replace(/^(\w+ \d+).*$/, "$1")}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

function WalkTold({ walk, on, today }: { walk: Walk; on: boolean; today: string }) {
  const { send, busy } = useSend();
  const give = async (personId?: number) => {
    const params = { path: { day: walk.day } };
    const kept = await send(() => told(api.PUT("/api/walks/{day}/person", { params, body: { personId } })));
    if (kept) done(kept.sentence, kept.actId);
  };
  return (
    <section
      aria-label={`Walk of ${dayWords(walk.day)}`}
      className={`mt-4 border-t-2 pt-1.5 ${on ? "border-sea" : "border-ink"}`}
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h2 className="font-semibold text-[18px]">{dayWords(walk.day)}</h2>
        <span className="text-soft">
          {walk.grafts} {walk.grafts === 1 ? "graft" : "grafts"}, about {walk.minutes} min
        </span>
        <span data-does="PUT /api/walks/{day}/person" className="ml-auto">
          <Select
            className="max-w-[150px]"
            aria-label={`Who walks on ${dayWords(walk.day)}`}
            disabled={busy}
            value={walk.personId ?? ""}
            onChange={(e) => give(e.target.value ? Number(e.target.value) : undefined)}
          >
            <option value="">who walks</option>
            <PeopleOptions />
          </Select>
        </span>
        {walk.day === today && (
          <Link className="text-sea underline" to="/rounds">
            Walk it
          </Link>
        )}
      </div>
      <ul>
        {walk.places.map((place) => (
          <li
            key={place.spotId}
            className="grid grid-cols-[170px_90px_1fr] gap-x-3 border-line border-t py-1 max-sm:grid-cols-[1fr_auto]"
          >
            <b className="font-semibold">{place.spotName}</b>
            <span className="text-soft">{place.minutes} min</span>
            <span className="max-sm:col-span-2">
              {place.work.map((work) => `${work.grafts} ${work.name}`).join(", ")}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
