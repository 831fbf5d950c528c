import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { dayAndYear } from "../days";
import { Button, Coming, PartHeading, Statement, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { BringWeather } from "./BringWeather";
import { CorrectDay } from "./CorrectDay";
import { Normals } from "./Normals";
import { PastDays } from "./PastDays";
import { useWeather } from "./weatherApi";

/** The weather of the site: what is on record, where more comes from, and what is normal. */
export function WeatherRoom() {
  const weather = useWeather();
  if (weather.error) return <Trouble page problem={weather.error} />;
  if (!weather.data) return <Coming what="the weather" />;
  const view = weather.data;
  return (
    <div className="mx-auto max-w-[1060px] px-[26px] py-5 max-sm:px-4">
      <Statement title="Weather">{recordWords(view.record)}</Statement>
      {view.doubt && <p className="mb-3 border-alarm border-l-4 pl-3">{view.doubt}</p>}
      <PartHeading>The last thirty days, and the next ten</PartHeading>
      <PastDays days={[...view.past, ...view.next]} today={view.next[0]?.day} />
      <div className="mt-4 grid grid-cols-3 gap-x-10 gap-y-4 max-lg:grid-cols-1">
        <BringWeather />
        <Station on={view.record.stationOn} />
        <CorrectDay />
      </div>
      <Normals key={JSON.stringify(view.climate)} view={view} />
      <Link to="/farm" className="mt-6 inline-block text-sea underline">
        Back to the farm
      </Link>
    </div>
  );
}

function recordWords(record: Schemas["season.Extent"]): string {
  if (!record.first || !record.last)
    return "No day is on record yet; every forecast rests on what is normal for the season.";
  const gaps =
    record.missing > 0 ? `, ${record.missing} days between them missing and filled from the normals` : "";
  return `${record.days} days on record, ${dayAndYear(record.first)} to ${dayAndYear(record.last)}${gaps}.`;
}

function Station({ on }: { on: boolean }) {
  const { send, busy, problem } = useSend();
  const turn = (to: boolean) => send(() => told(api.PUT("/api/weather/station", { body: { on: to } })));
  return (
    <section>
      <PartHeading>Station</PartHeading>
      <p className="mb-2 text-[15px]">
        {on
          ? "The simulated station is on: it tells each day as it ends, and what it expects of the next seven."
          : "A simulated station is at hand for trying. Its weather is invented from your normals: switch it on to see how it works, and off before you rely on the record."}
      </p>
      <Button data-does="PUT /api/weather/station" disabled={busy} onClick={() => turn(!on)}>
        {on ? "Switch the station off" : "Switch the station on"}
      </Button>
      <Trouble problem={problem} />
    </section>
  );
}
