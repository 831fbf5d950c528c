import { type ReactNode, useEffect, useMemo, useRef, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { useFarm, useRound, useRules } from "../api/queries";
import { dayWords } from "../days";
import { LifeLine } from "../drawings/LifeLine";
import { PeopleOptions } from "../place/PeopleOptions";
import { SpotOptions } from "../place/SpotOptions";
import { useCommands } from "../ui/commands";
import { Coming, Select, Statement, Teach, Trouble } from "../ui/parts";
import { isDay } from "../ui/readDay";
import { useMarks } from "../ui/useMarks";
import { choose, useChoices } from "../units";
import { AnswerKeys } from "./AnswerKeys";
import { Approach } from "./Approach";
import { AskedBack, Beside } from "./Beside";
import { FoundAsk } from "./FoundAsk";
import { Hope, useHope } from "./Hope";
import { type Key, keysFor } from "./keysFor";
import { RoundSheet } from "./RoundSheet";
import { SeenOn } from "./SeenOn";
import { TypedRound } from "./TypedRound";
import { askedCommands, keyCommands, useAnswering } from "./useAnswering";
import { type Order, useHere } from "./useHere";

type Stop = Schemas["care.Stop"];

const sameErrand = (a: Stop, b: Stop) =>
  a.graft.varietyId === b.graft.varietyId &&
  a.graft.spotId === b.graft.spotId &&
  a.graft.techniqueKey === b.graft.techniqueKey &&
  a.graft.madeOn === b.graft.madeOn &&
  a.tasks.map((t) => t.kind).join() === b.tasks.map((t) => t.kind).join();

const inOrder = (stops: Stop[], order: Order): Stop[] => {
  if (order === "walk") return stops;
  const last = (stop: Stop) => stop.tasks.map((task) => task.latest).sort()[0] ?? "";
  const key = (stop: Stop) => (order === "code" ? stop.graft.code : last(stop));
  return [...stops].sort((a, b) => key(a).localeCompare(key(b)));
};

/** The walk, graft by graft: one key or one tap for each look. */
export function Rounds() {
  const [search, setSearch] = useSearchParams();
  const spotId = search.get("spot") ? Number(search.get("spot")) : undefined;
  const round = useRound(spotId);
  const farm = useFarm();
  const { personId } = useChoices();
  const here = useHere(round.data?.day, spotId);
  const [seenOn, setSeenOn] = useState("");
  const [typing, setTyping] = useState(false);
  const { marked, mark, setMarks } = useMarks<number>();
  const [gone, setGone] = useState<Set<number>>(new Set());
  const navigate = useNavigate();

  const stops = useMemo(
    () =>
      inOrder(
        (round.data?.stops ?? []).filter((stop) => !gone.has(stop.graft.id)),
        here.order,
      ),
    [round.data, gone, here.order],
  );
  const index = Math.max(
    0,
    stops.findIndex((stop) => stop.graft.code === here.code),
  );
  const current = stops[index];

  // Come for an errand, its grafts are marked, so that one key answers them all.
  const errand = search.get("errand");
  const [come, setCome] = useState<string>();
  const head = stops.find((stop) => stop.graft.code === errand);
  if (head && errand && come !== errand) {
    setCome(errand);
    here.setCode(head.graft.code);
    setMarks(stops.filter((s) => sameErrand(s, head)).map((s) => s.graft.id));
  }

  // A fresh list from the farm says itself what is still due.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when new data has come
  useEffect(() => setGone(new Set()), [round.dataUpdatedAt]);

  const answering = useAnswering({ personId, seenOn: isDay(seenOn) ? seenOn : undefined });
  const hope = useHope(current && marked.size === 0 ? current.graft.code : undefined).data?.hope;
  const chosen = marked.size > 0 ? stops.filter((s) => marked.has(s.graft.id)) : current ? [current] : [];
  const keys = keysFor(
    chosen[0]?.graft.state ?? "MADE",
    [...new Set(chosen.flatMap((stop) => stop.tasks.map((task) => task.kind)))],
    hope?.giveUp === true && hope.code === current?.graft.code,
  );

  const gonePast = (stop: Stop[], send: () => Promise<boolean>) => {
    const ids = stop.map((one) => one.graft.id);
    const next =
      stops.slice(index + 1).find((s) => !ids.includes(s.graft.id)) ??
      stops.find((s) => !ids.includes(s.graft.id));
    const before = current?.graft.code;
    setGone((all) => new Set([...all, ...ids]));
    here.setCode(next?.graft.code);
    setMarks([]);
    return send().then((taken) => {
      if (taken) return;
      // What was not taken stands where it stood.
      setGone((all) => new Set([...all].filter((id) => !ids.includes(id))));
      here.setCode(before);
      if (stop.length > 1) setMarks(ids);
    });
  };
  const say = async (key: Key) => {
    if (chosen.length === 0) return;
    await gonePast(chosen, () =>
      answering.say(
        chosen.map((s) => s.graft),
        key,
      ),
    );
  };
  const asked = {
    ...answering,
    itIsSo: async () => {
      const ids = new Set(answering.waiting?.grafts.map((g) => g.id));
      await gonePast(
        stops.filter((s) => ids.has(s.graft.id)),
        answering.itIsSo,
      );
      return true;
    },
  };
  const move = (by: number) =>
    here.setCode(stops[Math.min(stops.length - 1, Math.max(0, index + by))]?.graft.code);
  useCommands([
    ...askedCommands(asked),
    ...keyCommands(keys.first, keys.rare, say),
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
    { key: "y", words: "type in a round from paper", run: () => setTyping(true) },
    { key: "Enter", words: "open its sheet", run: () => current && navigate(`/graft/${current.graft.code}`) },
  ]);

  if (round.error) return <Trouble problem={round.error} />;
  if (!round.data || !farm.data) return <Coming what="the round" />;
  const left = Math.max(0, round.data.due - gone.size);
  return (
    <div className="mx-auto max-w-[1100px] px-[26px] py-5 max-sm:px-0 max-sm:py-0">
      <div className="max-sm:px-4 max-sm:pt-3">
        <Statement title={left === 0 ? "This round is done" : `${left} to look at`}>
          {round.data.overdue > 0 ? `${round.data.overdue} overdue. ` : ""}One key for each look.{" "}
          <span className="ml-2 inline-flex gap-4 text-[15px] print:hidden">
            <Link className="text-sea underline" to="/rounds/walks">
              Walks ahead
            </Link>
            <button type="button" className="text-sea underline max-sm:hidden" onClick={() => window.print()}>
              Print the round
            </button>
            <button
              type="button"
              className="text-sea underline max-sm:hidden"
              onClick={() => setTyping(true)}
            >
              Type it in
            </button>
          </span>
        </Statement>
        <div className="mt-2.5 mb-1 grid grid-cols-4 gap-2 text-[14px] max-sm:grid-cols-3 print:hidden">
          <div className="max-sm:hidden">
            <SeenOn value={seenOn} onChange={setSeenOn} />
          </div>
          <Select
            aria-label="Which place"
            value={spotId ?? ""}
            onChange={(e) => setSearch(e.target.value ? { spot: e.target.value } : {}, { replace: true })}
          >
            <option value="">every place</option>
            <SpotOptions />
          </Select>
          <Select
            aria-label="In which order"
            value={here.order}
            onChange={(e) => here.setOrder(e.target.value as Order)}
          >
            <option value="walk">as one walks</option>
            <option value="risk">what presses first</option>
            <option value="code">by code</option>
          </Select>
          <Select
            aria-label="Who is looking"
            value={personId ?? ""}
            onChange={(e) => choose({ personId: e.target.value ? Number(e.target.value) : undefined })}
          >
            <option value="">who is looking</option>
            <PeopleOptions />
          </Select>
        </div>
      </div>
      <TypedRound
        open={typing}
        stops={[...round.data.stops, ...round.data.soon]}
        onClose={() => setTyping(false)}
      />
      {answering.dead && (
        <FoundAsk
          key={answering.dead.actId}
          actId={answering.dead.actId}
          codes={answering.dead.codes}
          onTold={answering.told}
        />
      )}
      {stops.length === 0 ? (
        <Soon soon={round.data.soon} />
      ) : (
        <>
          {current && (
            <Focused stop={current} marked={marked.size}>
              <AskedBack answering={asked} />
              <AnswerKeys key={current.graft.code} first={keys.first} rare={keys.rare} onKey={say} />
              <Beside answering={answering} />
            </Focused>
          )}
          <RoundSheet stops={stops} day={seenOn || round.data.day} left={left} />
          <StopList
            stops={stops}
            byPlace={here.order === "walk"}
            current={current}
            marked={marked}
            onFocus={here.setCode}
            onMark={mark}
            onMarks={setMarks}
          />
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

function useTechniqueName() {
  const rules = useRules();
  const names = new Map((rules.data?.techniques ?? []).map((t) => [t.key, t.name]));
  return (key?: string) => (key ? (names.get(key) ?? key) : "technique not written down");
}

function Focused({ stop, marked, children }: { stop: Stop; marked: number; children: ReactNode }) {
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
          <Hope graft={graft} />
          <Approach code={graft.code} kinds={stop.tasks.map((task) => task.kind)} />
          <div className="my-1.5 max-sm:hidden">
            <LifeLine line={stop.line} width={1000} scale />
          </div>
          <div className="my-1.5 sm:hidden">
            <LifeLine line={stop.line} width={356} scale />
          </div>
        </>
      )}
      {children}
      <Cautions stop={stop} />
    </section>
  );
}

// What to mind while doing it, each said once.
function Cautions({ stop }: { stop: Stop }) {
  const all = [...new Set(stop.tasks.map((task) => task.caution).filter(Boolean))];
  return all.map((caution) => (
    <p key={caution} className="mt-1.5 text-[13px] text-soft">
      {caution}
    </p>
  ));
}

interface ListProps {
  stops: Stop[];
  byPlace: boolean;
  current?: Stop;
  marked: ReadonlySet<number>;
  onFocus: (code: string) => void;
  onMark: (id: number) => void;
  onMarks: (ids: Iterable<number>) => void;
}

function StopList({ stops, byPlace, current, marked, onFocus, onMark, onMarks }: ListProps) {
  const here = useRef<HTMLLIElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: scroll whenever the focus moves
  useEffect(() => {
    here.current?.scrollIntoView({ block: "nearest" });
  }, [current?.graft.id]);
  return (
    <ol className="scroll-mt-60 max-sm:px-4">
      {stops.map((stop, i) => {
        const first = byPlace && (i === 0 || stops[i - 1].graft.spotId !== stop.graft.spotId);
        const ofPlace = () =>
          stops.filter((s) => s.graft.spotId === stop.graft.spotId).map((s) => s.graft.id);
        const on = stop.graft.id === current?.graft.id;
        return (
          <li key={stop.graft.id} ref={on ? here : undefined} className="scroll-mt-72">
            {first && (
              <h3 className="flex items-baseline gap-3 border-ink border-t-2 pt-2 pb-1 font-semibold">
                {stop.graft.spotName}
                <button
                  type="button"
                  className="font-normal text-[14px] text-sea underline print:hidden"
                  onClick={() => onMarks([...marked, ...ofPlace()])}
                >
                  mark all here
                </button>
              </h3>
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
                onClick={() => onFocus(stop.graft.code)}
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
