import { useEffect, useMemo, useRef, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { useFarm, useRound, useRules } from "../api/queries";
import { dayWords } from "../days";
import { LifeLine } from "../drawings/LifeLine";
import type { Sign } from "../drawings/signs";
import { PeopleOptions } from "../place/PeopleOptions";
import { SpotOptions } from "../place/SpotOptions";
import { useCommands } from "../ui/commands";
import { DayBox } from "../ui/DayBox";
import { Button, Coming, Select, Statement, Teach, Trouble } from "../ui/parts";
import { isDay } from "../ui/readDay";
import { useMarks } from "../ui/useMarks";
import { choose, useChoices } from "../units";
import { AnswerKeys } from "./AnswerKeys";
import { answer, answerCommands } from "./answer";
import { RoundSheet } from "./RoundSheet";

type Stop = Schemas["care.Stop"];

const sameErrand = (a: Stop, b: Stop) =>
  a.graft.varietyId === b.graft.varietyId &&
  a.graft.spotId === b.graft.spotId &&
  a.graft.techniqueKey === b.graft.techniqueKey &&
  a.graft.madeOn === b.graft.madeOn &&
  a.tasks.map((t) => t.kind).join() === b.tasks.map((t) => t.kind).join();

/** The walk, graft by graft: one key or one tap for each look. */
export function Rounds() {
  const [search, setSearch] = useSearchParams();
  const spotId = search.get("spot") ? Number(search.get("spot")) : undefined;
  const round = useRound(spotId);
  const farm = useFarm();
  const { personId } = useChoices();
  const [at, setAt] = useState<number>();
  const [seenOn, setSeenOn] = useState("");
  const { marked, mark, setMarks } = useMarks<number>();
  const [gone, setGone] = useState<Set<number>>(new Set());
  const navigate = useNavigate();

  const stops = useMemo(
    () => (round.data?.stops ?? []).filter((stop) => !gone.has(stop.graft.id)),
    [round.data, gone],
  );
  const index = Math.max(
    0,
    stops.findIndex((stop) => stop.graft.id === at),
  );
  const current = stops[index];

  // Come for an errand, its grafts are marked, so that one key answers them all.
  const errand = search.get("errand");
  const [come, setCome] = useState<string>();
  const head = stops.find((stop) => stop.graft.code === errand);
  if (head && errand && come !== errand) {
    setCome(errand);
    setAt(head.graft.id);
    setMarks(stops.filter((s) => sameErrand(s, head)).map((s) => s.graft.id));
  }

  // A fresh list from the farm says itself what is still due.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when new data has come
  useEffect(() => setGone(new Set()), [round.dataUpdatedAt]);

  const say = async (sign: Sign) => {
    const chosen = marked.size > 0 ? stops.filter((s) => marked.has(s.graft.id)) : current ? [current] : [];
    if (chosen.length === 0) return;
    const ids = chosen.map((stop) => stop.graft.id);
    const next =
      stops.slice(index + 1).find((s) => !ids.includes(s.graft.id)) ??
      stops.find((s) => !ids.includes(s.graft.id));
    setAt(next?.graft.id);
    setMarks([]);
    setGone((before) => new Set([...before, ...ids]));
    if (
      !(await answer(
        chosen.map((s) => s.graft),
        sign,
        { personId, seenOn: isDay(seenOn) ? seenOn : undefined },
      ))
    ) {
      setGone((before) => new Set([...before].filter((id) => !ids.includes(id))));
    }
  };
  const move = (by: number) => setAt(stops[Math.min(stops.length - 1, Math.max(0, index + by))]?.graft.id);
  useCommands([
    ...answerCommands(say),
    { key: "ArrowDown", words: "next graft on the walk", run: () => move(1) },
    { key: "ArrowUp", words: "last graft on the walk", run: () => move(-1) },
    {
      key: " ",
      words: "mark it, to answer several at once",
      run: () => {
        if (current) mark(current.graft.id);
        move(1);
      },
    },
    {
      key: "a",
      words: "mark all of the same errand",
      run: () => current && setMarks(stops.filter((s) => sameErrand(s, current)).map((s) => s.graft.id)),
    },
    { key: "Enter", words: "open its sheet", run: () => current && navigate(`/graft/${current.graft.code}`) },
  ]);

  if (round.error) return <Trouble problem={round.error} />;
  if (!round.data || !farm.data) return <Coming what="the round" />;
  const left = Math.max(0, round.data.due - gone.size);
  return (
    <div className="mx-auto max-w-[1100px] px-[26px] py-5 max-sm:px-0 max-sm:py-0">
      <div className="flex flex-wrap items-start justify-between gap-3 max-sm:px-4 max-sm:pt-3">
        <Statement title={left === 0 ? "This round is done" : `${left} to look at`}>
          {round.data.overdue > 0 ? `${round.data.overdue} overdue. ` : ""}In walking order; one key for each
          look.
        </Statement>
        <div className="flex flex-wrap gap-2 text-[14px] max-sm:grid max-sm:w-full max-sm:grid-cols-2 print:hidden">
          <div className="w-[150px] max-sm:hidden">
            <DayBox
              past
              aria-label="Seen on, today if empty"
              placeholder="seen today"
              value={seenOn}
              onChange={setSeenOn}
            />
          </div>
          <Button className="max-sm:hidden" onClick={() => window.print()}>
            Print the round
          </Button>
          <Select
            className="sm:max-w-[150px]"
            aria-label="Which place"
            value={spotId ?? ""}
            onChange={(e) => setSearch(e.target.value ? { spot: e.target.value } : {}, { replace: true })}
          >
            <option value="">every place</option>
            <SpotOptions />
          </Select>
          <Select
            className="sm:max-w-[150px]"
            aria-label="Who is looking"
            value={personId ?? ""}
            onChange={(e) => choose({ personId: e.target.value ? Number(e.target.value) : undefined })}
          >
            <option value="">who is looking</option>
            <PeopleOptions />
          </Select>
        </div>
      </div>
      {stops.length === 0 ? (
        <Soon soon={round.data.soon} />
      ) : (
        <>
          {current && <Focused stop={current} marked={marked.size} onSign={say} />}
          <RoundSheet stops={stops} day={seenOn || round.data.day} left={left} />
          <StopList stops={stops} current={current} marked={marked} onFocus={setAt} onMark={mark} />
          {left > stops.length && (
            <p className="mt-3 text-[14px] text-soft">
              The first {stops.length} of {left} in walking order; more follow as you answer.
            </p>
          )}
        </>
      )}
    </div>
  );
}

/** Held under a recall: its only visit is to be set apart. */
const isHeld = (stop: Stop) => stop.tasks.some((task) => task.kind === "ISOLATE");

function useTechniqueName() {
  const rules = useRules();
  const names = new Map((rules.data?.techniques ?? []).map((t) => [t.key, t.name]));
  return (key?: string) => (key ? (names.get(key) ?? key) : "technique not written down");
}

function Focused({ stop, marked, onSign }: { stop: Stop; marked: number; onSign: (sign: Sign) => void }) {
  const technique = useTechniqueName();
  const { graft } = stop;
  return (
    <section
      aria-label={`Now: ${graft.code}`}
      className="top-0 z-10 mb-2 [@media(min-height:640px)]:sticky border-line border-b bg-ground pt-1 pb-3 max-sm:px-4"
    >
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="code font-bold text-[26px]">{marked > 0 ? `${marked} marked` : graft.code}</h2>
        {marked === 0 && (
          <span>
            {graft.varietyName} {technique(graft.techniqueKey)} on{" "}
            <span className="code">{graft.plantCode}</span>, {graft.spotName}
          </span>
        )}
      </div>
      {marked === 0 && (
        <>
          <ul className="mt-0.5">
            {stop.tasks.map((task) => (
              <li key={task.kind} title={task.risk}>
                <b>{task.ask.charAt(0).toUpperCase() + task.ask.slice(1)}</b>
                <span className={stop.overdue ? "text-alarm" : "text-soft"}>
                  {" "}
                  · by {dayWords(task.latest)}
                </span>
                <span className="text-[14px] text-soft max-sm:hidden"> · {task.risk}</span>
              </li>
            ))}
          </ul>
          <div className="my-1.5 max-sm:hidden">
            <LifeLine line={stop.line} width={1000} scale />
          </div>
          <div className="my-1.5 sm:hidden">
            <LifeLine line={stop.line} width={356} scale />
          </div>
        </>
      )}
      <AnswerKeys onSign={onSign} held={isHeld(stop)} />
      {stop.tasks.some((t) => ["TIE_OFF", "TOP_OFF", "CALL_BUD", "FORCE", "SWEEP"].includes(t.kind)) && (
        <p className="mt-1.5 text-[13px] text-soft">
          Blade away from you and from the holding hand; clean it before the next tree.
        </p>
      )}
    </section>
  );
}

interface ListProps {
  stops: Stop[];
  current?: Stop;
  marked: ReadonlySet<number>;
  onFocus: (id: number) => void;
  onMark: (id: number) => void;
}

function StopList({ stops, current, marked, onFocus, onMark }: ListProps) {
  const here = useRef<HTMLLIElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: scroll whenever the focus moves
  useEffect(() => {
    here.current?.scrollIntoView({ block: "nearest" });
  }, [current?.graft.id]);
  return (
    <ol className="scroll-mt-60 max-sm:px-4">
      {stops.map((stop, i) => {
        const first = i === 0 || stops[i - 1].graft.spotId !== stop.graft.spotId;
        const on = stop.graft.id === current?.graft.id;
        return (
          <li key={stop.graft.id} ref={on ? here : undefined} className="scroll-mt-72">
            {first && (
              <h3 className="border-ink border-t-2 pt-2 pb-1 font-semibold">{stop.graft.spotName}</h3>
            )}
            <div
              className={`flex items-center gap-3 border-line border-t py-1 ${on ? "bg-surface shadow-[inset_3px_0_0_var(--sea)]" : ""}`}
            >
              <input
                type="checkbox"
                aria-label={`Mark ${stop.graft.code}`}
                className="ml-2 size-5 accent-[var(--sea)] max-sm:size-6"
                checked={marked.has(stop.graft.id)}
                onChange={() => onMark(stop.graft.id)}
              />
              <button
                type="button"
                onClick={() => onFocus(stop.graft.id)}
                className="flex min-h-9 flex-1 items-center gap-3 text-left max-sm:min-h-11 max-sm:flex-wrap max-sm:gap-x-2 max-sm:gap-y-0"
              >
                <span className="code w-[100px] shrink-0 text-[14.5px]">{stop.graft.code}</span>
                <span className="min-w-0 flex-1 truncate max-sm:order-3 max-sm:basis-full max-sm:text-[14px] max-sm:text-soft">
                  {stop.graft.varietyName}: {stop.tasks.map((t) => t.name).join(", ")}
                </span>
                <span className="max-sm:hidden">
                  <LifeLine line={stop.line} width={230} />
                </span>
                <span
                  className={`w-[112px] whitespace-nowrap text-right text-[14px] ${stop.overdue ? "font-semibold text-alarm" : "text-soft"}`}
                >
                  {stop.overdue ? "overdue" : `healing day ${Math.round(stop.line.now)}`}
                </span>
              </button>
            </div>
          </li>
        );
      })}
    </ol>
  );
}

function Soon({ soon }: { soon: Stop[] }) {
  if (soon.length === 0) {
    return (
      <div className="max-sm:px-4">
        <Teach title="Nothing is due here">
          Rounds lists every graft that wants a look, in the order you walk. Log grafts at the{" "}
          <Link to="/bench" className="text-sea underline">
            bench
          </Link>{" "}
          and their visits come by themselves.
        </Teach>
      </div>
    );
  }
  return (
    <section className="max-sm:px-4">
      <h2 className="mt-3 mb-1 font-semibold text-[14px] text-soft">Coming up within a week</h2>
      {soon.map((stop) => (
        <Link
          key={stop.graft.id}
          to={`/graft/${stop.graft.code}`}
          className="flex items-center gap-3 border-line border-t py-1.5 hover:bg-surface"
        >
          <span className="code w-[100px] text-[14.5px]">{stop.graft.code}</span>
          <span className="min-w-0 flex-1 truncate">
            {stop.graft.varietyName}: {stop.tasks[0]?.name}
          </span>
          <span className="text-[14px] text-soft">{stop.tasks[0] && dayWords(stop.tasks[0].earliest)}</span>
        </Link>
      ))}
    </section>
  );
}
