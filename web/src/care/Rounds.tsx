import { useEffect, useMemo, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { useFarm, useRound } from "../api/queries";
import { PeopleOptions } from "../place/PeopleOptions";
import { SpotOptions } from "../place/SpotOptions";
import { useCommands } from "../ui/commands";
import { Select } from "../ui/fields";
import { going } from "../ui/going";
import { Coming, Statement, Trouble } from "../ui/parts";
import { isDay } from "../ui/readDay";
import { useMarks } from "../ui/useMarks";
import { choose, useChoices } from "../units";
import { AddPicture } from "./AddPicture";
import { AnswerKeys } from "./AnswerKeys";
import { AskedBack, Beside } from "./Beside";
import { Focused } from "./Focused";
import { FoundAsk } from "./FoundAsk";
import { GiveUps } from "./GiveUps";
import { useHope } from "./Hope";
import { type Key, keysFor } from "./keysFor";
import { RoundSheet } from "./RoundSheet";
import { SeenOn } from "./SeenOn";
import { Soon } from "./Soon";
import { StopList } from "./StopList";
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
    ...going("POST /api/looks", [
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
    ]),
    { key: "Enter", words: "open its sheet", run: () => current && navigate(`/graft/${current.graft.code}`) },
  ]);

  if (round.error) return <Trouble page problem={round.error} />;
  if (!round.data || !farm.data) return <Coming what="the round" />;
  const left = Math.max(0, round.data.due - gone.size);
  return (
    <div className="mx-auto max-w-[1100px] px-[26px] py-5 max-sm:px-0 max-sm:py-0">
      <div className="max-sm:px-4 max-sm:pt-3">
        <Statement title={left === 0 ? "This round is done" : `${left} to look at`}>
          {round.data.overdue > 0 ? `${round.data.overdue} overdue. ` : ""}
          <span data-does="POST /api/looks">One key for each look. </span>
          <span className="ml-2 inline-flex gap-4 text-[15px] print:hidden">
            <Link className="text-sea underline" to="/rounds/walks">
              Walks ahead
            </Link>
            <button type="button" className="text-sea underline max-sm:hidden" onClick={() => window.print()}>
              Print the round
            </button>
            <button
              data-does="POST /api/looks"
              type="button"
              className="text-sea underline max-sm:hidden"
              onClick={() => setTyping(true)}
            >
              Type it in
            </button>
          </span>
        </Statement>
        <div className="mt-2.5 mb-1 grid grid-cols-4 items-start gap-2 text-[14px] max-sm:grid-cols-3 print:hidden">
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
            disabled={farm.data?.who !== undefined}
            onChange={(e) => choose({ personId: e.target.value ? Number(e.target.value) : undefined })}
          >
            <option value="">who is looking</option>
            <PeopleOptions />
          </Select>
        </div>
      </div>
      <GiveUps />
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
              <Beside answering={answering}>
                {chosen.length === 1 && (
                  <AddPicture
                    code={chosen[0].graft.code}
                    day={isDay(seenOn) ? seenOn : undefined}
                    words="a picture"
                  />
                )}
              </Beside>
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
