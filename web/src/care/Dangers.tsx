import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { awayWords, dayWords } from "../days";

type Danger = Schemas["care.Danger"];

const MOST_NAMED = 8;

/** What the weather of the days ahead asks for, first of all: which grafts, by when, with how many covers. */
export function Dangers({ dangers, today }: { dangers: Danger[]; today: string }) {
  return (
    <section aria-label="Before the weather" className="mb-4 border-alarm border-l-4 bg-surface px-4 py-3">
      {dangers.map((danger) => (
        <div key={danger.kind + danger.evening} className="py-1">
          <h2
            className={`leading-snug ${danger.needs ? "font-semibold text-[19px]" : "mt-1 font-semibold text-[16px]"}`}
          >
            {danger.needs ? `${capital(danger.why)}: ${danger.ask}` : capital(danger.ask)},{" "}
            {danger.evening < today ? "now" : dayWords(danger.evening)}
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
          <ul className="mt-0.5 flex flex-wrap gap-x-4 text-[15px]">
            {danger.places.map((place) => (
              <li key={place.spotId}>
                <Link className="text-sea underline" to={`/rounds?spot=${place.spotId}`}>
                  {place.spotName}
                </Link>{" "}
                {danger.grafts > MOST_NAMED ? (
                  place.grafts
                ) : (
                  <span className="code text-[14px]">{place.codes.join(", ")}</span>
                )}
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
