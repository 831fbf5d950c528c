import { Suspense } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useFarm, useToday, useToLookAt } from "../api/queries";
import { PlannedSteps } from "../day/PlannedSteps";
import { awayWords, dayWords } from "../days";
import { LifeLine } from "../drawings/LifeLine";
import { useLamps, usePassed } from "../flush/flushApi";
import { Lamps } from "../flush/Lamps";
import { LookNext } from "../flush/LookNext";
import { headline } from "../flush/words";
import { part } from "../frame/part";
import { Beside } from "../ui/Beside";
import { Piece } from "../ui/Piece";
import { Coming, NotReckoned, PartHeading, Statement, Trouble } from "../ui/parts";
import { NextDays } from "../weather/NextDays";
import { RunningOut } from "../wood/RunningOut";

// Read once in the life of a farm, so not fetched with every first screen.
const PassedDays = part(() => import("../day/PassedDays"), "PassedDays", "What has passed");
const Unforeseen = part(() => import("./Unforeseen"), "Unforeseen", "How far the weather is known");
const Dangers = part(() => import("./Dangers"), "Dangers", "What threatens");
const NoGrafts = part(() => import("./NoGrafts"), "NoGrafts");

type TodayView = Schemas["care.TodayView"];

/** What to do now, in walking order. */
export function Today() {
  const today = useToday();
  const farm = useFarm();
  const lit = (useLamps().data?.pairings ?? []).length > 0;
  const passed = usePassed().data ?? [];
  if (today.error) return <Trouble page problem={today.error} />;
  // A walk of another day is not shown as today's.
  if (!today.data || !farm.data || today.data.day !== farm.data.today) return <Coming what="today’s walk" />;
  const view = today.data;
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] py-5 max-sm:px-4">
        {view.dangers.length > 0 && (
          <Suspense>
            <Dangers dangers={view.dangers} today={view.day} />
          </Suspense>
        )}
        {view.live > 0 && !(view.weatherUntil && view.weatherUntil > view.day) && (
          <Suspense>
            <Unforeseen until={view.weatherUntil} />
          </Suspense>
        )}
        <Piece what="What is lit">
          <NowLit due={title(view)} sub={subtitle(view)} />
        </Piece>
        <Piece what="What is planned">
          {passed.length > 0 && (
            <Suspense>
              <PassedDays passed={passed} today={view.day} />
            </Suspense>
          )}
          <PlannedSteps today={view.day} />
        </Piece>
        {farm.data.grafts === 0 ? (
          <Suspense>
            <NoGrafts lamps={lit} />
          </Suspense>
        ) : (
          <Walk view={view} />
        )}
      </section>
      {farm.data.grafts > 0 && (
        <Beside width="w-[372px]">
          <Piece what="What runs out of wood">
            <RunningOut />
          </Piece>
          <Piece what="What to look at next">
            <LookNext today={view.day} />
          </Piece>
          <OnTheirWay view={view} />
          <Piece what="The weather">
            <NextDays />
          </Piece>
          <ComingVisits today={view.day} />
        </Beside>
      )}
    </div>
  );
}

/** The lamps where trees are watched, with the walk in one line; else the walk alone. */
function NowLit({ due, sub }: { due: string; sub: string }) {
  const lamps = useLamps();
  const day = useFarm().data?.today;
  const pairings = lamps.data?.pairings ?? [];
  if (lamps.data && pairings.length === 0)
    return (
      <>
        <Statement title={due}>{sub}</Statement>
        <NotReckoned sentences={lamps.data.notReckoned} />
      </>
    );
  // Lamps of another day are not told as today's.
  if (lamps.error && !lamps.data) return <Statement title={due}>{sub}</Statement>;
  if (lamps.data?.today !== day)
    return (
      <>
        <Statement title={due}>{sub}</Statement>
        <p role="status" className="text-soft">
          The lamps of {dayWords(day ?? "")} are being reckoned …
        </p>
      </>
    );
  return (
    <>
      <Statement title={headline(pairings, lamps.data?.today ?? "")}>
        {due}. {sub}
      </Statement>
      <Lamps pairings={pairings.slice(0, 3)} today={lamps.data?.today ?? ""} />
      <NotReckoned sentences={lamps.data?.notReckoned} />
    </>
  );
}

function title(view: TodayView): string {
  if (view.due === 0) return "Nothing wants a look today";
  return view.due === 1 ? "One graft wants a look today" : `${view.due} grafts want a look today`;
}

function subtitle(view: TodayView): string {
  const first = view.places[0];
  const minutes = view.places.reduce((sum, place) => sum + place.minutes, 0);
  const parts = [
    view.overdue > 0 ? `${view.overdue} overdue` : "",
    first ? `begin at ${first.spot.name}` : "",
    minutes > 0 ? `about ${minutes} minutes in all` : "",
    `${view.soon} more within a week`,
  ].filter(Boolean);
  const sentence = parts.join(", ");
  return `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}.`;
}

