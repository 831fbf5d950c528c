import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { CoverOptions } from "../bench/CoverOptions";
import { PeopleOptions } from "../place/PeopleOptions";
import { TechniqueOptions } from "../rules/TechniqueOptions";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { lengthNumber, lengthUnit, readLength, useChoices } from "../units";
import { PutPartsRight } from "./PutPartsRight";

interface Props {
  sheet: Schemas["care.Sheet"];
  open: boolean;
  onClose: () => void;
}

/** How a graft in the log was truly made. */
export function PutRight({ sheet, open, onClose }: Props) {
  return (
    <Overlay
      open={open}
      onClose={onClose}
      title={`Put ${sheet.stop.graft.code} right`}
      description={hangsOnIt(sheet)}
    >
      {open && (
        <>
          <Form sheet={sheet} onClose={onClose} />
          <PutPartsRight graft={sheet.stop.graft} onDone={onClose} />
        </>
      )}
    </Overlay>
  );
}

const counted = (n: number, one: string) => `${n} ${one}${n === 1 ? "" : "s"}`;

/** What follows when it is changed, so that nobody is surprised. */
function hangsOnIt({ past, stop: { tasks } }: Schemas["care.Sheet"]) {
  const follows = ["takes are counted anew"];
  if (tasks.length > 0)
    follows.unshift(
      `${counted(tasks.length, "visit")} to come ${tasks.length === 1 ? "is" : "are"} set anew`,
    );
  const stays =
    past.length > 0 ? ` ${counted(past.length, "look")} at it ${past.length === 1 ? "stays" : "stay"}.` : "";
  return `What follows: ${follows.join(", ")}.${stays} It can be taken back.`;
}

function Form({ sheet, onClose }: Omit<Props, "open">) {
  const { graft } = sheet.stop;
  const { length } = useChoices();
  const { send, problem, busy, errorOf } = useSend();
  const text = (mm?: number) => (mm === undefined ? "" : lengthNumber(mm, length));
  const [madeOn, setMadeOn] = useState(graft.madeOn);
  const [technique, setTechnique] = useState(graft.techniqueKey ?? "");
  const [maker, setMaker] = useState(graft.makerId ? String(graft.makerId) : "");
  const [cover, setCover] = useState(graft.cover);
  const [scion, setScion] = useState(text(graft.scionMm));
  const [stock, setStock] = useState(text(graft.stockMm));
  // What was not touched goes back as it came, not as it was rounded for the box.
  const size = (typed: string, mm?: number) => (typed === text(mm) ? mm : readLength(typed, length));
  const save = () =>
    send(async () => {
      const put = await told(
        api.PUT("/api/grafts/{code}/made", {
          params: { path: { code: graft.code } },
          body: {
            madeOn,
            techniqueKey: technique,
            makerId: maker ? Number(maker) : undefined,
            cover: cover as Schemas["bench.Correction"]["cover"],
            scionMm: size(scion, graft.scionMm),
            stockMm: size(stock, graft.stockMm),
            version: graft.version,
          },
        }),
      );
      done([put.sentence, ...put.warnings].join(". "), put.actId);
      onClose();
    });
  const unit = lengthUnit(length);
  return (
    <form
      className="grid grid-cols-2 gap-x-5 gap-y-3 max-sm:grid-cols-1"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <Field label="Made on" error={errorOf("madeOn")}>
        <DayBox past value={madeOn} onChange={setMadeOn} />
      </Field>
      <Field label="Technique" error={errorOf("techniqueKey")}>
        <Select value={technique} onChange={(e) => setTechnique(e.target.value)}>
          {!graft.techniqueKey && <option value="">not written down</option>}
          <TechniqueOptions speciesKey={graft.speciesKey} />
        </Select>
      </Field>
      <Field label={`Scion, ${unit}`} error={errorOf("scionMm")}>
        <Input inputMode="decimal" value={scion} onChange={(e) => setScion(e.target.value)} />
      </Field>
      <Field label={`Stock, ${unit}`} error={errorOf("stockMm")}>
        <Input inputMode="decimal" value={stock} onChange={(e) => setStock(e.target.value)} />
      </Field>
      <Field label="Made by" error={errorOf("makerId")}>
        <Select value={maker} onChange={(e) => setMaker(e.target.value)}>
          <option value="">not said</option>
          <PeopleOptions />
        </Select>
      </Field>
      <Field label="Cover" error={errorOf("cover")}>
        <Select value={cover} onChange={(e) => setCover(e.target.value as typeof cover)}>
          <CoverOptions value={cover} />
        </Select>
      </Field>
      <div className="col-span-full mt-1 flex flex-wrap items-center gap-3">
        <Button type="submit" strong disabled={busy}>
          Put right
        </Button>
        <Button onClick={onClose}>Leave as it is</Button>
        {problem && problem.fields.length === 0 && <Trouble problem={problem} />}
      </div>
    </form>
  );
}
