import { type ReactNode, useRef } from "react";
import type { Schemas } from "../api/client";
import { useRules } from "../api/queries";
import { daysOn, dayWords } from "../days";
import { PeopleOptions } from "../place/PeopleOptions";
import { VarietyOptions } from "../place/VarietyOptions";
import { useCommands } from "../ui/commands";
import { Select } from "../ui/fields";
import type { Lot } from "../wood/woodApi";
import { leftWords, sticksWords } from "../wood/words";
import { CoverOptions } from "./CoverOptions";
import type { Draft } from "./draft";

interface Props {
  draft: Draft;
  today: string;
  varieties: Schemas["place.Variety"][];
  lots: Lot[];
  wrong: (field: string) => boolean;
  onChange: (change: Partial<Draft>) => void;
  onVariety: (varietyId: string) => void;
}

/** Days that stand in the list of days; another one is typed. */
const DAYS_BACK = 6;

/** What will be logged as one sentence; its words are the choices, each with a key. */
export function Sentence({ draft, today, varieties, lots, wrong, onChange, onVariety }: Props) {
  const rules = useRules();
  const text = useRef<HTMLParagraphElement>(null);
  const open = (label: string) => () => {
    const word = text.current?.querySelector<HTMLElement>(
      `button[aria-label="${label}"], input[aria-label="${label}"]`,
    );
    word?.focus();
    word?.click();
  };
  useCommands([
    { key: "m", words: "made by whom", run: open("Made by") },
    { key: "v", words: "which variety", run: open("Variety") },
    { key: "w", words: "of which wood", run: open("Wood") },
    { key: "t", words: "by which technique", run: open("Technique") },
    { key: "c", words: "under which cover", run: open("Cover") },
    { key: "d", words: "made on which day", run: open("Made on") },
  ]);
  const variety = varieties.find((v) => String(v.id) === draft.varietyId);
  const refusals = rules.data?.species.find((s) => s.key === variety?.speciesKey)?.refusedTechniques;
  const word = (label: string, field: string, key: keyof Draft, children: ReactNode) => (
    <Select
      data-word
      aria-label={label}
      aria-invalid={wrong(field)}
      value={String(draft[key])}
      onChange={(e) => onChange({ [key]: e.target.value })}
    >
      {children}
    </Select>
  );
  const days = Array.from({ length: DAYS_BACK + 1 }, (_, back) => daysOn(today, -back));
  return (
    <p ref={text} className="max-w-[820px] text-[23px] leading-[1.65] max-sm:text-[19px]">
      {word(
        "Made by",
        "makerId",
        "makerId",
        <>
          <option value="" data-short="Somebody">
            not said
          </option>
          <PeopleOptions />
        </>,
      )}{" "}
      grafts{" "}
      <Select
        data-word
        aria-label="Variety"
        aria-invalid={wrong("varietyId")}
        value={draft.varietyId}
        onChange={(e) => onVariety(e.target.value)}
      >
        <option value="">choose a variety</option>
        {[...new Set(varieties.map((v) => v.speciesKey))].map((species) => (
          <optgroup key={species} label={species}>
            <VarietyOptions species={species} />
          </optgroup>
        ))}
      </Select>{" "}
      from{" "}
      {word(
        "Wood",
        "lotId",
        "lotId",
        <>
          <option value="" data-short="wood of no lot">
            no lot of the shelf
          </option>
          {lots.map((lot) => (
            <option key={lot.id} value={lot.id} data-short={lot.code} disabled={lot.refusal !== undefined}>
              {lot.code}, {sticksWords(lot.sticksLeft)}, {lot.refusal ? heldWords(lot) : leftWords(lot)}
            </option>
          ))}
        </>,
      )}{" "}
      by{" "}
      {word(
        "Technique",
        "techniqueKey",
        "techniqueKey",
        <>
          <option value="">choose how</option>
          {(rules.data?.techniques ?? []).map((t) => (
            <option key={t.key} value={t.key} data-short={t.name} disabled={refusals?.[t.key] !== undefined}>
              {refusals?.[t.key] ? `${t.name}: not here, ${refusals[t.key]}` : t.name}
            </option>
          ))}
        </>,
      )}
      , {word("Cover", "cover", "cover", <CoverOptions />)},{" "}
      {word(
        "Made on",
        "madeOn",
        "madeOn",
        <>
          {(days.includes(draft.madeOn) || !draft.madeOn ? days : [...days, draft.madeOn]).map(
            (day, back) => (
              <option
                key={day}
                value={day}
                data-short={back === 0 ? "today" : back === 1 ? "yesterday" : undefined}
              >
                {back === 0 ? "today, " : back === 1 ? "yesterday, " : ""}
                {dayWords(day)}
              </option>
            ),
          )}
          <option value="" data-short="on another day">
            another day, typed
          </option>
        </>,
      )}
      .
    </p>
  );
}

// "held: it descends from GQ-M1 …", without its code said twice.
const heldWords = (lot: Lot) => lot.refusal?.replace(`${lot.code} is `, "") ?? "";
