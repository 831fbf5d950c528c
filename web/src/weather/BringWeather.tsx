import { useRef, useState } from "react";
import type { ProblemError, Schemas } from "../api/client";
import { sendFile } from "../api/sendFile";
import { Button, PartHeading } from "../ui/parts";
import { done, failed } from "../undo";

type Brought = Schemas["season.WeatherBrought"];

/** A file of weather: looked at first, then taken; where days overlap the grower says which wins. */
export function BringWeather() {
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File>();
  const [seen, setSeen] = useState<Brought>();
  const look = async (chosen?: File) => {
    if (!chosen) return;
    try {
      setSeen(await sendFile<Brought>("/api/weather/look", chosen));
      setFile(chosen);
    } catch (problem) {
      failed(problem as ProblemError);
    }
    if (input.current) input.current.value = "";
  };
  const bring = async (overlap?: "FILE" | "RECORD") => {
    if (!file) return;
    try {
      const query = overlap ? `?overlap=${overlap}` : "";
      const brought = await sendFile<Brought>(`/api/weather/file${query}`, file);
      done(brought.sentence, brought.actId);
      setSeen(undefined);
    } catch (problem) {
      failed(problem as ProblemError);
    }
  };
  return (
    <section data-does="POST /api/weather/file">
      <PartHeading>From a file</PartHeading>
      <p className="mb-2 text-[15px]">
        CSV or JSON with the day, its lowest and highest temperature and, if measured, humidity, wind and
        rain, under any usual headings, in °C or °F, m/s, km/h, mph or knots, mm or inches. What is taken for
        granted is told before anything is written. Days ahead of today count as a forecast.
      </p>
      <input
        ref={input}
        type="file"
        aria-label="File of weather"
        accept=".csv,.json,.txt"
        className="block w-full text-[14.5px] file:mr-3 file:min-h-9 file:rounded file:border file:border-sea file:bg-transparent file:px-3 file:font-semibold file:text-sea"
        onChange={(e) => look(e.target.files?.[0])}
      />
      {seen && (
        <div className="mt-2 text-[15px]" aria-live="polite">
          <p>{seen.sentence}</p>
          <ul className="mt-1 max-h-40 overflow-auto text-[14.5px]">
            {seen.refused.slice(0, 200).map((r) => (
              <li key={r.row} className="border-line border-t py-0.5">
                Row {r.row}: {r.sentence}
              </li>
            ))}
          </ul>
          <div className="mt-2 flex flex-wrap gap-2">
            {seen.overlapping > 0 ? (
              <>
                <Button strong onClick={() => bring("FILE")}>
                  Take it, the file wins
                </Button>
                <Button onClick={() => bring("RECORD")}>Take it, the record wins</Button>
              </>
            ) : (
              <Button strong disabled={seen.days === 0} onClick={() => bring()}>
                Take these days
              </Button>
            )}
            <Button onClick={() => setSeen(undefined)}>Leave it</Button>
          </div>
        </div>
      )}
    </section>
  );
}
