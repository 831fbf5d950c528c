import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { MONTHS } from "../days";
import { useIsOpen } from "../share/bounds";
import { Button, PartHeading } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { Wide } from "../ui/Wide";
import { done } from "../undo";
import { type Choices, type Kind, readMeasure, readNumber, shown, unitOf, useChoices } from "../units";

type Month = Schemas["season.MonthRow"];
type Column = Exclude<keyof Month, "monthNo">;

const COLUMNS: [Column, string, Kind | undefined][] = [
  ["minC", "lowest", "warmth"],
  ["maxC", "highest", "warmth"],
  ["humidityPct", "humidity", undefined],
  ["windMs", "wind", "wind"],
  ["rainMm", "rain", "rain"],
  ["spreadC", "spread", "apart"],
];

const KEEP = "PUT /api/weather/climate";

// A place more than usual, so that what is read and saved again stays what it was.
const textOf = (months: Month[], choices: Choices) =>
  months.map((m) =>
    COLUMNS.map(([key, , kind]) => (kind ? shown(kind, m[key], choices, 1) : String(m[key]))),
  );

const number = (text: string, kind: Kind | undefined, choices: Choices) =>
  (kind ? readMeasure(kind, text, choices) : readNumber(text)) ?? Number.NaN;

/** Twelve months of normals: a starting climate, the grower's own figures, or a fit from the record. */
export function Normals({ view }: { view: Schemas["season.WeatherView"] }) {
  const choices = useChoices();
  const isOwn = useIsOpen()(KEEP);
  const [cells, setCells] = useState(() => textOf(view.climate, choices));
  const { send, problem, busy } = useSend();
  // A cell nobody touched keeps its figure to the last place.
  const untouched = textOf(view.climate, choices);
  const asRead = (i: number, at: number, read: number) =>
    cells[i][at] === untouched[i]?.[at] ? view.climate[i][COLUMNS[at][0]] : read;
  const months: Month[] = cells.map((row, i) => ({
    monthNo: i + 1,
    ...(Object.fromEntries(
      COLUMNS.map(([key, , kind], at) => [key, asRead(i, at, number(row[at], kind, choices))]),
    ) as Record<Column, number>),
  }));
  const whole = months.every((m) => COLUMNS.every(([key]) => !Number.isNaN(m[key])));
  const save = async () => {
    if (await send(() => told(api.PUT("/api/weather/climate", { body: { months } }))))
      done("The normals are saved");
  };
  const fit = async () => {
    const fitted = await send(() => told(api.GET("/api/weather/fitted")));
    if (fitted) setCells(textOf(fitted, choices));
  };
  return (
    <section>
      <PartHeading>Normals of the site</PartHeading>
      <p className="text-[15px]">
        {view.ownClimate ? "These are your own figures." : "These are a starting climate for your latitude."}{" "}
        {!view.ownClimate && (
          <span data-does={KEEP}>Enter your own, or fit them once a year or more is on record. </span>
        )}
        They fill missing days and carry every forecast beyond the next week.
      </p>
      <div className="my-2 flex flex-wrap gap-2">
        {view.starts.map((start) => (
          <Button data-does={KEEP} key={start.kind} onClick={() => setCells(textOf(start.months, choices))}>
            {start.words}
          </Button>
        ))}
        <Button data-does={KEEP} onClick={fit} disabled={busy}>
          Fit from the record
        </Button>
      </div>
      <Wide name="Normals by month">
        <table className="text-[15px]">
          <thead className="text-soft">
            <tr>
              <th scope="col" className="sr-only">
                month
              </th>
              {COLUMNS.map(([key, name, kind]) => (
                <th key={key} scope="col" className="px-1 text-right font-normal">
                  {name} {kind ? unitOf(kind, choices) : "%"}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {cells.map((row, i) => (
              <tr key={MONTHS[i]}>
                <th scope="row" className="pr-3 text-left font-normal">
                  {MONTHS[i]}
                </th>
                {row.map((text, at) => (
                  <td key={COLUMNS[at][0]} className="px-1 py-0.5">
                    <input
                      aria-label={`${MONTHS[i]}, ${COLUMNS[at][1]}`}
                      inputMode="decimal"
                      aria-invalid={Number.isNaN(number(text, COLUMNS[at][2], choices))}
                      readOnly={!isOwn}
                      className="w-20 rounded border border-edge bg-surface px-2 py-1 text-right read-only:border-transparent read-only:bg-transparent aria-[invalid=true]:border-alarm"
                      value={text}
                      onChange={(e) =>
                        setCells(
                          cells.map((r, ri) =>
                            ri === i ? r.map((c, ci) => (ci === at ? e.target.value : c)) : r,
                          ),
                        )
                      }
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      {problem && (
        <p role="alert" className="mt-2 font-semibold text-alarm">
          {problem.fields[0]?.sentence ?? problem.message}
        </p>
      )}
      <Button data-does={KEEP} strong className="mt-3" disabled={busy || !whole} onClick={save}>
        Save the normals
      </Button>
    </section>
  );
}
