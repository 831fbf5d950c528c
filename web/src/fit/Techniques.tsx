import { useState } from "react";
import type { Schemas } from "../api/client";
import api, { told } from "../api/client";
import { PeopleOptions } from "../place/PeopleOptions";
import { Field, Select } from "../ui/fields";
import { PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import type { FitDraft } from "./draft";
import { useHands } from "./fitApi";

type On = FitDraft["on"];

/** What bears on the choice: bark, stock, wood, top, and whose hand cuts. */
export function Conditions({ on, onChange }: { on: On; onChange: (change: Partial<On>) => void }) {
  const hands = useHands();
  const { send } = useSend();
  const skill = hands.data?.find((h) => h.personId === on.makerId)?.skill ?? 2;
  const setSkill = (next: number) =>
    send(async () => {
      if (on.makerId === undefined) return;
      await told(
        api.PUT("/api/fit/hands/{personId}", {
          params: { path: { personId: on.makerId } },
          body: { skill: next },
        }),
      );
    });
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2">
      <Field label="Bark slips">
        <Select value={on.slips} onChange={(e) => onChange({ slips: e.target.value as On["slips"] })}>
          <option value="UNKNOWN">not tried yet</option>
          <option value="YES">it lifts clean</option>
          <option value="NO">it does not</option>
        </Select>
      </Field>
      <Field label="The stock">
        <Select value={on.growth} onChange={(e) => onChange({ growth: e.target.value as On["growth"] })}>
          <option value="ACTIVE">is growing</option>
          <option value="RESTING">is resting</option>
          <option value="UNKNOWN">cannot tell</option>
        </Select>
      </Field>
      <Field label="Wood at hand">
        <Select value={on.wood} onChange={(e) => onChange({ wood: e.target.value as On["wood"] })}>
          <option value="STICK">a stick</option>
          <option value="BUD">single buds</option>
          <option value="ROOTED">a rooted plant</option>
        </Select>
      </Field>
      <Field label="The stock’s top">
        <Select
          value={on.keepTop ? "keep" : "free"}
          onChange={(e) => onChange({ keepTop: e.target.value === "keep" })}
        >
          <option value="free">may come off</option>
          <option value="keep">must stay</option>
        </Select>
      </Field>
      <Field label="Cut by">
        <Select
          value={on.makerId ?? ""}
          onChange={(e) => onChange({ makerId: e.target.value ? Number(e.target.value) : undefined })}
        >
          <option value="">anyone</option>
          <PeopleOptions />
        </Select>
      </Field>
      <div data-does="PUT /api/fit/hands/{personId}">
        <Field label="whose hand is">
          <Select
            value={skill}
            disabled={on.makerId === undefined}
            onChange={(e) => setSkill(Number(e.target.value))}
          >
            <option value={1}>a beginner’s</option>
            <option value={2}>practised</option>
            <option value={3}>steady</option>
          </Select>
        </Field>
      </div>
    </div>
  );
}

interface Props {
  weighed?: Schemas["fit.Weighed"];
  problem: unknown;
  chosen: string;
  onChoose: (technique: string) => void;
}

/** The first three techniques with what they give, the rest on asking, and why the others do not do. */
export function Techniques({ weighed, problem, chosen, onChoose }: Props) {
  const [open, setOpen] = useState<string>();
  const [all, setAll] = useState(false);
  if (problem) return <Trouble problem={problem} />;
  if (!weighed) return null;
  const shown = all ? weighed.choices : weighed.choices.slice(0, 3);
  const most = Math.max(...weighed.choices.map((c) => c.score), 0.01);
  return (
    <section aria-label="Technique for this pair" className="print:hidden">
      <PartHeading>Technique for this pair</PartHeading>
      <ol>
        {shown.map((c) => (
          <li key={c.techniqueKey} className="mb-1.5">
            <div className="flex items-baseline gap-2">
              <button
                type="button"
                aria-pressed={c.techniqueKey === chosen}
                onClick={() => onChoose(c.techniqueKey)}
                className="min-h-6 text-left text-[15px] hover:underline aria-pressed:font-semibold max-sm:min-h-11"
              >
                {sentence(c.name)}
              </button>
              <button
                type="button"
                aria-expanded={open === c.techniqueKey}
                className="ml-auto min-h-6 text-right text-[13.5px] text-soft underline decoration-dotted max-sm:min-h-11"
                onClick={() => setOpen(open === c.techniqueKey ? undefined : c.techniqueKey)}
              >
                <span className="sr-only">Why {c.name}: </span>
                {c.reasons.slice(0, 2).join(", ")}
              </button>
            </div>
            <div className="mt-0.5 h-[5px] rounded-sm bg-line">
              <div className="h-full rounded-sm bg-sea" style={{ width: `${(c.score / most) * 100}%` }} />
            </div>
            {open === c.techniqueKey && (
              <table className="mt-1 w-full text-[13.5px] text-soft">
                <tbody>
                  {c.parts.map((p) => (
                    <tr key={p.key}>
                      <td>{p.words}</td>
                      <td className="text-right">
                        {Math.round(p.part * 100)} % × {Math.round(p.weight * 100)}
                      </td>
                      <td className="w-12 text-right text-ink">{Math.round(p.part * p.weight * 100)}</td>
                    </tr>
                  ))}
                  <tr className="border-line border-t text-ink">
                    <td colSpan={2}>points of about 100</td>
                    <td className="text-right">{Math.round(c.score * 100)}</td>
                  </tr>
                </tbody>
              </table>
            )}
          </li>
        ))}
      </ol>
      {weighed.choices.length === 0 && <p className="text-soft">No technique suits these two as they are.</p>}
      {weighed.choices.length > 3 && (
        <button
          type="button"
          className="text-[14px] text-sea underline max-sm:min-h-11"
          onClick={() => setAll(!all)}
        >
          {all ? "the first three only" : `${weighed.choices.length - 3} more that would do`}
        </button>
      )}
      {weighed.refusals.length > 0 && (
        <p className="mt-1 text-[13.5px] text-soft">
          Not: {weighed.refusals.map((r) => `${r.name}, ${r.why}`).join(" · ")}.
        </p>
      )}
    </section>
  );
}

const sentence = (words: string) => words.replace(/^./, (c) => c.toUpperCase());
