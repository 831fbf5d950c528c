import type { Schemas } from "../api/client";
import { useRules } from "../api/queries";
import { SIGNS } from "../drawings/signs";
import { Select } from "../ui/fields";
import { PartHeading } from "../ui/parts";
import type { Choices, Preview } from "./Notebook";

const ROLES: [Schemas["exchange.NotebookReportColumn"]["role"], string][] = [
  ["MADE_ON", "day it was made"],
  ["SEEN_ON", "day of the last look"],
  ["PLANT", "tree or pot"],
  ["VARIETY", "variety"],
  ["SPECIES", "species"],
  ["TECHNIQUE", "technique"],
  ["MAKER", "who made it"],
  ["SOURCE", "where the wood came from"],
  ["WOOD_CUT_ON", "day the wood was cut"],
  ["SCION_MM", "scion diameter"],
  ["STOCK_MM", "stock diameter"],
  ["RESULT", "result"],
  ["PLACE", "place"],
  ["NOTES", "notes"],
  ["IGNORED", "leave out"],
];

interface Props {
  preview: Preview;
  choices: Choices;
  onCorrect: (change: Choices) => void;
}

/** Every guess, each to be corrected in place. */
export function Guesses(props: Props) {
  return (
    <>
      <Columns {...props} />
      <div className="grid grid-cols-2 gap-x-10 max-lg:grid-cols-1">
        <div>
          <Dates {...props} />
          <Spellings {...props} />
        </div>
        <WordList {...props} />
      </div>
    </>
  );
}

function Columns({ preview, choices, onCorrect }: Props) {
  return (
    <section>
      <PartHeading>What each column holds</PartHeading>
      <div className="grid grid-cols-4 gap-x-4 gap-y-2 max-lg:grid-cols-2 max-sm:grid-cols-1">
        {preview.columns.map((column) => (
          <div key={column.number} className="block border-line border-t pt-1">
            <b className="block truncate">{column.heading}</b>
            <Select
              aria-label={column.heading}
              value={column.role}
              onChange={(e) =>
                onCorrect({
                  columns: {
                    ...choices.columns,
                    [column.number]: e.target.value as Schemas["exchange.NotebookReportColumn"]["role"],
                  },
                })
              }
            >
              {ROLES.map(([role, words]) => (
                <option key={role} value={role}>
                  {words}
                </option>
              ))}
            </Select>
            {column.ask && <span className="block text-[13.5px] text-alarm">{column.ask}</span>}
            <span className="block truncate text-[13.5px] text-soft">{column.samples.join(" · ")}</span>
          </div>
        ))}
      </div>
    </section>
  );
}

function Dates({ preview, onCorrect }: Props) {
  const delimiter: Record<string, string> = { ",": "comma", ";": "semicolon", "\t": "tab", "|": "bar" };
  return (
    <section>
      <PartHeading>How it is written</PartHeading>
      <p>
        {preview.encoding}, cells parted by {delimiter[preview.delimiter] ?? preview.delimiter}.
      </p>
      <div className="mt-1.5 flex flex-wrap items-center gap-2">
        Dates
        <Select
          aria-label="Dates"
          className="w-auto"
          value={String(preview.dayFirst)}
          onChange={(e) => onCorrect({ dayFirst: e.target.value === "true" })}
        >
          <option value="true">day first</option>
          <option value="false">month first</option>
        </Select>
        <span className="text-[14px] text-soft">{preview.dateOrderWhy}</span>
      </div>
      <div className="mt-1.5 flex flex-wrap items-center gap-2">
        Bare diameters
        <Select
          aria-label="Bare diameters"
          className="w-auto"
          value={String(preview.bareInches)}
          onChange={(e) => onCorrect({ bareInches: e.target.value === "true" })}
        >
          <option value="false">millimetres</option>
          <option value="true">inches</option>
        </Select>
      </div>
    </section>
  );
}

const WHY: Record<Schemas["exchange.Spelling"]["likeness"], string> = {
  SAME_LETTERS: "case, spaces or accents",
  NEAR_MISS: "a near miss",
  INITIAL: "only name with this initial",
};

function Spellings({ preview, choices, onCorrect }: Props) {
  if (preview.spellings.length === 0) return null;
  const toggle = (guess: Schemas["exchange.NotebookReportSpellingGuess"]) => {
    const from = guess.spelling.from;
    const merge = new Set(choices.merge);
    const keepApart = new Set(choices.keepApart);
    (guess.merged ? keepApart : merge).add(from);
    (guess.merged ? merge : keepApart).delete(from);
    onCorrect({ merge: [...merge], keepApart: [...keepApart] });
  };
  return (
    <section>
      <PartHeading>Spellings that look like one name</PartHeading>
      <ul>
        {preview.spellings.map((guess) => (
          <li key={guess.role + guess.spelling.from} className="border-line border-t">
            <label className="flex min-h-9 items-center gap-2 max-sm:min-h-11">
              <input
                type="checkbox"
                className="size-5 accent-[var(--sea)]"
                checked={guess.merged}
                onChange={() => toggle(guess)}
              />
              <span className="whitespace-pre">{guess.spelling.from}</span> is <b>{guess.spelling.to}</b>
              <span className="ml-auto text-right text-[13.5px] text-soft">
                {guess.spelling.rows} {guess.spelling.rows === 1 ? "row" : "rows"},{" "}
                {WHY[guess.spelling.likeness]}
              </span>
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}

function WordList({ preview, choices, onCorrect }: Props) {
  const rules = useRules();
  const options: Record<string, [string, string][]> = {
    results: Object.entries(SIGNS).map(([sign, look]) => [sign, look.words]),
    techniques: (rules.data?.techniques ?? []).map((t) => [t.key, t.name]),
    species: (rules.data?.species ?? []).map((s) => [s.key, s.name]),
  };
  const topics = ["results", "techniques", "species"] as const;
  return (
    <section>
      <PartHeading>What your words mean</PartHeading>
      {topics.map((topic) => (
        <table key={topic} className="mb-2 w-full text-[15px]">
          <caption className="pt-1 text-left text-[14px] text-soft">{topic}</caption>
          <tbody>
            {preview.words
              .filter((w) => w.topic === topic)
              .sort((a, b) => Number(Boolean(a.meaning)) - Number(Boolean(b.meaning)))
              .map((w) => (
                <tr key={w.word} className="border-line border-t">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    {w.word}{" "}
                    <span className="text-[13.5px] text-soft">
                      {w.rows} {w.rows === 1 ? "row" : "rows"}
                    </span>
                    {!w.meaning && w.ask && <span className="block text-[13.5px] text-alarm">{w.ask}</span>}
                  </th>
                  <td className="text-right">
                    <Select
                      aria-label={`${w.word} means`}
                      aria-invalid={!w.meaning}
                      value={w.meaning ?? ""}
                      onChange={(e) =>
                        onCorrect({ [topic]: { ...choices[topic], [w.word]: e.target.value } })
                      }
                    >
                      <option value="">not understood</option>
                      {options[topic].map(([key, words]) => (
                        <option key={key} value={key}>
                          {words}
                        </option>
                      ))}
                    </Select>
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
      ))}
    </section>
  );
}
