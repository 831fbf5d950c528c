import { useState } from "react";
import { useNavigate } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { useFarm, useRules } from "../api/queries";
import { Choice } from "../ui/Choice";
import { DayBox } from "../ui/DayBox";
import { Field, Input } from "../ui/fields";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

type Outcome = Schemas["lineage.TestEntry"]["outcome"];

const OUTCOMES: [Outcome, string][] = [
  ["CLEAR", "clear"],
  ["SUSPECT", "suspect"],
  ["POSITIVE", "positive"],
];

/** A test of a plant or source. A clear one is kept at once; any other first shows what must be held. */
export function TestForm({ member, onDone }: { member: Schemas["lineage.Member"]; onDone: () => void }) {
  const farm = useFarm();
  const navigate = useNavigate();
  const { send, problem, busy, errorOf } = useSend();
  const [day, setDay] = useState(farm.data?.today ?? "");
  const [subject, setSubject] = useState("graft-borne disease");
  const [outcome, setOutcome] = useState<Outcome>();
  const rules = useRules();
  const usual = rules.data?.wood.figures.testValid.value;
  const [valid, setValid] = useState("");
  const [lab, setLab] = useState("");
  const go = () => {
    if (!outcome) return;
    if (outcome !== "CLEAR") {
      const query = new URLSearchParams({ of: member.key, code: member.code, day, subject, outcome, lab });
      navigate(`/lineage/recall?${query}`);
      return;
    }
    send(async () => {
      const body = {
        key: member.key,
        day,
        subject,
        outcome,
        validDays: valid ? Number(valid) : undefined,
        lab: lab || undefined,
      };
      const kept = await told(api.POST("/api/tests", { body }));
      done(kept.sentence, kept.actId);
      onDone();
    });
  };
  return (
    <form
      className="mt-2 grid gap-2.5"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <Choice label="Result" options={OUTCOMES} chosen={outcome} onChoose={setOutcome} />
      <Field label="Looked for" error={errorOf("subject")}>
        <Input value={subject} onChange={(e) => setSubject(e.target.value)} />
      </Field>
      <div className="grid grid-cols-2 gap-2.5">
        <Field label="On" error={errorOf("day")}>
          <DayBox past value={day} onChange={setDay} />
        </Field>
        {outcome === "CLEAR" && (
          <Field label="Holds, days" error={errorOf("validDays")}>
            <Input
              inputMode="numeric"
              placeholder={usual ? `${usual}` : ""}
              value={valid}
              onChange={(e) => setValid(e.target.value)}
            />
          </Field>
        )}
      </div>
      <Field label="Laboratory">
        <Input value={lab} onChange={(e) => setLab(e.target.value)} />
      </Field>
      <Trouble problem={problem} />
      <div className="flex gap-2">
        <Button strong type="submit" disabled={busy || !day || !subject || !outcome}>
          {outcome === "CLEAR" || !outcome ? "Keep the test" : "See what must be held"}
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </form>
  );
}
