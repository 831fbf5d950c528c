import { useState } from "react";
import { Link } from "react-router";
import api, { told } from "../api/client";
import { dayAndYear } from "../days";
import { GainRung } from "../drawings/GainRung";
import { TrialCourse } from "../drawings/TrialCourse";
import { points } from "../take/factApi";
import { Button, Coming, Trouble } from "../ui/parts";
import { usePhone } from "../ui/usePhone";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { type Trial, useTrialGrafts } from "./trialApi";

/** One trial: what is asked, how far it is, what it said. */
export function TrialLine({ trial }: { trial: Trial }) {
  const { asked, dates } = trial;
  const phone = usePhone();
  const where = [asked.varietyName ?? asked.speciesName, asked.techniqueName].filter(Boolean).join(", ");
  return (
    <section aria-label={`Trial ${trial.number}`} className="border-line border-t py-3">
      <h3 className="text-[17px]">
        <span className="code text-[15px] text-soft">trial {trial.number}</span>{" "}
        <b>{trial.question || `${asked.first}, or ${asked.second}?`}</b>
      </h3>
      <p className="text-[15px]">
        {asked.words}: “{asked.first}” against “{asked.second}”, {where}{" "}
        <span className="text-soft">
          {dates.endedOn
            ? `${dayAndYear(dates.since)} to ${dayAndYear(dates.endedOn)}`
            : `since ${dayAndYear(dates.since)}`}
        </span>
      </p>
      {dates.ending ? <Found trial={trial} width={phone ? 330 : 300} /> : <Course trial={trial} />}
      <Grafts trial={trial} />
    </section>
  );
}

function Found({ trial, width }: { trial: Trial; width: number }) {
  const difference = trial.reading?.difference;
  const reach = difference ? Math.max(0.3, Math.abs(difference.low), Math.abs(difference.high)) : 0;
  return (
    <div className="mt-1">
      {difference && (
        <div className="grid max-w-[75ch] grid-cols-[1fr_auto_1fr] items-center gap-x-3 text-[14px] text-soft max-sm:grid-cols-2">
          <span className="text-right max-sm:text-left">“{trial.asked.second}” took more</span>
          <span className="max-sm:order-last max-sm:col-span-2">
            <GainRung
              low={difference.low}
              mean={difference.points}
              high={difference.high}
              thin={false}
              told={trial.dates.ending !== "ALIKE"}
              reach={reach}
              width={width}
              label={`the first ${points(difference.points)} points, ${points(difference.low)} to ${points(difference.high)}`}
            />
          </span>
          <span className="max-sm:text-right">“{trial.asked.first}” took more</span>
        </div>
      )}
      <p className="max-w-[75ch] text-[15px]">{trial.says}</p>
    </div>
  );
}

const plural = (count: number, one: string) => `${count} ${one}${count === 1 ? "" : "s"}`;

function Course({ trial }: { trial: Trial }) {
  const { standing, id } = trial;
  const phone = usePhone();
  const { send, problem, busy } = useSend();
  const waiting = standing.made - standing.decided - standing.lost;
  const words = [
    `${standing.decided} of ${2 * standing.each} decided`,
    waiting > 0 && `${waiting} wait`,
    standing.open > 0 && `${standing.open} to be made`,
    standing.lost > 0 && `${plural(standing.lost, "graft")} lost, made anew with the next`,
  ].filter(Boolean);
  const act = (path: "/api/trials/{id}/reading" | "/api/trials/{id}/giving-up") =>
    send(async () => {
      const told_ = await told(api.POST(path, { params: { path: { id } } }));
      done(told_.sentence, told_.actId);
    });
  return (
    <div className="mt-1.5">
      <TrialCourse
        all={2 * standing.each}
        decided={standing.decided}
        waiting={waiting}
        open={standing.open}
        gates={standing.gates}
        width={phone ? 340 : 560}
        label={words.join(", ")}
      />
      <p className="text-[15px]">
        {words.join(", ")}. <span className="text-soft">{trial.plan}</span>
      </p>
      {trial.says && <p className="text-[15px]">{trial.says}</p>}
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {standing.ready ? (
          <Button
            data-does="POST /api/trials/{id}/reading"
            strong
            disabled={busy}
            onClick={() => act("/api/trials/{id}/reading")}
          >
            Read it
          </Button>
        ) : (
          <span className="text-[15px]">It may be read when {standing.due} are decided.</span>
        )}
        <Button
          data-does="POST /api/trials/{id}/giving-up"
          disabled={busy}
          onClick={() => act("/api/trials/{id}/giving-up")}
        >
          Give it up
        </Button>
        {standing.ready && (
          <span className="text-[14px] text-soft">
            What was read is not taken back: who has seen it knows it.
          </span>
        )}
      </div>
      <Trouble problem={problem} />
    </div>
  );
}

function Grafts({ trial }: { trial: Trial }) {
  const [open, setOpen] = useState(false);
  const grafts = useTrialGrafts(trial.id, open);
  if (trial.standing.made === 0) return null;
  return (
    <details className="mt-1 text-[15px]" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-6 cursor-pointer text-sea underline">
        its {plural(trial.standing.made, "graft")}
      </summary>
      {grafts.error && <Trouble problem={grafts.error} />}
      {!grafts.data && !grafts.error && <Coming what="the grafts of the trial" />}
      <ol className="mt-1 grid max-w-[900px] grid-cols-2 gap-x-8 max-sm:grid-cols-1">
        {grafts.data?.map((graft) => (
          <li key={graft.code} className="flex gap-3 border-line border-t py-1">
            <span className="w-14 shrink-0 text-soft">pair {graft.pair}</span>
            <Link to={`/graft/${graft.code}`} className="code shrink-0 text-sea underline">
              {graft.code}
            </Link>
            <span className="shrink-0">{graft.stands}</span>
            <span className="min-w-0 truncate text-soft">{graft.way}</span>
          </li>
        ))}
      </ol>
    </details>
  );
}
