import type { Schemas } from "../api/client";
import { Field, Input } from "../ui/fields";
import { typedLength } from "../ui/keptLengths";
import { lengthUnit, lengthWords, readLength, useChoices } from "../units";
import type { FitView } from "./fitApi";
import { metWords, stepWords } from "./words";

/** What to cut, in the order it is cut, with the caution at the blade. */
export function CutList({ view, onWish }: { view: FitView; onWish: (wish: Schemas["fit.Wish"]) => void }) {
  const { length } = useChoices();
  const m = view.measured;
  const tilted = m.tilted.met - m.contact.met;
  const words = (c: typeof m.contact) => metWords(c.met, c.unit, length);
  return (
    <section aria-label="Cut list">
      <h2 className="mb-1 font-semibold text-[14px] text-soft">Cut here</h2>
      <dl>
        {view.cuts.map((cut) => (
          <div key={cut.key} className="flex justify-between gap-3 border-line border-t py-[5px] text-[15px]">
            <dt>{cut.name}</dt>
            <dd className="code shrink-0">{stepWords(cut, length)}</dd>
          </div>
        ))}
      </dl>
      <p className="border-line border-t pt-1.5 text-[13.5px] text-soft">
        Blade away from you, never toward the holding hand; rock, don’t push. Glove on the hand that holds.
        Keep first aid near and follow local rules.
      </p>
      {view.ways.length > 1 && (
        <div className="mt-3 flex flex-wrap gap-1.5 print:hidden">
          {view.ways.map((w) => (
            <button
              key={w.way}
              type="button"
              title={w.words}
              aria-pressed={w.way === view.placing.way}
              onClick={() => onWish({ way: w.way, depthMm: undefined })}
              className="min-h-9 rounded border border-line px-2 text-[14px] hover:border-sea aria-pressed:border-sea aria-pressed:font-semibold max-sm:min-h-11"
            >
              {WAYS[w.way]} <span className="code text-[13px]">{words(w.best)}</span>
            </button>
          ))}
        </div>
      )}
      <Depths view={view} onWish={onWish} />
      <ul className="mt-2.5 text-[14px] text-soft print:hidden">
        {view.tilts && tilted >= 0.5 && (
          <li>
            {view.placing.tiltDeg === 0 ? "A slight tilt" : "Without the tilt it"} would{" "}
            {view.placing.tiltDeg === 0 ? "give" : "be"} <b className="text-ink">{words(m.tilted)}</b>.
          </li>
        )}
        {m.barkErrorMm >= 0.1 && (
          <li>
            Barks flush is not cambium flush: {lengthWords(m.barkErrorMm, length)} apart,{" "}
            <b className="text-ink">{words(m.barkFlush)}</b> would meet.
          </li>
        )}
        {view.mind.map((f) => (
          <li key={f.rule} className="text-ink">
            <b>Mind: </b>
            {f.message}.
          </li>
        ))}
      </ul>
    </section>
  );
}

/** How deep it is cut and how far off the pith it is split, where the technique leaves a choice. */
function Depths({ view, onWish }: { view: FitView; onWish: (wish: Schemas["fit.Wish"]) => void }) {
  const { length } = useChoices();
  const unit = lengthUnit(length);
  const { technique, way, depthMm, splitMm } = { technique: view.techniqueKey, ...view.placing };
  const one = (label: string, mm: number, part: "depthMm" | "splitMm") => (
    <Field label={`${label}, ${unit}`}>
      <Input
        key={`${technique} ${way} ${mm}`}
        inputMode="decimal"
        defaultValue={typedLength(Math.round(mm * 10) / 10, length)}
        onBlur={(e) => {
          const read = readLength(e.target.value, length);
          if (read !== undefined && Math.abs(read - mm) > 0.05) onWish({ [part]: read });
        }}
        onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
      />
    </Field>
  );
  return (
    <div className="mt-3 grid grid-cols-2 items-end gap-x-3 print:hidden">
      {view.depthName && way !== "PLAIN" && one(view.depthName, depthMm, "depthMm")}
      {view.splits && one("Split off the pith", splitMm, "splitMm")}
    </div>
  );
}

const WAYS: Record<FitView["placing"]["way"], string> = {
  USUAL: "as usual",
  SHOULDERED: "shouldered",
  PLAIN: "plain wedge",
  TWO: "two sticks",
  THIN: "bark only",
  THICK: "with wood",
};
