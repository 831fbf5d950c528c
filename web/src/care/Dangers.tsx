import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { awayWords, dayWords } from "../days";

type Danger = Schemas["care.Danger"];

const MOST_NAMED = 6;

const named = (codes: string[], all: number) =>
  all > MOST_NAMED
    ? `${codes.slice(0, MOST_NAMED).join(", ")} and ${all - MOST_NAMED} more`
    : codes.join(", ");

/** What the weather of the days ahead asks for, first of all: which grafts, by when, with how many covers. */
export function Dangers({ dangers, today }: { dangers: Danger[]; today: string }) {
  return (
    <section aria-label="Before the weather" className="mb-4 border-alarm border-l-4 bg-surface px-4 py-3">
      {dangers.map((danger) => (
        <div key={danger.kind + danger.evening} className="py-1">
          <h2 className="font-semibold text-[19px] leading-snug">
            {danger.needs ? `${capital(danger.why)}: ` : ""}
            {capital(danger.ask)}, {danger.evening < today ? "now" : dayWords(danger.evening)}
            <span className="font-normal text-[15px] text-soft">
              {" "}
              {danger.evening > today ? awayWords(danger.evening, today) : ""}
            </span>
          </h2>
          <p className="text-[15.5px]">
            {danger.grafts === 1 ? "One graft" : `${danger.grafts} grafts`}
            {danger.needs && (
              <>
                , so <b>{danger.grafts}</b> {danger.needs}
              </>
            )}
            . <span className="text-soft">{capital(danger.risk)}.</span>
          </p>
          <ul className="mt-0.5 text-[15px]">
            {danger.places.map((place) => (
              <li key={place.spotId}>
                <Link className="text-sea underline" to={`/rounds?spot=${place.spotId}`}>
                  {place.spotName}
                </Link>
                , {place.grafts}: <span className="code text-[14px]">{named(place.codes, place.grafts)}</span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
