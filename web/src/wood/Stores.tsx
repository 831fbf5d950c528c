import { scaleLinear } from "d3-scale";
import { useState } from "react";
import api, { ProblemError, type Schemas, told } from "../api/client";
import { useFarm } from "../api/queries";
import { sendFile } from "../api/sendFile";
import { dayWords } from "../days";
import { Field, Input, Select } from "../ui/fields";
import { Button, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { measureWords, readMeasure, shown, unitOf, useChoices } from "../units";
import { useStores } from "./woodApi";
import { BASIS_WORDS } from "./words";

type Store = Schemas["wood.StoreView"];

const METHODS: [Store["method"], string][] = [
  ["COOL_BOX", "field cool box"],
  ["FRIDGE", "fridge"],
  ["AMBIENT", "shade, not cooled"],
  ["WATER", "standing in water"],
];

/** Where wood lies and how warm it is there. */
export function Stores() {
  const stores = useStores();
  return (
    <div className="mt-3 max-w-3xl">
      <ul>
        {(stores.data ?? []).map((store) => (
          <li key={store.id} className="border-line border-b py-3">
            <StoreRow store={store} />
          </li>
        ))}
      </ul>
      <AddStore />
    </div>
  );
}

function StoreRow({ store }: { store: Store }) {
  const farm = useFarm();
  const choices = useChoices();
  const { send, problem, busy } = useSend();
  const logger = () =>
    send(() =>
      told(
        api.PUT("/api/stores/{id}/logger", {
          params: { path: { id: store.id } },
          body: { on: !store.loggerOn },
        }),
      ),
    );
  return (
    <div className="grid grid-cols-[1fr_320px] gap-4 max-sm:grid-cols-1">
      <div>
        <b className="font-semibold">{store.name}</b>
        <span className="text-soft"> · {store.methodWords}</span>
        <p className="text-[15px]">
          {measureWords("warmth", store.nowC, choices)}, {BASIS_WORDS[store.basis]}
        </p>
        {farm.data?.demo && store.method !== "AMBIENT" && store.method !== "WATER" && (
          <button
            data-does="PUT /api/stores/{id}/logger"
            type="button"
            disabled={busy}
            className="text-[14.5px] text-sea underline"
            onClick={logger}
          >
            {store.loggerOn ? "Switch the simulated logger off" : "Switch a simulated logger on"}
          </button>
        )}
        <LogFile storeId={store.id} />
        <Trouble problem={problem} />
      </div>
      {store.log.length > 0 && <LogLine log={store.log} name={store.name} />}
    </div>
  );
}

/** The warmth of a store day by day: its mean as a line, its lowest and highest as a band. */
function LogLine({ log, name }: { log: Store["log"]; name: string }) {
  const choices = useChoices();
  const lows = log.map((d) => d.lowC);
  const highs = log.map((d) => d.highC);
  const y = scaleLinear()
    .domain([Math.min(0, ...lows), Math.max(12, ...highs)])
    .range([84, 6]);
  const x = scaleLinear()
    .domain([0, Math.max(1, log.length - 1)])
    .range([26, 314]);
  const band = [
    ...log.map((d, i) => `${x(i)},${y(d.highC)}`),
    ...[...log].reverse().map((d, i) => `${x(log.length - 1 - i)},${y(d.lowC)}`),
  ].join(" ");
  return (
    <svg
      viewBox="0 0 320 100"
      role="img"
      aria-label={`Warmth of ${name}, ${log.length} days`}
      className="w-full"
    >
      {y.ticks(3).map((t) => (
        <g key={t}>
          <line x1={26} x2={314} y1={y(t)} y2={y(t)} stroke="var(--line)" />
          <text x={20} y={y(t) + 4} textAnchor="end" fontSize={11} fill="var(--soft)">
            {shown("warmth", t, choices)}
          </text>
        </g>
      ))}
      <polygon points={band} fill="var(--sea)" opacity={0.22} />
      <polyline
        points={log.map((d, i) => `${x(i)},${y(d.meanC)}`).join(" ")}
        fill="none"
        stroke="var(--sea)"
        strokeWidth={2}
      />
      <text x={26} y={98} fontSize={11} fill="var(--soft)">
        {dayWords(log[0].day).slice(4)}
      </text>
      <text x={314} y={98} textAnchor="end" fontSize={11} fill="var(--soft)">
        {dayWords(log[log.length - 1].day).slice(4)}, {unitOf("warmth", choices)}
      </text>
    </svg>
  );
}

function LogFile({ storeId }: { storeId: number }) {
  const [file, setFile] = useState<File>();
  const [problem, setProblem] = useState<ProblemError>();
  const [refused, setRefused] = useState<Schemas["wood.LogBrought"]["refused"]>([]);
  const asks = problem?.fields.some((f) => f.field === "unit");
  const bring = async (which: File, unit?: "C" | "F") => {
    setProblem(undefined);
    try {
      const brought = await sendFile<Schemas["wood.LogBrought"]>(
        `/api/stores/${storeId}/log${unit ? `?unit=${unit}` : ""}`,
        which,
      );
      setRefused(brought.refused);
      done(brought.sentence, brought.actId);
    } catch (e) {
      if (e instanceof ProblemError) setProblem(e);
    }
  };
  return (
    <div data-does="POST /api/stores/{id}/log" className="text-[14.5px]">
      <label className="cursor-pointer text-sea underline">
        Bring a thermometer’s log (CSV: time, temp)
        <input
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            setFile(chosen);
            if (chosen) bring(chosen);
          }}
        />
      </label>
      {problem && <p className="font-semibold text-alarm">{problem.message}</p>}
      {asks && file && (
        <span className="mt-1 flex gap-2">
          <Button onClick={() => bring(file, "F")}>It is °F</Button>
          <Button onClick={() => bring(file, "C")}>It is °C all the same</Button>
        </span>
      )}
      {refused.map((r) => (
        <span key={r.row} className="block text-soft">
          Row {r.row}: {r.sentence}
        </span>
      ))}
    </div>
  );
}

function AddStore() {
  const { send, problem, busy, errorOf } = useSend();
  const [name, setName] = useState("");
  const [method, setMethod] = useState<Store["method"]>("COOL_BOX");
  const [setC, setSetC] = useState("");
  const choices = useChoices();
  const add = () =>
    send(async () => {
      const body = { name, method, setC: readMeasure("warmth", setC, choices) };
      const added = await told(api.POST("/api/stores", { body }));
      done(added.sentence, added.actId);
      setName("");
    });
  return (
    <form
      data-does="POST /api/stores"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <PartHeading>Add a store</PartHeading>
      <div className="grid grid-cols-[1fr_1fr_130px_auto] items-end gap-3 max-sm:grid-cols-1">
        <Field label="Name" error={errorOf("name")}>
          <Input value={name} onChange={(e) => setName(e.target.value)} />
        </Field>
        <Field label="Sort">
          <Select value={method} onChange={(e) => setMethod(e.target.value as Store["method"])}>
            {METHODS.map(([key, words]) => (
              <option key={key} value={key}>
                {words}
              </option>
            ))}
          </Select>
        </Field>
        <Field label={`Set to, ${unitOf("warmth", choices)}`} error={errorOf("setC")}>
          <Input inputMode="decimal" value={setC} onChange={(e) => setSetC(e.target.value)} />
        </Field>
        <Button strong type="submit" disabled={busy || !name}>
          Add it
        </Button>
      </div>
      <Trouble problem={problem} />
    </form>
  );
}