function Walk({ view }: { view: TodayView }) {
  if (view.places.length === 0) {
    return (
      <p className="mt-4 text-soft">
        Walk for pleasure. {view.soon > 0 ? `${view.soon} grafts come up within a week.` : ""}
      </p>
    );
  }
  return (
    <>
      <PartHeading>Walk, in order</PartHeading>
      {view.places.map((place) => (
        <WalkPlace key={place.spot.id} place={place} />
      ))}
    </>
  );
}

function WalkPlace({ place }: { place: Schemas["care.WalkPlace"] }) {
  return (
    <section aria-label={place.spot.name} className="mb-1 border-ink border-t-2">
      <div className="flex items-baseline justify-between gap-3 py-2.5">
        <h3 className="font-semibold">{place.spot.name}</h3>
        <span className="mr-2 ml-auto text-[14px] text-soft max-sm:mr-0">
          {place.due} {place.due === 1 ? "graft" : "grafts"}, about {place.minutes} min
          {place.overdue > 0 && <b className="text-alarm"> · {place.overdue} overdue</b>}
        </span>
        <Link
          to={`/rounds?spot=${place.spot.id}`}
          className="whitespace-nowrap rounded border border-sea px-3 py-0.5 font-semibold text-[14px] text-sea hover:bg-surface max-sm:min-h-11 max-sm:py-2.5"
        >
          Walk it
        </Link>
      </div>
      {place.errands.map((errand) => (
        <ErrandRow key={errand.codes[0]} errand={errand} spotId={place.spot.id} />
      ))}
    </section>
  );
}

const MOST_NAMED = 3;

/** The codes themselves, the later ones by their numbers where they begin alike; many are counted. */
function codeWords(codes: string[]): string {
  const stem = codes[0].replace(/[^-]*$/, "");
  const named = codes.map((code, i) => (i > 0 && code.startsWith(stem) ? code.slice(stem.length) : code));
  const more = codes.length - MOST_NAMED;
  return more > 0 ? `${named.slice(0, MOST_NAMED - 1).join(", ")} and ${more + 1} more` : named.join(", ");
}

function ErrandRow({ errand, spotId }: { errand: Schemas["care.Errand"]; spotId: number }) {
  const asks = errand.asks.join("; ");
  const [first] = errand.codes;
  return (
    <Link
      to={errand.grafts === 1 ? `/graft/${first}` : `/rounds?spot=${spotId}&errand=${first}`}
      className="grid grid-cols-[150px_1fr_auto] items-baseline gap-x-3 border-line border-t py-1.5 hover:bg-surface max-sm:grid-cols-[1fr_auto]"
    >
      <span className="code text-[14px]">{codeWords(errand.codes)}</span>
      <span className="max-sm:col-span-2 max-sm:row-start-2">
        {errand.grafts > 1 ? `${errand.grafts} ` : ""}
        {errand.varietyName}: {asks}
      </span>
      <span
        className={`whitespace-nowrap text-[14px] ${errand.overdue ? "font-semibold text-alarm" : "text-soft"}`}
      >
        day {errand.dayOfLife}
        {errand.overdue ? ", overdue" : ""}
      </span>
    </Link>
  );
}

function OnTheirWay({ view }: { view: TodayView }) {
  return (
    <>
      <h2 className="mb-2 font-semibold text-[14px] text-soft">
        Grafts on their way <span className="font-normal">· {view.waiting} waiting for their first leaf</span>
      </h2>
      {view.onTheirWay.map((stop) => (
        <Link
          key={stop.graft.id}
          to={`/graft/${stop.graft.code}`}
          className="flex items-center gap-2 py-0.5 hover:bg-ground"
        >
          <span className="code w-[86px] shrink-0 text-[13.5px]">{stop.graft.code}</span>
          <LifeLine line={stop.line} width={236} />
        </Link>
      ))}
      <p className="mt-1 text-[13px] text-soft">The brown band is when the first push is expected.</p>
    </>
  );
}

function ComingVisits({ today }: { today: string }) {
  const looks = useToLookAt();
  const days = (looks.data?.visits ?? []).filter((d) => d.day >= today).slice(0, 6);
  if (days.length === 0) return null;
  const most = Math.max(...days.map((d) => d.count));
  return (
    <>
      <PartHeading>Coming visits</PartHeading>
      <table className="w-full text-[14px]">
        <caption className="sr-only">Visits by the day they aim at</caption>
        <tbody>
          {days.map((d) => (
            <tr key={d.day}>
              <th scope="row" className="w-24 py-0.5 text-left font-normal">
                {dayWords(d.day)}
              </th>
              <td>
                <span
                  className="inline-block h-2 rounded-sm bg-sea/60 align-middle"
                  style={{ width: `${(d.count / most) * 120}px` }}
                />{" "}
                {d.count}
              </td>
              <td className="text-right text-soft">{awayWords(d.day, today)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
