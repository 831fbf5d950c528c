import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { useFarm } from "../api/queries";
import { dayWords } from "../days";
import { Contact } from "../offline/Contact";
import { PeopleOptions } from "../place/PeopleOptions";
import { useCommands } from "../ui/commands";
import { Field, Select } from "../ui/fields";
import { Button, Coming, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { doneQuietly, takeBack } from "../undo";
import { choose, useChoices } from "../units";
import { useCleaning } from "../wood/woodApi";
import { CleanGate } from "./CleanGate";
import { clocks, useAtHand } from "./dayApi";
import { FaceClock, useFace } from "./FaceClock";
import { Facing } from "./Facing";
import { LastDone } from "./LastDone";
import { Otherwise, type Sizes } from "./Otherwise";
import { Turns } from "./Turns";
import { useRunLabels, type When } from "./useRunLabels";

/** The day graft by graft, the whole screen for the one at hand: one key or tap for done. */
export function Run() {
  const { day = "" } = useParams();
  const { personId } = useChoices();
  const hand = useAtHand(day, personId);
  const who = useFarm().data?.who;
  return (
    <div className="fixed inset-0 z-30 flex flex-col bg-ground">
      {who && <Contact />}
      <Head day={day} hand={hand.data} personId={personId} />
      {personId === undefined ? (
        <p className="p-6 text-[18px]">Say first who works here: what is made is logged under that name.</p>
      ) : hand.error ? (
        <div className="p-6">
          <Trouble problem={hand.error} />
          <Link className="mt-3 block text-sea underline" to={`/bench/day/${day}`}>
            To the plan of the day
          </Link>
        </div>
      ) : hand.data ? (
        <AtHand key={personId} day={day} hand={hand.data} personId={personId} />
      ) : (
        <Coming what="the graft at hand" />
      )}
    </div>
  );
}

type Hand = Schemas["day.HandView"];

function Head({ day, hand, personId }: { day: string; hand?: Hand; personId?: number }) {
  const farm = useFarm();
  const made = hand?.progress.made ?? 0;
  const all = hand ? made + hand.progress.open : 0;
  return (
    <header className="flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1 border-line border-b bg-surface px-4 py-2">
      <b className="text-[17px]">{dayWords(day)}</b>
      <span className="text-[15px] text-soft" aria-live="polite">
        {hand ? `${made} of ${all} made` : ""}
        {hand?.rest
          ? `, done about ${clocks(inMinutes(hand.rest.low), inMinutes(hand.rest.high))} at this pace`
          : ""}
      </span>
      <div className="ml-auto w-[150px]">
        <Select
          aria-label="Who works here"
          value={personId ?? ""}
          disabled={farm.data?.who !== undefined}
          onChange={(e) => choose({ personId: e.target.value ? Number(e.target.value) : undefined })}
        >
          <option value="">who works here</option>
          <PeopleOptions />
        </Select>
      </div>
      <Link className="inline-flex min-h-11 items-center text-sea underline" to={`/bench/day/${day}`}>
        Plan
      </Link>
    </header>
  );
}

// The hour of the device: it stands on the bench.
const inMinutes = (minutes: number) => {
  const at = new Date(Date.now() + minutes * 60_000);
  return at.getHours() * 60 + at.getMinutes();
};

function AtHand({ day, hand, personId }: { day: string; hand: Hand; personId: number }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { send, problem, busy } = useSend();
  const [uncleaned, setUncleaned] = useState<number>();
  const [gone, setGone] = useState<number>();
  const [lotId, setLotId] = useState<number>();
  const [sizes, setSizes] = useState<Sizes>({});
  const [doing, setDoing] = useState(false);
  const [last, setLast] = useState<{ sentence: string; actId: number }>();
  const tell = (was: { sentence: string; actId: number }) => {
    doneQuietly(was.actId);
    setLast(was);
  };
  const facing = hand.facing && hand.facing.jobId !== gone ? hand.facing : undefined;
  const face = useFace(facing?.jobId);
  // Whoever was just chosen works with keys at once: they must not go to the list any more.
  const section = useRef<HTMLElement>(null);
  useEffect(() => section.current?.focus(), []);
  const gate = facing && hand.clean && uncleaned !== facing.jobId ? hand.clean : undefined;

  // What was answered is gone from the screen at once; the next comes with the farm's own word.
  const sent = (work: (jobId: number) => Promise<{ sentence: string; actId: number }>) => {
    if (!facing || busy) return;
    const { jobId } = facing;
    return send(async () => {
      try {
        const was = await work(jobId);
        setGone(jobId);
        setLotId(undefined);
        setSizes({});
        setDoing(false);
        tell(was);
      } finally {
        await queries.invalidateQueries({ queryKey: ["at-hand", day] });
        setGone(undefined);
      }
    });
  };
  const labels = useRunLabels();
  const made = () =>
    sent(async (id) => {
      const was = await told(
        api.POST("/api/bench-days/jobs/{id}/made", {
          params: { path: { id } },
          body: { personId, lotId, ...sizes, faceS: face.seconds },
        }),
      );
      // Without contact it has no code yet: its label comes with it.
      if (was.code) labels.made(was.code, id, hand.turns);
      return was;
    });
  const later = () =>
    sent((id) => told(api.POST("/api/bench-days/jobs/{id}/later", { params: { path: { id } } })));
  const refuse = (why: Schemas["day.RefusalEntry"]["why"]) =>
    sent((id) =>
      told(api.POST("/api/bench-days/jobs/{id}/refusal", { params: { path: { id } }, body: { why } })),
    );
  const broke = () =>
    facing &&
    send(async () => {
      const params = { path: { id: lotId ?? facing.lotId } };
      const body = { kind: "DISCARD" as const, sticks: 1, personId, remark: "broke at the bench" };
      const out = await told(api.POST("/api/lots/{id}/out", { params, body }));
      tell(out);
    });
  const mix = useCleaning().data?.mixes.find((m) => m.good);
  const clean = () =>
    hand.clean &&
    send(async () => {
      const body = { personId, mixId: mix?.id, occasion: hand.clean ?? "START" };
      const cleaned = await told(api.POST("/api/cleaning", { body }));
      if (cleaned.warning || cleaned.actId === undefined) throw new Error(cleaned.warning);
      tell({ sentence: cleaned.sentence, actId: cleaned.actId });
      await queries.invalidateQueries({ queryKey: ["at-hand", day] });
    });

  useCommands([
    { key: ["Enter", " "], words: "made: the next one", run: () => (gate ? clean() : made()) },
    { key: "f", words: "a face is cut: its time runs", run: () => face.toggle() },
    { key: "k", words: "a stick broke", run: () => broke() },
    { key: "x", words: "another way: lot, sizes, stock left out", run: () => setDoing((was) => !was) },
    { key: "l", words: "put it later", run: () => later() },
    { key: "Escape", words: "to the plan of the day", run: () => navigate(`/bench/day/${day}`) },
  ]);

  if (!hand.facing) return <AllDone day={day} hand={hand} />;
  return (
    <div className="flex min-h-0 flex-1 max-sm:flex-col">
      <section
        ref={section}
        tabIndex={-1}
        aria-label="At hand"
        className="min-w-0 flex-1 shadow-none! outline-none! overflow-auto px-6 py-4 max-sm:px-4"
      >
        {gate ? (
          <CleanGate
            occasion={gate}
            facing={hand.facing}
            busy={busy}
            mixed={mix !== undefined}
            onClean={clean}
            onWithout={() => setUncleaned(hand.facing?.jobId)}
          />
        ) : (
          facing && <Facing facing={facing} lotId={lotId} sizes={sizes} />
        )}
        <Trouble problem={problem} />
        {!gate && (
          <div
            data-does="POST /api/bench-days/jobs/{id}/made"
            className="mt-4 flex flex-wrap items-center gap-3"
          >
            <Button
              strong
              className="min-h-16 min-w-[220px] text-[22px] max-sm:min-h-16 max-sm:w-full"
              disabled={busy || !facing}
              onClick={made}
            >
              Made
            </Button>
            <FaceClock face={face} />
            <Button className="min-h-12" disabled={busy} onClick={() => setDoing(!doing)}>
              Another way
            </Button>
            <Button className="min-h-12" disabled={busy} onClick={broke}>
              Stick broke
            </Button>
            <Button className="min-h-12" disabled={busy || !facing} onClick={later}>
              Later
            </Button>
          </div>
        )}
        {doing && facing && !gate && (
          <Otherwise
            key={facing.jobId}
            facing={facing}
            lotId={lotId}
            sizes={sizes}
            onLot={setLotId}
            onSizes={setSizes}
            onRefuse={refuse}
          />
        )}
        {last && (
          <LastDone
            sentence={last.sentence}
            onBack={() => {
              takeBack(last.actId);
              setLast(undefined);
            }}
          />
        )}
        {hand.next && !gate && (
          <p className="mt-5 border-line border-t pt-2 text-[15px] text-soft">
            Then <b className="code text-ink">{hand.next.plantCode}</b>, {hand.next.varietyName} from{" "}
            <span className="code">{hand.next.lotCode}</span>, {hand.next.techniqueName}
          </p>
        )}
        <div className="mt-4 w-[230px] max-sm:w-full">
          <Field label="Labels out of the printer">
            <Select value={labels.when} onChange={(e) => labels.choose(e.target.value as When)}>
              <option value="NONE">none, they are there</option>
              <option value="BLOCK">at the end of a block</option>
              <option value="EACH">each at once</option>
            </Select>
          </Field>
        </div>
      </section>
      <Turns turns={hand.turns} at={hand.facing.jobId} />
    </div>
  );
}

function AllDone({ day, hand }: { day: string; hand: Hand }) {
  const others = hand.progress.open;
  return (
    <div className="p-6">
      <h1 className="big text-[30px]">{others > 0 ? "The rest is in other hands" : "All done"}</h1>
      <p className="mt-1 text-[17px] text-soft">
        {hand.progress.made} made{hand.progress.refused > 0 ? `, ${hand.progress.refused} left out` : ""}
        {others > 0
          ? `, ${others} with somebody else`
          : ". Clean the blades, and write down what was left in the box"}
        .
      </p>
      <div className="mt-3 flex gap-5">
        <Link className="inline-flex min-h-11 items-center text-sea underline" to={`/bench/day/${day}`}>
          To the plan of the day
        </Link>
        <Link
          className="inline-flex min-h-11 items-center text-sea underline"
          to={`/bench/labels?day=${day}`}
        >
          Labels of this day
        </Link>
      </div>
    </div>
  );
}
