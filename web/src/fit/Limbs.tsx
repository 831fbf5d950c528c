import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { lastOf, usePlants } from "../api/queries";
import { Beside } from "../ui/Beside";
import { Field, Select } from "../ui/fields";
import { typedLength } from "../ui/keptLengths";
import { Button, Coming, Statement, Teach, Trouble } from "../ui/parts";
import { usePhone } from "../ui/usePhone";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { lengthUnit, lengthWords, readLength, useChoices } from "../units";
import { useLimbTrees } from "./fitApi";
import { FATES, LimbMap } from "./LimbMap";
import { LimbsToDay } from "./LimbsToDay";

type School = Schemas["fit.LimbSeason"]["school"];

/** Old trees: which limbs are grafted this season, which come off, which stay. */
export function Limbs() {
  const { length } = useChoices();
  const [params, setParams] = useSearchParams();
  const trees = useLimbTrees();
  const plants = usePlants("");
  const phone = usePhone();
  const [slips, setSlips] = useState(false);
  const [chosen, setChosen] = useState<string>();
  const code = params.get("tree") || trees.data?.[0];
  const school = (params.get("keep") as School | null) ?? undefined;
  const tree = useQuery({
    queryKey: ["limbs", code, school, slips],
    enabled: code !== undefined,
    placeholderData: lastOf("limbs"),
    queryFn: () =>
      told(
        api.GET("/api/fit/limbs/{code}", {
          params: { path: { code: code as string }, query: { school, slips } },
        }),
      ),
  });
  if (trees.isPending || (code !== undefined && tree.isPending)) return <Coming what="the old trees" />;
  const season = tree.data?.season;
  const count = (fate: string) => season?.steps.filter((s) => s.fate === fate).length ?? 0;
  const scions = season?.steps.reduce((sum, s) => sum + s.scions, 0) ?? 0;
  const codes = [...new Set([...(trees.data ?? []), ...(code ? [code] : [])])];
  const fields = (plants.data?.plants ?? []).filter(
    (p) => p.kind !== "SEEDLING_STOCK" && !codes.includes(p.code),
  );
  const put = (name: string, value: string) =>
    setParams((before) => {
      const after = new URLSearchParams(before);
      after.set(name, value);
      return after;
    });
  return (
    <div className="flex flex-1 max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] pt-4 pb-5 max-sm:px-4">
        <Statement
          title={
            season
              ? `Graft ${count("GRAFT")} of ${season.steps.length} limbs with ${scions} scions`
              : "Which limbs this season?"
          }
        >
          {season
            ? `${tree.data?.code}: ${season.why}.`
            : "Name the limbs of an old tree: how thick, how high, where they point."}
        </Statement>
        <div className="flex flex-wrap gap-x-4 gap-y-2">
          <Field label="Tree">
            <Select value={code ?? ""} onChange={(e) => put("tree", e.target.value)}>
              {code === undefined && <option value="">choose</option>}
              {codes.map((c) => (
                <option key={c}>{c}</option>
              ))}
              {fields.map((p) => (
                <option key={p.code} value={p.code}>
                  {p.code}, no limbs yet
                </option>
              ))}
            </Select>
          </Field>
          <Field label="How much of the old tree to keep">
            <Select value={season?.school ?? school ?? "THIRD"} onChange={(e) => put("keep", e.target.value)}>
              <option value="THIRD">rework a third a season</option>
              <option value="NURSE">all but one limb, kept as a nurse</option>
              <option value="ALL">nothing: every branch feeds the grafts</option>
            </Select>
          </Field>
          <Field label="Bark slips">
            <Select value={slips ? "yes" : "no"} onChange={(e) => setSlips(e.target.value === "yes")}>
              <option value="no">no, or not tried</option>
              <option value="yes">it lifts clean</option>
            </Select>
          </Field>
        </div>
        <Trouble problem={tree.error} />
        {season && tree.data && (
          <div className="mt-3 flex items-start gap-5 max-lg:flex-col">
            <LimbMap
              steps={season.steps}
              northern={tree.data.northern}
              size={phone ? 340 : 440}
              chosen={chosen}
              onChoose={setChosen}
            />
            <div className="w-[200px] max-lg:w-full">
              <ul className="mt-2 text-[14px] max-lg:flex max-lg:flex-wrap max-lg:gap-x-4">
                {Object.entries(FATES)
                  .filter(([fate]) => count(fate) > 0)
                  .map(([fate, f]) => (
                    <li key={fate} className="flex items-center gap-2 py-0.5">
                      <svg width={34} height={10} aria-hidden>
                        <line
                          x1={0}
                          x2={34}
                          y1={5}
                          y2={5}
                          stroke={f.colour}
                          strokeWidth={6}
                          strokeDasharray={f.dash}
                        />
                      </svg>
                      {f.words}, {count(fate)}
                    </li>
                  ))}
                <li className="mt-2 text-soft">farther out is higher up</li>
              </ul>
              {tree.data.code === code && scions > 0 && (
                <LimbsToDay
                  key={code}
                  code={tree.data.code}
                  speciesKey={tree.data.speciesKey}
                  school={season.school}
                  slips={slips}
                  scions={scions}
                />
              )}
            </div>
          </div>
        )}
        {!season && (
          <Teach title="A tree is planned from its limbs">
            One line for each limb, such as “{length === "mm" ? "A 64 900 20" : "A 2.5 35 20"}”: its name, how
            thick in {lengthUnit(length)}, how high above the soil, and where it points, counted clockwise
            from north.
          </Teach>
        )}
      </section>
      <Beside width="w-[380px]">
        <LimbList season={season} chosen={chosen} onChoose={setChosen} />
        {code && tree.data?.code === code && <LimbEntry key={code} code={code} season={season} />}
        <p className="mt-3 text-[13.5px] text-soft">
          Saws and ladders: trained use, protective gear, never alone. Undercut a heavy limb first, bevel the
          rim, seal and whitewash the wound. Fig latex and mango sap burn skin and eyes. Follow labels and
          local rules.
        </p>
      </Beside>
    </div>
  );
}

