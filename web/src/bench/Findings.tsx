import type { ProblemError, Schemas } from "../api/client";
import { dated } from "../days";

/** What the rules say of what stands there, and what was said of it when it was sent. */
export function Findings({
  findings,
  problem,
}: {
  findings: Schemas["rules.Finding"][];
  problem?: ProblemError;
}) {
  if (findings.length === 0 && !problem) return null;
  return (
    <ul className="mt-3" aria-live="polite">
      {problem && <li className="font-semibold text-alarm">{dated(problem.message)}</li>}
      {findings.map((f) => (
        <li
          key={f.rule + f.message}
          className={`border-l-4 py-0.5 pl-3 ${f.weight === "REFUSES" ? "border-alarm text-alarm" : "border-soft"}`}
        >
          <b>{f.weight === "REFUSES" ? "Cannot be logged: " : "Mind: "}</b>
          {dated(f.message)}.
        </li>
      ))}
    </ul>
  );
}
