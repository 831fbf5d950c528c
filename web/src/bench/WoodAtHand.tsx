import type { ReactNode } from "react";
import { Link } from "react-router";
import { GradeMark } from "../drawings/GradeMark";
import { KeepingBar } from "../drawings/KeepingBar";
import { DayBox } from "../ui/DayBox";
import { Field, Input } from "../ui/fields";
import { typedLength } from "../ui/keptLengths";
import { PartHeading } from "../ui/parts";
import { lengthUnit, useChoices } from "../units";
import type { Lot } from "../wood/woodApi";
import { sticksWords } from "../wood/words";
import { badLength, type Draft } from "./draft";
import { Rods } from "./Rods";
import { rodsOf } from "./rods";

interface Props {
  draft: Draft;
  lot?: Lot;
  /** Sticks of this lot used up in this sitting. */
  used: (number | undefined)[];
  sources: string[];
  errorOf: (field: string) => string | undefined;
  onChange: (change: Partial<Draft>) => void;
  /** What stands below the sizes. */
  children: ReactNode;
}

/** The wood in hand: the lot's sticks to take one up; else what is known of where it came from. */
export function WoodAtHand({ draft, lot, used, sources, errorOf, onChange, children }: Props) {
  const { length } = useChoices();
  const { rods, more } = rodsOf(lot?.diametersMm ?? [], lot?.sticksLeft ?? 0, used);
  const chosen = rods.findIndex((rod) => !rod.used && typedLength(rod.mm, length) === draft.scion);
  const bad = badLength(draft.scion);
  return (
    <section aria-label="The wood" className="w-[268px] shrink-0 max-lg:w-full">
      <PartHeading>The wood</PartHeading>
      {lot ? (
        <>
          <p className="flex items-center gap-2 text-[14.5px]">
            <GradeMark grade={lot.grade} />
            <span className="min-w-0">
              {sticksWords(lot.sticksLeft)}, {lot.budsLeft} buds from {lot.fromName};{" "}
              <Link className="text-sea underline" to={`/wood/lot/${lot.code}`}>
                its sheet
              </Link>
            </span>
          </p>
          <KeepingBar lot={lot} className="mt-1 mb-1" />
          {lot.warnings[0] && <p className="text-[14px] text-soft">{lot.warnings[0]}</p>}
          <Rods
            rods={rods}
            more={more}
            buds={lot.budsPerStick}
            chosen={chosen}
            onChoose={(rod) => onChange({ scion: typedLength(rods[rod].mm, length) })}
          />
        </>
      ) : (
        <div className="grid grid-cols-2 gap-2">
          <Field label="Wood from" error={errorOf("woodSource")}>
            <Input
              list="sources"
              maxLength={200}
              placeholder="own tree, post"
              value={draft.woodSource}
              onChange={(e) => onChange({ woodSource: e.target.value })}
            />
          </Field>
          <datalist id="sources">
            {sources.map((source) => (
              <option key={source} value={source} />
            ))}
          </datalist>
          <Field label="Wood cut on" error={errorOf("woodCutOn")}>
            <DayBox past value={draft.woodCutOn} onChange={(woodCutOn) => onChange({ woodCutOn })} />
          </Field>
        </div>
      )}
      <div className="mt-2 grid grid-cols-2 gap-2">
        {(["scion", "stock"] as const).map((part) => (
          <Field
            key={part}
            label={`${part === "scion" ? "Stick in hand" : "Next stock"}, ${lengthUnit(length)}`}
            error={badLength(draft[part]) ?? errorOf(part === "scion" ? "scionMm" : "stockMm")}
          >
            <Input
              inputMode="decimal"
              placeholder={part === "stock" ? "as measured" : "not measured"}
              aria-invalid={(part === "scion" ? bad : badLength(draft.stock)) !== undefined}
              value={draft[part]}
              onChange={(e) => onChange({ [part]: e.target.value })}
            />
          </Field>
        ))}
      </div>
      {children}
    </section>
  );
}
