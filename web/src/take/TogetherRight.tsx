import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { CoverOptions } from "../bench/CoverOptions";
import { dated } from "../days";
import { PeopleOptions } from "../place/PeopleOptions";
import { TechniqueOptions } from "../rules/TechniqueOptions";
import { DayBox } from "../ui/DayBox";
import { Field, Select } from "../ui/fields";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

type Graft = Schemas["bench.Graft"];

/** How several grafts were truly made; what is not said stays as it is with each. */
export function TogetherRight({ grafts, onDone }: { grafts: Graft[]; onDone: () => void }) {
  const { send, problem, busy, errorOf } = useSend();
  const [madeOn, setMadeOn] = useState("");
  const [technique, setTechnique] = useState("");
  const [maker, setMaker] = useState("");
  const [cover, setCover] = useState("");
  const save = () =>
    send(async () => {
      const put = await told(
        api.PUT("/api/grafts/made", {
          body: {
            grafts: grafts.map(({ code, version }) => ({ code, version })),
            madeOn: madeOn || undefined,
            techniqueKey: technique || undefined,
            makerId: maker ? Number(maker) : undefined,
            cover: (cover || undefined) as Schemas["bench.Together"]["cover"],
          },
        }),
      );
      done([put.sentence, ...put.warnings].join(". "), put.actId);
      onDone();
    });
  const count = grafts.length === 1 ? "the marked graft" : `the ${grafts.length} marked grafts`;
  return (
    <form
      data-does="PUT /api/grafts/made"
      aria-label={`Put ${count} right`}
      className="mt-3 grid gap-2 border-line border-y bg-ground p-3"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <Field label="Made on" hint="left open, it stays as it is" error={errorOf("madeOn")}>
        <DayBox past value={madeOn} onChange={setMadeOn} />
      </Field>
      <Field label="Technique" error={errorOf("techniqueKey")}>
        <Select value={technique} onChange={(e) => setTechnique(e.target.value)}>
          <option value="">as it is</option>
          <TechniqueOptions />
        </Select>
      </Field>
      <Field label="Made by" error={errorOf("makerId")}>
        <Select value={maker} onChange={(e) => setMaker(e.target.value)}>
          <option value="">as it is</option>
          <PeopleOptions />
        </Select>
      </Field>
      <Field label="Cover" error={errorOf("cover")}>
        <Select value={cover} onChange={(e) => setCover(e.target.value)}>
          <option value="">as it is</option>
          <CoverOptions />
        </Select>
      </Field>
      {problem && (
        <p role="alert" className="font-semibold text-alarm">
          {dated(problem.message)}
        </p>
      )}
      <Button strong type="submit" disabled={busy || !(madeOn || technique || maker || cover)}>
        Put {count} right
      </Button>
    </form>
  );
}
