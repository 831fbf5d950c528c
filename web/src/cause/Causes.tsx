import { useEffect, useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import api, { told } from "../api/client";
import { useRules } from "../api/queries";
import { dayAndYear } from "../days";
import { useCommands } from "../ui/commands";
import { going } from "../ui/going";
import { Button, Coming, PartHeading, Statement, Teach, Trouble } from "../ui/parts";
import { HAS_ROOM, STAYS, useInView } from "../ui/useInView";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { CauseList } from "./CauseList";
import { CauseStrip } from "./CauseStrip";
import {
  type Case,
  NEVER_KNOWN,
  type Pile,
  type Session,
  type SessionView,
  type Sign,
  useCauseSession,
  usePile,
} from "./causeApi";
import { NextSign, SignGrid } from "./SignGrid";

/** Why grafts failed: the pile of those nobody has explained, session by session. */
export function Causes() {
  const { code } = useParams();
  const pile = usePile();
  const first = pile.data?.sessions[0]?.codes[0];
  const shown = code ?? first;
  const view = useCauseSession(shown);
  const why = useRef<HTMLElement>(null);
  // Known by then, so that it is there to be brought into view.
  useInView(why, pile.data && code);
  if (pile.error) return <Trouble page problem={pile.error} />;
  if (!pile.data) return <Coming what="the failures" />;
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <section
        aria-label="Failures"
        className={`w-[272px] shrink-0 py-5 pr-4 pl-[26px] max-lg:w-auto max-lg:pr-[26px] max-lg:pb-0 max-sm:px-4 lg:self-start ${STAYS}`}
      >
        <p className="font-semibold">
          {pile.data.total === 0 ? "Every failure is explained" : `${pile.data.total} failed, not explained`}
        </p>
        <p className="text-[14px] text-soft">By session, the newest first.</p>
        <SessionList pile={pile.data} at={shown} />
      </section>
      <section
        ref={why}
        aria-label="Why it failed"
        className={`min-w-0 flex-1 border-line px-[26px] py-5 max-sm:px-4 lg:border-l ${HAS_ROOM}`}
      >
        {!shown ? (
          <Teach title="Causes are weighed when something failed">
            A graft called dead on a round comes here. Two or three signs at the plant and what is on record
            say why, and what to do differently.
          </Teach>
        ) : view.error ? (
          <Trouble problem={view.error} />
        ) : view.data ? (
          <Weighed key={shown} view={view.data} pile={pile.data} code={shown} reading={view.isFetching} />
        ) : (
          <Coming what="why it failed" />
        )}
      </section>
    </div>
  );
}

function useMade() {
  const rules = useRules();
  return (session: Session) => {
    const technique =
      rules.data?.techniques.find((t) => t.key === session.techniqueKey)?.name ??
      "technique not written down";
    return `${dayAndYear(session.day)}, ${technique}${session.makerName ? `, ${session.makerName}` : ""}`;
  };
}

function SessionList({ pile, at }: { pile: Pile; at: string | undefined }) {
  const made = useMade();
  return (
    <ol className="mt-2 mb-4">
      {pile.sessions.slice(0, 40).map((session) => (
        <li key={session.codes[0]}>
          <Link
            to={`/causes/${session.codes[0]}`}
            aria-current={at !== undefined && session.codes.includes(at) ? "true" : undefined}
            className="block border-line border-t py-1.5 aria-[current]:bg-surface aria-[current]:font-semibold max-sm:min-h-11"
          >
            {session.codes.length} {session.varietyName}
            <span className="block font-normal text-[14px] text-soft">{made(session)}</span>
          </Link>
        </li>
      ))}
    </ol>
  );
}

/** The sentence over a session: what most of its failures most likely were. */
function headline(view: SessionView, pile: Pile) {
  const likeliest = view.cases.map((one) => one.verdict ?? one.weights.weights[0].cause);
  const often = [...new Set(likeliest)].sort(
    (a, b) => likeliest.filter((c) => c === b).length - likeliest.filter((c) => c === a).length,
  )[0];
  const n = likeliest.filter((c) => c === often).length;
  const name = pile.causes.find((c) => c.key === often)?.name ?? "never known";
  return view.cases.length === 1 ? `Most likely ${name}` : `${n} of ${view.cases.length} most likely ${name}`;
}

interface WeighedProps {
  view: SessionView;
  pile: Pile;
  code: string;
  /** True while the weights after the last answer are on their way: until then no other answer is taken. */
  reading: boolean;
}

