import { Link } from "react-router";
import { useTrials } from "./trialApi";

/** What trials found of a question on which growers disagree, or that one runs. */
export function Tried({ question }: { question: string }) {
  const trials = useTrials().data?.filter((trial) => trial.asked.aspect === `school.${question}`) ?? [];
  if (trials.length === 0) return null;
  return (
    <ul className="mt-1">
      {trials.map((trial) => (
        <li key={trial.id} className="border-sea border-l-4 pl-3">
          <Link to="/takes/trials" className="text-sea underline">
            Trial {trial.number}
          </Link>
          , {trial.asked.varietyName ?? trial.asked.speciesName}:{" "}
          {trial.dates.ending
            ? trial.says
            : trial.standing.ready
              ? "it may be read now."
              : "it runs; it may not be read yet."}
        </li>
      ))}
    </ul>
  );
}