function LimbList(props: {
  season?: Schemas["fit.LimbSeason"];
  chosen?: string;
  onChoose: (label: string) => void;
}) {
  const { length } = useChoices();
  return (
    <ul aria-label="Limbs">
      {props.season?.steps.map((s) => (
        <li key={s.limb.label} className="border-line border-t first:border-t-0">
          <button
            type="button"
            aria-pressed={props.chosen === s.limb.label}
            onClick={() => props.onChoose(s.limb.label)}
            className="block w-full py-1.5 text-left text-[15px] hover:bg-ground aria-pressed:bg-ground max-sm:min-h-11"
          >
            <b className="inline-block w-7">{s.limb.label}</b>
            <b style={{ color: FATES[s.fate].colour }}>{FATES[s.fate].words}</b>
            <span className="code float-right text-[14px]">
              {lengthWords(s.limb.diameterMm, length)} at {lengthWords(s.limb.heightMm, length)}
            </span>
            <span className="block pl-7 text-[14px] text-soft">
              {s.technique ? `${TECHNIQUES[s.technique] ?? s.technique}; ` : ""}
              {s.why}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

const TECHNIQUES: Record<string, string> = { bark: "bark graft", cleft: "cleft" };

function LimbEntry({ code, season }: { code: string; season?: Schemas["fit.LimbSeason"] }) {
  const { length } = useChoices();
  const { send, problem, busy } = useSend();
  const [open, setOpen] = useState(season === undefined);
  const [text, setText] = useState(
    () =>
      season?.steps
        .map(({ limb }) =>
          [
            limb.label,
            typedLength(limb.diameterMm, length),
            typedLength(limb.heightMm, length),
            limb.directionDeg,
          ].join(" "),
        )
        .join("\n") ?? "",
  );
  const lines = text
    .split("\n")
    .map((line) => line.trim().split(/\s+/))
    .filter((parts) => parts[0]);
  const limbs = lines.map(([label, thick, high, points]) => ({
    label,
    diameterMm: readLength(thick ?? "", length) ?? Number.NaN,
    heightMm: readLength(high ?? "", length) ?? Number.NaN,
    directionDeg: points === undefined ? Number.NaN : Number(points),
  }));
  const bad = limbs.find((l) => [l.diameterMm, l.heightMm, l.directionDeg].some(Number.isNaN));
  const keep = () =>
    send(async () => {
      const kept = await told(
        api.PUT("/api/fit/limbs/{code}", { params: { path: { code } }, body: { limbs } }),
      );
      done(`${limbs.length} limbs of ${code} measured`, kept.actId);
      setOpen(false);
    });
  if (!open) {
    return (
      <Button data-does="PUT /api/fit/limbs/{code}" className="mt-3" onClick={() => setOpen(true)}>
        Measure the limbs anew
      </Button>
    );
  }
  return (
    <form
      className="mt-3"
      onSubmit={(e) => {
        e.preventDefault();
        keep();
      }}
    >
      <Field
        label={`A limb a line: name, thickness and height in ${lengthUnit(length)}, direction in degrees`}
        error={
          bad && text.trim()
            ? `limb ${bad.label} needs three numbers, such as “${bad.label} 64 900 20”`
            : problem?.message
        }
      >
        <textarea
          rows={8}
          value={text}
          onChange={(e) => setText(e.target.value)}
          className="code w-full rounded border border-edge bg-surface px-2 py-1 text-[14px]"
        />
      </Field>
      <Button
        strong
        type="submit"
        className="mt-1 min-h-11"
        disabled={busy || bad !== undefined || limbs.length === 0}
      >
        Keep the limbs
      </Button>
    </form>
  );
}
