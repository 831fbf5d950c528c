import { percent } from "../percent";
import { Coming, Trouble } from "../ui/parts";
import { type Duel, points, useDuel } from "./factApi";

const span = (low: number, high: number) => `${points(low)} to ${points(high)}`;

function settled({ first, second, duel, power }: Duel): string {
  if (duel.more === undefined) return "More grafts of this sort would settle nothing practical.";
  if (duel.more > 0)
    return `About ${duel.more} more of each would settle it with a chance of ${percent(power)} in 100.`;
  return duel.points > 0
    ? `${first.words} is better on these records.`
    : `${second.words} is better on these records.`;
}

/** One kind against another: how far apart, how sure, who else differs, and what is left with that taken out. */
export function Against(props: { aspect: string; first: string; second: string; part?: string }) {
  const told = useDuel(props.aspect, props.first, props.second, props.part);
  if (told.error) return <Trouble problem={told.error} />;
  if (!told.data) return <Coming what="which is better" />;
  const { first, second, duel, company, alike } = told.data;
  return (
    <section aria-label="One against the other" className="mt-2 border-line border-t pt-2 text-[15px]">
      <p>
        <b>{points(duel.points)} points</b>, {span(duel.low, duel.high)}. In {percent(duel.chance)} of 100
        such records {first.words} is better than {second.words}.
      </p>
      <p className="mt-1">{settled(told.data)}</p>
      {company.length > 0 && (
        <div className="mt-2">
          <p>They differ in more than that:</p>
          <ul className="mt-0.5 text-[14px] text-soft">
            {company.map((one) => (
              <li key={one.aspect}>
                {one.words}: {one.kind}, {percent(one.inFirst)} % of the one and {percent(one.inSecond)} % of
                the other
              </li>
            ))}
          </ul>
        </div>
      )}
      {alike ? (
        <p className="mt-2">
          With all that is on record besides taken out: <b>{points(alike.mean)} points</b>,{" "}
          {span(alike.low, alike.high)}.
        </p>
      ) : (
        <p className="mt-2 text-soft">The records do not tell what is left with that taken out.</p>
      )}
      <p className="mt-2 text-[13.5px] text-soft">
        Not assigned at random: an association in these records. Only a trial tells what does it.
      </p>
    </section>
  );
}
