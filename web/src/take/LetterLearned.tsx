import { Link } from "react-router";
import { NEVER_KNOWN, usePile } from "../cause/causeApi";
import { PartHeading } from "../ui/parts";
import { type FactGroup, points, useFactGroups, useGains } from "./factApi";

const TOLD_GAINS = 3;

/** What a season taught: why its year's failures failed, what would bring more, and so what to do next. */
export function LetterLearned({ own }: { own: FactGroup }) {
  const pile = usePile().data;
  const gains = useGains().data;
  const varieties = useFactGroups("season", "variety").data?.groups ?? [];
  const year = Number.parseInt(own.kind, 10);
  const causes = new Map<string, number>();
  for (const one of pile?.confirmed ?? []) {
    if (one.year === year) causes.set(one.cause, (causes.get(one.cause) ?? 0) + one.grafts);
  }
  const known = [...causes].filter(([key]) => key !== NEVER_KNOWN).sort((a, b) => b[1] - a[1]);
  const told = (key: string) => pile?.causes.find((c) => c.key === key);
  const stands = gains?.foretelling?.stands === true;
  const better = stands ? gains.gains.filter((g) => g.hand && g.told).slice(0, TOLD_GAINS) : [];
  const least = varieties
    .filter((g) => g.kind === own.kind && g.thenKind && !g.thin && g.count.failed > 0)
    .sort((a, b) => a.mean - b.mean)[0];
  return (
    <>
      <PartHeading>What was learned</PartHeading>
      <ul className="list-disc pl-5 text-[15px]">
        {own.count.failed === 0 && <li>Nothing decided failed.</li>}
        {known.map(([key, grafts]) => (
          <li key={key}>
            {grafts} made in {year} failed of this:{" "}
            <Link className="text-sea underline" to="/causes">
              {told(key)?.name ?? key}
            </Link>
            .
          </li>
        ))}
        {known.length === 0 && own.count.failed > 0 && (
          <li>
            No cause was confirmed of those made in {year}:{" "}
            <Link className="text-sea underline" to="/causes">
              the failures
            </Link>{" "}
            lie there with their signs.
          </li>
        )}
        {better.map((gain) => (
          <li key={gain.aspect}>
            <Link className="text-sea underline" to="/takes/gains">
              {gain.words}: {gain.to.words}
            </Link>{" "}
            goes with {points(gain.points.mean)} points of take, {points(gain.points.low)} to{" "}
            {points(gain.points.high)}; an association in these records.
          </li>
        ))}
        {gains && !stands && (
          <li>
            {gains.refusal ?? "What moves take is not told apart from luck yet; nothing here rests on it."}
          </li>
        )}
      </ul>
      <PartHeading>Next season</PartHeading>
      <ul className="list-disc pl-5 text-[15px]">
        {known.map(([key]) => (
          <li key={key}>
            Against {told(key)?.name ?? key}: {told(key)?.change}.
          </li>
        ))}
        {better.map((gain) => (
          <li key={gain.aspect}>
            More of this: {gain.to.words} ({gain.words}).
          </li>
        ))}
        {least && (
          <li>
            {least.label} took least, {least.count.taken} of {least.count.taken + least.count.failed}: make
            more of it, or try another way on a part of them.
          </li>
        )}
        {known.length === 0 && better.length === 0 && !least && (
          <li>These records give no reason to change anything; explain what failed, and more can be said.</li>
        )}
      </ul>
    </>
  );
}
