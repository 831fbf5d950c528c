import { useState } from "react";
import { TakeParts } from "../take/TakeParts";
import { Button, Coming, PartHeading, Statement, Teach, Trouble } from "../ui/parts";
import { NewTrial } from "./NewTrial";
import { TrialLine } from "./TrialLine";
import { type Trial, useTrials } from "./trialApi";

function headline(running: Trial[]): string {
  const ready = running.find((trial) => trial.standing.ready);
  if (ready) return `Trial ${ready.number} may be read`;
  if (running.length === 0) return "No trial runs";
  return running.length === 1 ? "One trial runs" : `${running.length} trials run`;
}

/** Two ways set against each other: what runs, what was found, and a new question. */
export function Trials() {
  const trials = useTrials();
  const [asking, setAsking] = useState(false);
  if (trials.error) return <Trouble page problem={trials.error} />;
  if (!trials.data) return <Coming what="the trials" />;
  const running = trials.data.filter((trial) => !trial.dates.ending);
  const ended = trials.data.filter((trial) => trial.dates.ending);
  return (
    <div className="px-[26px] pb-8 max-sm:px-4">
      <TakeParts />
      <Statement title={headline(running)}>
        Chance says which graft of a pair is made which way; both are of one wood and one hand. So what
        differs in the end is the way, and nothing else.
      </Statement>
      {asking ? (
        <NewTrial onClose={() => setAsking(false)} />
      ) : (
        <Button
          data-does="POST /api/trials"
          strong={trials.data.length === 0}
          onClick={() => setAsking(true)}
        >
          Ask a new question
        </Button>
      )}
      {trials.data.length === 0 && !asking && (
        <Teach title="A trial settles what records cannot">
          Growers disagree on much, and records compare grafts that differ in more than one thing. A trial
          makes every other graft of a day the other way, by chance, until enough are decided.
        </Teach>
      )}
      {running.length > 0 && <PartHeading>Running</PartHeading>}
      {running.map((trial) => (
        <TrialLine key={trial.id} trial={trial} />
      ))}
      {ended.length > 0 && <PartHeading>Ended</PartHeading>}
      {ended.map((trial) => (
        <TrialLine key={trial.id} trial={trial} />
      ))}
    </div>
  );
}