function Weighed({ view, pile, code, reading }: WeighedProps) {
  const made = useMade();
  const navigate = useNavigate();
  const { send, problem, busy: sending } = useSend();
  const busy = sending || reading;
  const index = Math.max(
    0,
    view.cases.findIndex((one) => one.code === code),
  );
  const one = view.cases[index];
  const signs = (seen: Sign[], unseen: Sign[]) =>
    send(async () => {
      const kept = await told(
        api.PUT("/api/causes/{code}/signs", { params: { path: { code: one.code } }, body: { seen, unseen } }),
      );
      done(kept.sentence, kept.actId);
    });
  const decide = (codes: string[], cause: string) =>
    send(async () => {
      const kept = await told(api.PUT("/api/causes/verdicts", { body: { codes, cause } }));
      done(kept.sentence, kept.actId);
    });
  const go = (by: number) => {
    const to = view.cases[Math.min(view.cases.length - 1, Math.max(0, index + by))];
    navigate(`/causes/${to.code}`);
  };
  const { next } = one.weights;
  const heaviest = one.weights.weights[0].cause;
  useCommands([
    { key: "ArrowDown", words: "next failure of the session", run: () => go(1) },
    { key: "ArrowUp", words: "last failure of the session", run: () => go(-1) },
    ...going("PUT /api/causes/{code}/signs", [
      {
        key: "y",
        words: "the first sign is there",
        run: () => next && !busy && signs([...one.seen, next], one.unseen),
      },
      {
        key: "n",
        words: "the first sign is not there",
        run: () => next && !busy && signs(one.seen, [...one.unseen, next]),
      },
    ]),
    ...going("PUT /api/causes/verdicts", [
      { key: "c", words: "it was the heaviest cause", run: () => setWanted({ cause: heaviest, heaviest }) },
      {
        key: "k",
        words: "it will never be known",
        run: () => setWanted({ cause: NEVER_KNOWN, heaviest }),
      },
    ]),
  ]);
  // A verdict given by key waits for weights that are on their way, and falls if they turn out otherwise than was seen.
  const [wanted, setWanted] = useState<{ cause: string; heaviest: string }>();
  useEffect(() => {
    if (!wanted || busy) return;
    setWanted(undefined);
    if (wanted.heaviest === heaviest) decide([one.code], wanted.cause);
  });
  const open = view.cases.filter((c) => !c.verdict).map((c) => c.code);
  return (
    <>
      <Statement title={headline(view, pile)}>
        {view.session.varietyName}, {made(view.session)}
        {view.shared.length > 0 && `: ${view.shared.join(", ")}`}.
      </Statement>
      <Members view={view} at={one.code} />
      <p className="mt-3 flex flex-wrap items-baseline gap-x-3">
        <span className="code font-bold text-[22px]">{one.code}</span>
        <Link className="text-[15px] text-sea underline" to={`/graft/${one.code}`}>
          Its sheet
        </Link>
        <Verdict one={one} pile={pile} />
      </p>
      <Trouble problem={problem} />
      <NextSign one={one} busy={busy} onSigns={signs} />
      <CauseList one={one} causes={pile.causes} busy={busy} onDecide={(cause) => decide([one.code], cause)} />
      <div
        data-does="PUT /api/causes/verdicts"
        className="mt-1 flex flex-wrap gap-2 border-line border-t pt-2"
      >
        <Button disabled={busy} onClick={() => decide([one.code], NEVER_KNOWN)}>
          It will never be known
        </Button>
        {open.length > 1 && (
          <Button disabled={busy} onClick={() => decide(open, heaviest)}>
            All {open.length} of this day: {pile.causes.find((c) => c.key === heaviest)?.name}
          </Button>
        )}
      </div>
      <div data-does="PUT /api/causes/{code}/signs">
        <PartHeading>What the plant shows</PartHeading>
        <SignGrid one={one} busy={busy} onSigns={signs} />
      </div>
      <CauseStrip pile={pile} />
    </>
  );
}

function Verdict({ one, pile }: { one: Case; pile: Pile }) {
  if (!one.verdict)
    return <span className="text-[15px] text-soft">found dead {dayAndYear(one.endedOn)}</span>;
  const name = pile.causes.find((c) => c.key === one.verdict)?.name ?? "never known";
  return <b className="text-[15px]">taken as known: {name}</b>;
}

function Members({ view, at }: { view: SessionView; at: string }) {
  if (view.cases.length < 2) return null;
  return (
    <ul className="mt-1 flex flex-wrap gap-1.5">
      {view.cases.map((one) => (
        <li key={one.code}>
          <Link
            to={`/causes/${one.code}`}
            aria-current={one.code === at ? "true" : undefined}
            className={`code inline-flex min-h-8 items-center border-b-2 px-1 text-[14px] max-sm:min-h-11 ${one.code === at ? "border-sea font-bold" : "border-line"} ${one.verdict ? "text-soft" : ""}`}
          >
            {one.code}
          </Link>
        </li>
      ))}
    </ul>
  );
}
