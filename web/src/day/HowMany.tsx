import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";
import type { Draft } from "../flush/draft";
import { percent } from "../percent";
import { Field, Input, Select } from "../ui/fields";
import { Button, PartHeading } from "../ui/parts";
import { linear } from "../ui/scales";
import { WoodThere } from "./WoodThere";

const WIDE = 300;
const HIGH = 84;
const FOOT = 18;

const SURE = [
  ["0.8", "8 times in 10"],
  ["0.9", "9 times in 10"],
  ["0.95", "19 times in 20"],
];

interface HowManyProps {
  draft: Draft;
  /** What lives until its day; not told yet while undefined. */
  wood?: Schemas["day.There"];
  onDraft: (change: Partial<Draft>) => void;
}

/** How many to make so that enough live; one tap takes the number into the plan. */
export function HowMany({ draft, wood, onDraft }: HowManyProps) {
  const [living, setLiving] = useState("10");
  const [sure, setSure] = useState("0.9");
  const wanted = Number(living);
  const right = Number.isInteger(wanted) && wanted >= 1 && wanted <= 10000;
  const query = {
    varietyId: draft.varietyId,
    techniqueKey: draft.techniqueKey,
    living: wanted,
    sure: Number(sure),
    made: Math.min(10000, Math.max(1, draft.grafts || 1)),
  };
  const many = useQuery({
    meta: { what: "how many to make" },
    queryKey: ["how-many", draft.varietyId, draft.techniqueKey, query],
    enabled: right,
    placeholderData: lastOf("how-many", draft.varietyId, draft.techniqueKey),
    // What it answers goes with it: the sentences under the boxes are of one question.
    queryFn: async () =>
      Object.assign(await told(api.GET("/api/takes/how-many", { params: { query } })), { of: query }),
  });
  return (
    <section aria-label="How many">
      <PartHeading>How many to make</PartHeading>
      <div className="grid grid-cols-2 gap-2">
        <Field label="Should live" error={right ? undefined : "A whole number from 1 to 10 000"}>
          <Input
            type="number"
            min={1}
            max={10000}
            value={living}
            aria-invalid={!right}
            onChange={(e) => setLiving(e.target.value)}
          />
        </Field>
        <Field label="As sure as">
          <Select value={sure} onChange={(e) => setSure(e.target.value)}>
            {SURE.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Select>
        </Field>
      </div>
      {many.error && (
        <p role="alert" className="mt-2 font-semibold text-[14.5px] text-alarm">
          {many.error.message}
        </p>
      )}
      {many.data && right && (
        <Told
          many={many.data}
          living={many.data.of.living}
          made={many.data.of.made}
          sureWords={SURE.find(([value]) => Number(value) === many.data.of.sure)?.[1] ?? ""}
          current={!many.isPlaceholderData}
          onDraft={onDraft}
        />
      )}
      {wood && <WoodThere wood={wood} grafts={draft.grafts} />}
    </section>
  );
}

interface ToldProps {
  many: Schemas["take.Many"];
  living: number;
  made: number;
  sureWords: string;
  current: boolean;
  onDraft: (change: Partial<Draft>) => void;
}

function Told({ many, living, made, sureWords, current, onDraft }: ToldProps) {
  const spoken = many.least !== made;
  return (
    <>
      <div className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1">
        <p className="text-[17px]">
          Make <b>{many.least}</b> so that {living} live.
        </p>
        {spoken && (
          <Button onClick={() => onDraft({ grafts: many.least })} disabled={!current || many.least > 10000}>
            Plan {many.least}
          </Button>
        )}
      </div>
      <Curve many={many} living={living} made={made} />
      <p className="text-[15px]">
        Of {made} made,{" "}
        {living > made
          ? `${living} cannot live`
          : `${living} live with about ${percent(many.asked.chance)} %`}
        {many.asked.surely > 0 ? `; at least ${many.asked.surely} live ${sureWords}` : ""}.
      </p>
      <p className="text-[14px] text-soft">
        {many.take.decided > 0
          ? `${many.take.taken} of ${many.take.decided} took here`
          : "None of these decided here yet; their kin say"}
        , likely {percent(many.take.low)}–{percent(many.take.high)} %
        {many.byGains ? ", from what moves take here" : ""}. Grafts of one day share its luck
        {many.luck.days > 0 ? `, as ${many.luck.days} days here show` : ""}. On one limb or tree,{" "}
        {many.oneLives} so that one lives. In case one fails: of one it lives with {percent(many.inCase.one)}{" "}
        %, of two one does with {percent(many.inCase.two)} %.
      </p>
    </>
  );
}

function Curve({ many, living, made }: Omit<ToldProps, "sureWords" | "current" | "onDraft">) {
  const points = many.curve;
  const last = points[points.length - 1];
  if (!last || points.length < 2) return null;
  const x = linear([living, last.made], [8, WIDE - 8]);
  const y = linear([0, 1], [HIGH, 6]);
  const chosen = points.reduce((a, b) =>
    Math.abs(b.made - many.least) < Math.abs(a.made - many.least) ? b : a,
  );
  const line = points.map((p) => `${x(p.made).toFixed(1)},${y(p.chance).toFixed(1)}`).join(" ");
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${HIGH + FOOT}`}
      className="mt-1 block w-full"
      role="img"
      aria-label={`Chance that ${living} live, by how many are made: ${many.least} reach it`}
    >
      <line x1={8} x2={WIDE - 8} y1={HIGH} y2={HIGH} stroke="var(--edge)" />
      <line x1={8} x2={WIDE - 8} y1={y(1)} y2={y(1)} stroke="var(--line)" />
      <polyline points={line} fill="none" stroke="var(--sea)" strokeWidth={2} />
      {made >= living && made <= last.made && (
        <line
          x1={x(made)}
          x2={x(made)}
          y1={HIGH}
          y2={y(many.asked.chance)}
          stroke="var(--edge)"
          strokeDasharray="3 3"
        />
      )}
      <line x1={x(many.least)} x2={x(many.least)} y1={HIGH} y2={y(chosen.chance)} stroke="var(--sea)" />
      <circle cx={x(many.least)} cy={y(chosen.chance)} r={5} fill="var(--lamp)" stroke="var(--ink)" />
      <text x={8} y={HIGH + 14} fontSize={12} fill="var(--soft)">
        {living}
      </text>
      <text
        x={x(many.least)}
        y={HIGH + 14}
        fontSize={12}
        fontWeight={700}
        textAnchor="middle"
        fill="var(--ink)"
      >
        {many.least}
      </text>
      <text x={WIDE - 8} y={HIGH + 14} fontSize={12} textAnchor="end" fill="var(--soft)">
        {last.made}
      </text>
    </svg>
  );
}
