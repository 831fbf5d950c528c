import { useQuery } from "@tanstack/react-query";
import { format, parseISO } from "date-fns";
import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { useFarm } from "../api/queries";
import { PeopleOptions } from "../place/PeopleOptions";
import { Field, Input, Select } from "../ui/fields";
import { Button, Coming, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { measureWords, readMeasure, readNumber, shown, unitOf, useChoices } from "../units";
import { useCleaning } from "./woodApi";

type Mix = Schemas["wood.MixEntry"];

const AGENTS: Record<Mix["agent"], { name: string; pct: string }> = {
  BLEACH: { name: "bleach", pct: "5" },
  ALCOHOL: { name: "alcohol", pct: "96" },
};

const OCCASIONS: [Schemas["wood.CleaningEntry"]["occasion"], string][] = [
  ["START", "start of the day"],
  ["NEW_TREE", "new tree"],
  ["NEW_LOT", "new lot or variety"],
  ["SUSPECT", "after something suspect"],
];

const moment = (iso: string) => format(parseISO(iso), "EEE d MMM, HH:mm");

/** What cleans blades, how to mix it, and each cleaning: a recall stops where a blade was cleaned. */
export function Cleaning() {
  const cleaning = useCleaning();
  if (!cleaning.data) return <Coming what="the blades" />;
  return (
    <div className="mt-3 grid max-w-4xl grid-cols-2 gap-x-8 max-md:grid-cols-1">
      <div>
        <WriteCleaning mixes={cleaning.data.mixes} />
        <PartHeading>Last cleanings</PartHeading>
        <ul className="text-[15px]">
          {cleaning.data.cleanings.slice(0, 12).map((c) => (
            <li key={c.id} className="grid grid-cols-[140px_1fr] border-line border-t py-1">
              <span className="text-soft">{moment(c.cleanedAt)}</span>
              <span>
                {c.personName}, {OCCASIONS.find(([key]) => key === c.occasion)?.[1]}
                {c.agent ? `, ${AGENTS[c.agent].name}` : ""}
              </span>
            </li>
          ))}
        </ul>
      </div>
      <MixIt />
    </div>
  );
}

function WriteCleaning({ mixes }: { mixes: Schemas["wood.MixView"][] }) {
  const farm = useFarm();
  const { personId } = useChoices();
  const { send, problem, busy } = useSend();
  const [who, setWho] = useState(personId ? String(personId) : "");
  // What was mixed last is what is at hand, until another is chosen.
  const [chosenMix, setMixId] = useState<string>();
  const mixId = chosenMix ?? String(mixes.find((m) => m.good)?.id ?? "");
  const [warning, setWarning] = useState<string>();
  // Whose blade it was is believed by recalls: it is presumed only where there is one person.
  const people = farm.data?.people ?? [];
  const person = who || (people.length === 1 ? String(people[0].id) : "");
  const clean = (occasion: Schemas["wood.CleaningEntry"]["occasion"]) =>
    send(async () => {
      const body = { personId: Number(person), mixId: mixId ? Number(mixId) : undefined, occasion };
      const cleaned = await told(api.POST("/api/cleaning", { body }));
      setWarning(cleaned.warning);
      if (!cleaned.warning) done(cleaned.sentence, cleaned.actId);
    });
  const chosen = mixes.find((m) => String(m.id) === mixId);
  return (
    <>
      <PartHeading>Write down a cleaning</PartHeading>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Whose blade">
          <Select value={person} onChange={(e) => setWho(e.target.value)}>
            <option value="">choose</option>
            <PeopleOptions />
          </Select>
        </Field>
        <Field label="With">
          <Select value={mixId} onChange={(e) => setMixId(e.target.value)}>
            <option value="">not said</option>
            {mixes.map((m) => (
              <option key={m.id} value={m.id}>
                {AGENTS[m.agent].name} of {moment(m.mixedAt)}
                {m.good ? "" : ", past its time"}
              </option>
            ))}
          </Select>
        </Field>
      </div>
      {chosen && (
        <p className={`mt-1 text-[14.5px] ${chosen.good ? "text-soft" : "font-semibold text-alarm"}`}>
          {chosen.good ? "Good until " : "It lost its strength "}
          {moment(chosen.goodUntil)}
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {OCCASIONS.map(([key, words]) => (
          <Button
            data-does="POST /api/cleaning"
            key={key}
            disabled={busy || !person}
            onClick={() => clean(key)}
          >
            {words}
          </Button>
        ))}
      </div>
      {warning && (
        <p role="alert" className="mt-2 border-alarm border-l-4 pl-3 font-semibold text-alarm">
          {warning}
        </p>
      )}
      <Trouble problem={problem} />
    </>
  );
}

function MixIt() {
  const { send, problem, busy, errorOf } = useSend();
  const [agent, setAgent] = useState<Mix["agent"]>("BLEACH");
  const [pct, setPct] = useState(AGENTS.BLEACH.pct);
  const choices = useChoices();
  const [volume, setVolume] = useState(() => shown("volume", 500, choices));
  const entry: Mix = {
    agent,
    productPct: readNumber(pct),
    volumeMl: readMeasure("volume", volume, choices) ?? Number.NaN,
    personId: choices.personId,
  };
  const plan = useQuery({
    queryKey: ["mix", entry],
    retry: false,
    enabled: Number.isFinite(entry.productPct) && Number.isFinite(entry.volumeMl),
    queryFn: () => told(api.POST("/api/cleaning/plan", { body: entry })),
  });
  const mixed = () =>
    send(async () => {
      const made = await told(api.POST("/api/cleaning/mixes", { body: entry }));
      done(made.sentence, made.actId);
    });
  return (
    <div>
      <PartHeading>Mix it</PartHeading>
      <div className="grid grid-cols-3 gap-3">
        <Field label="What">
          <Select
            value={agent}
            onChange={(e) => {
              const next = e.target.value as Mix["agent"];
              setAgent(next);
              setPct(AGENTS[next].pct);
            }}
          >
            <option value="BLEACH">bleach</option>
            <option value="ALCOHOL">alcohol</option>
          </Select>
        </Field>
        <Field label="Its strength, %" error={errorOf("productPct")}>
          <Input inputMode="decimal" value={pct} onChange={(e) => setPct(e.target.value)} />
        </Field>
        <Field label={`Wanted, ${unitOf("volume", choices)}`} error={errorOf("volumeMl")}>
          <Input inputMode="decimal" value={volume} onChange={(e) => setVolume(e.target.value)} />
        </Field>
      </div>
      {plan.data && (
        <>
          <p className="big mt-3 text-[20px]">
            {measureWords("volume", plan.data.dilution.productMl, choices)} of it and{" "}
            {measureWords("volume", plan.data.dilution.waterMl, choices)} of water
          </p>
          <p className="text-[15px]">
            1 part in {plan.data.dilution.parts.toFixed(1).replace(/\.0$/, "")}, {plan.data.wantedPct} %; good
            for {plan.data.hours >= 48 ? `${plan.data.hours / 24} days` : `${plan.data.hours} hours`}.{" "}
            {plan.data.contact}
          </p>
          <p className="mt-2 border-soft border-l-4 pl-3 text-[15px]">{plan.data.caution}</p>
        </>
      )}
      <Trouble problem={plan.error ?? problem} />
      <Button
        data-does="POST /api/cleaning/mixes"
        strong
        className="mt-3"
        disabled={busy || !plan.data}
        onClick={mixed}
      >
        Mixed now
      </Button>
    </div>
  );
}
