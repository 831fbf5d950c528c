import { useState } from "react";
import { Link, useParams } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { useRules, useSheet } from "../api/queries";
import { awayWords, dayAndYear, dayWords } from "../days";
import { LifeLine, lifeWords, sizeWords } from "../drawings/LifeLine";
import { SIGNS } from "../drawings/signs";
import { TRACE_WORDS } from "../drawings/TraceMark";
import { useCommands } from "../ui/commands";
import { Field, Input } from "../ui/fields";
import { Button, Coming, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { lengthWords, useChoices } from "../units";
import { AnswerKeys } from "./AnswerKeys";
import { Approach } from "./Approach";
import { AskedBack, Beside } from "./Beside";
import { Cautions } from "./Cautions";
import { FoundAsk } from "./FoundAsk";
import { Hope, useHope } from "./Hope";
import { type Key, keysFor } from "./keysFor";
import { Pictures } from "./Pictures";
import { PutRight } from "./PutRight";
import { SchoolsFollowed } from "./SchoolsFollowed";
import { Stock } from "./Stock";
import { askedCommands, keyCommands, useAnswering } from "./useAnswering";

const STATES: Record<Schemas["bench.Graft"]["state"], string> = {
  MADE: "just made",
  HEALING: "healing",
  ALIVE: "alive, not pushed",
  PUSHED: "pushed, no leaf yet",
  LEAFED: "in leaf",
  FIRM: "first flush firm",
  SECOND_FLUSH: "in its second flush",
  ESTABLISHED: "established",
  PLANTED_OUT: "planted out",
  FAILED: "failed",
  LOST: "lost",
};

/** A graft's own sheet at its own address. */
export function GraftPage() {
  const { code = "" } = useParams();
  const sheet = useSheet(code);
  if (sheet.error)
    return (
      <div className="px-6">
        <Trouble problem={sheet.error} />
      </div>
    );
  return sheet.data ? <GraftSheet sheet={sheet.data} /> : <Coming what="the graft" />;
}

function GraftSheet({ sheet }: { sheet: Schemas["care.Sheet"] }) {
  const { graft, line, tasks } = sheet.stop;
  const { personId, length } = useChoices();
  const [correction, setCorrection] = useState(false);
  const answering = useAnswering({ personId, correction }, () => setCorrection(false));
  const say = (key: Key) => answering.say([graft], key);
  const hope = useHope(graft.code).data?.hope;
  const kinds = tasks.map((task) => task.kind);
  const keys = keysFor(graft.state, kinds, hope?.giveUp === true);
  useCommands([
    ...askedCommands(answering),
    ...keyCommands(keys.first, keys.rare, say),
    {
      key: "c",
      words: "the next answer corrects an earlier one",
      run: () => setCorrection(!correction),
      does: "POST /api/looks",
    },
  ]);
  return (
    <article className="mx-auto max-w-[1000px] px-[26px] py-5 max-sm:px-4">
      <header className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="code font-bold text-[30px]">{graft.code}</h1>
        <p className="big text-[22px]">
          {graft.varietyName}, {STATES[graft.state]}
        </p>
      </header>
      <p className="text-soft">
        {lifeWords(line)}.{line.sizes.length > 0 && ` ${sizeWords(line, length)}.`}
      </p>
      <Hope graft={graft} />
      <div className="mt-2 max-sm:hidden">
        <LifeLine line={line} width={900} height={34} scale />
      </div>
      <div className="mt-2 sm:hidden">
        <LifeLine line={line} width={356} height={34} scale />
      </div>
      {answering.dead && (
        <FoundAsk
          key={answering.dead.actId}
          actId={answering.dead.actId}
          codes={answering.dead.codes}
          onTold={answering.told}
        />
      )}
      <div data-does="POST /api/looks" className="mt-3 flex flex-wrap items-center gap-4">
        <AnswerKeys first={keys.first} rare={keys.rare} onKey={say} />
        <label className="flex min-h-11 items-center gap-2 text-[14.5px]">
          <input
            type="checkbox"
            className="size-5 accent-[var(--sea)]"
            checked={correction}
            onChange={(e) => setCorrection(e.target.checked)}
          />
          this corrects an earlier answer
        </label>
      </div>
      <Beside answering={answering} />
      <AskedBack answering={answering} />
      <Approach code={graft.code} kinds={kinds} />
      {graft.state === "FAILED" && (
        <Link className="mt-2 inline-block text-[15px] text-sea underline" to={`/causes/${graft.code}`}>
          Why it failed
        </Link>
      )}
      <Stock sheet={sheet} />
      <Pictures graft={graft} />
      <div className="grid grid-cols-2 gap-x-10 max-sm:grid-cols-1">
        <section>
          <PartHeading>What comes</PartHeading>
          {tasks.length === 0 && <p>No visit is planned.</p>}
          <Cautions tasks={tasks} />
          {tasks.map((task) => (
            <div key={`${task.kind}${task.target}`} className="border-line border-t py-1.5">
              <b>{task.ask.charAt(0).toUpperCase() + task.ask.slice(1)}</b>
              <div className="text-[14.5px] text-soft">
                {dayWords(task.earliest)} to {dayWords(task.latest)}, best {dayWords(task.target)};{" "}
                {task.risk}
              </div>
            </div>
          ))}
          <Facts sheet={sheet} />
        </section>
        <section>
          <PartHeading>What was seen</PartHeading>
          <History sheet={sheet} />
        </section>
      </div>
    </article>
  );
}

// What was told beside a look.
function besideWords(look: Schemas["care.Past"], length: ReturnType<typeof useChoices>["length"]) {
  return [
    look.lengthMm ? `${lengthWords(look.lengthMm, length)} long` : "",
    ...look.found.map((trace) => TRACE_WORDS[trace]),
    look.who ?? "",
    look.correction ? "a correction" : "",
  ]
    .filter(Boolean)
    .map((words) => `, ${words}`)
    .join("");
}

function History({ sheet }: { sheet: Schemas["care.Sheet"] }) {
  const past = [...sheet.past].reverse();
  const { length } = useChoices();
  return (
    <ol>
      {past.map((look) => (
        <li
          key={look.id}
          className="grid grid-cols-[104px_24px_1fr] items-baseline gap-2 border-line border-t py-1.5"
        >
          <span className="text-[14.5px]">{dayAndYear(look.day)}</span>
          <span
            aria-hidden="true"
            className="code inline-flex size-5 items-center justify-center rounded-full border border-ink text-[12px] font-bold"
            style={{ background: SIGNS[look.sign].fill, color: SIGNS[look.sign].ink }}
          >
            {SIGNS[look.sign].letter}
          </span>
          <span>
            {SIGNS[look.sign].words}
            <span className="text-[14px] text-soft">
              {besideWords(look, length)}
              {look.note ? ` · ${look.note}` : ""}
            </span>
          </span>
        </li>
      ))}
      <li className="grid grid-cols-[104px_24px_1fr] border-line border-t gap-2 py-1.5">
        <span className="text-[14.5px]">{dayAndYear(sheet.stop.graft.madeOn)}</span>
        <span />
        <span>made{sheet.stop.graft.makerName ? ` by ${sheet.stop.graft.makerName}` : ""}</span>
      </li>
    </ol>
  );
}

function Facts({ sheet }: { sheet: Schemas["care.Sheet"] }) {
  const { graft } = sheet.stop;
  const [puts, setPuts] = useState(false);
  const rules = useRules();
  const { length } = useChoices();
  const technique = rules.data?.techniques.find((t) => t.key === graft.techniqueKey);
  const rows: [string, string][] = [
    ["Technique", technique?.name ?? "not written down"],
    ["Stock", `${graft.plantCode}, stem ${graft.stemLabel}, ${graft.spotName}`],
    [
      "Diameters",
      `${lengthWords(graft.scionMm, length) || "?"} on ${lengthWords(graft.stockMm, length) || "?"}`,
    ],
    [
      "Wood",
      [
        graft.lotCode,
        graft.woodSource,
        graft.woodCutOn
          ? `cut ${awayWords(graft.woodCutOn, graft.madeOn).replace("today", "the same day").replace("ago", "before")}`
          : "",
      ]
        .filter(Boolean)
        .join(", ") || "not written down",
    ],
    ["Cover", rules.data?.covers.find((c) => c.cover === graft.cover)?.words ?? graft.cover],
  ];
  return (
    <>
      <PartHeading>How it was made, {dayAndYear(graft.madeOn)}</PartHeading>
      <p className="mb-1 flex gap-4 text-[15px]">
        {graft.lotCode && (
          <Link className="text-sea underline" to={`/wood/lot/${graft.lotCode}`}>
            Its lot
          </Link>
        )}
        <Link className="text-sea underline" to={`/lineage/GRAFT-${graft.id}`}>
          Its lineage
        </Link>
        <button
          data-does="PUT /api/grafts/{code}/made"
          type="button"
          className="text-sea underline"
          onClick={() => setPuts(true)}
        >
          Put this right
        </button>
      </p>
      <PutRight sheet={sheet} open={puts} onClose={() => setPuts(false)} />
      <dl className="grid grid-cols-[110px_1fr] text-[15px]">
        {rows.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="border-line border-t py-1 text-soft">{name}</dt>
            <dd className="border-line border-t py-1 [overflow-wrap:anywhere]">{value}</dd>
          </div>
        ))}
      </dl>
      <Notes key={graft.version} graft={graft} />
      <SchoolsFollowed sheet={sheet} />
    </>
  );
}

/** Notes that can be changed; what was typed stays when somebody else was first. */
function Notes({ graft }: { graft: Schemas["bench.Graft"] }) {
  const [text, setText] = useState(graft.notes);
  const { send, problem, busy } = useSend();
  const save = () =>
    send(() =>
      told(
        api.PUT("/api/grafts/{code}/notes", {
          params: { path: { code: graft.code } },
          body: { notes: text, version: graft.version },
        }),
      ),
    );
  return (
    <form
      className="mt-2 flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <div className="flex-1">
        <Field label="Notes" error={problem?.message}>
          <Input value={text} maxLength={4000} onChange={(e) => setText(e.target.value)} />
        </Field>
      </div>
      <Button data-does="PUT /api/grafts/{code}/notes" type="submit" disabled={busy || text === graft.notes}>
        Save
      </Button>
    </form>
  );
}
