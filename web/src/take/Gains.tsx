import type { Schemas } from "../api/client";
import { GainRung } from "../drawings/GainRung";
import { Tenths } from "../drawings/Tenths";
import { partOf, useScope } from "../frame/scope";
import { percent } from "../percent";
import { Coming, PartHeading, Statement, Teach, Trouble } from "../ui/parts";
import { usePhone } from "../ui/usePhone";
import { type Gain, points, useGains } from "./factApi";
import { TakeParts } from "./TakeParts";

/** What moves take here: the ladder of gains, and how far it can be believed. */
export function Gains() {
  const { scope } = useScope();
  const gains = useGains(partOf(scope));
  return (
    <div className="px-[26px] pb-8 max-sm:px-4">
      <TakeParts />
      {gains.error && <Trouble problem={gains.error} />}
      {!gains.data && !gains.error && <Coming what="what brings more; all grafts are gone through" />}
      {gains.data?.refusal && (
        <Teach title="What would bring more is not told yet">{gains.data.refusal}</Teach>
      )}
      {gains.data && !gains.data.refusal && <Ladder view={gains.data} />}
    </div>
  );
}

function headline(gains: Gain[]): string {
  const best = gains.find((g) => g.hand && g.told);
  return best
    ? `${best.to.words} (${best.words}) would bring most: ${points(best.points.mean)} points`
    : "No change in your hand stands out yet";
}

function Ladder({ view }: { view: Schemas["take.GainView"] }) {
  const { gains, foretelling } = view;
  const reach = Math.max(0.1, ...gains.map((g) => Math.max(Math.abs(g.points.low), Math.abs(g.points.high))));
  const upper = Math.min(0.6, Math.ceil(reach * 20) / 20);
  return (
    <>
      <Statement title={headline(gains)}>
        What the grafts that were otherwise would have taken more, all else as it was. An association in these
        records, not a promise.
      </Statement>
      {foretelling && <Believed told={foretelling} />}
      <PartHeading>In your hand</PartHeading>
      <Rungs gains={gains.filter((g) => g.hand)} reach={upper} />
      <PartHeading>Not in your hand</PartHeading>
      <Rungs gains={gains.filter((g) => !g.hand)} reach={upper} />
      <p className="mt-3 max-w-[70ch] text-[13.5px] text-soft">
        The upright line is nothing, the bar the range that holds the truth nine times in ten. A full dot is
        told apart from nothing; hatched bars rest on few grafts. Kinds that always went together cannot be
        told apart.
      </p>
    </>
  );
}

function Believed({ told }: { told: Schemas["take.Foretelling"] }) {
  const miss = (square: number) => Math.round(Math.sqrt(square) * 100);
  return (
    <div className="max-w-[70ch] text-[15px]">
      <p>
        {told.stands
          ? `Foretelling ${told.grafts} grafts of days it was not told of, it errs by ${miss(told.brier)} points in the mean; the plain rate errs by ${miss(told.plain)}.`
          : `Foretelling ${told.grafts} grafts of days it was not told of, it is no better than the farm’s plain rate. Take it as a hint; nothing else here rests on it.`}
      </p>
      <details className="mt-1 text-[14px] text-soft">
        <summary className="cursor-pointer min-h-6">what was told and what came</summary>
        <div className="flex flex-wrap items-center gap-6">
          <Tenths tenths={told.tenths} />
          <ul>
            {told.tenths.map((tenth) => (
              <li key={tenth.told}>
                told {percent(tenth.told)} %: {percent(tenth.came)} % of {tenth.grafts} took
              </li>
            ))}
          </ul>
        </div>
      </details>
    </div>
  );
}

function Rungs({ gains, reach }: { gains: Gain[]; reach: number }) {
  const phone = usePhone();
  if (gains.length === 0) return <p className="text-soft">Nothing here differs on record.</p>;
  return (
    <ol className="max-w-[980px]">
      {gains.map((g) => (
        <li
          key={g.aspect}
          className="grid grid-cols-[minmax(180px,280px)_310px_1fr] items-center gap-x-4 border-line border-t py-1 max-lg:grid-cols-1"
        >
          <span>
            <b className={g.told ? "" : "font-normal"}>{g.to.words}</b>
            <span className="block text-[14px] text-soft">{g.words}</span>
          </span>
          <GainRung
            low={g.points.low}
            mean={g.points.mean}
            high={g.points.high}
            thin={g.grounds.thin}
            told={g.told}
            reach={reach}
            label={`${g.words}, ${g.to.words}: ${points(g.points.mean)} points, ${points(g.points.low)} to ${points(g.points.high)}`}
            width={phone ? 300 : 310}
          />
          <span className="text-[14px]">
            <b>{points(g.points.mean)}</b>, {points(g.points.low)} to {points(g.points.high)}
            <span className="block text-soft">
              {g.grounds.reach} of the last {g.grounds.last} were otherwise; {g.grounds.with} decided so,{" "}
              {g.grounds.otherwise} not
              {g.grounds.oneSided ? `. ${g.grounds.oneSided}: the range leans on what was assumed` : ""}
            </span>
          </span>
        </li>
      ))}
    </ol>
  );
}
