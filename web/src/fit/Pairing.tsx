import { useState } from "react";
import { useNavigate } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { useFarm } from "../api/queries";
import { SpeciesOptions } from "../place/SpeciesOptions";
import { TechniqueOptions } from "../rules/TechniqueOptions";
import { Beside } from "../ui/Beside";
import { useCommands } from "../ui/commands";
import { Field, Input, Select } from "../ui/fields";
import { Button, PartHeading, Statement, Teach, Trouble } from "../ui/parts";
import { useKept } from "../ui/useKept";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { useShelf } from "../wood/woodApi";
import { Calliper } from "./Calliper";
import { useStems } from "./fitApi";
import { LeftOver } from "./LeftOver";
import { PairField } from "./PairField";
import { PairSheet } from "./PairSheet";
import { PieceList } from "./PieceList";
import { bonded, keepPairs, keptPairs, type PairDraft, type PieceDraft } from "./pairDraft";
import { Conditions } from "./Techniques";
import { usePairing } from "./usePairing";

/** A batch of sticks and stems: which goes on which, what is left and what to do with it. */
export function Pairing() {
  const navigate = useNavigate();
  const shelf = useShelf();
  const stems = useStems();
  const farm = useFarm();
  const { send, problem: listProblem, busy } = useSend();
  const [draft, setDraft] = useState<PairDraft>(keptPairs);
  const [chosen, setChosen] = useState<string>();
  const [calliper, setCalliper] = useState(false);
  const [name, setName] = useState("");
  const set = (change: Partial<PairDraft>) => setDraft((before) => ({ ...before, ...change }));
  const pieces = (list: "sticks" | "stems", change: (before: PieceDraft[]) => PieceDraft[]) =>
    setDraft((before) => ({ ...before, [list]: change(before[list]) }));
  useKept(draft, keepPairs);

  const piece = (p: PieceDraft) => ({ id: p.id, diameterMm: p.mm, barkMm: p.barkMm });
  const ready = draft.sticks.length > 0 && draft.stems.length > 0;
  const entry: Schemas["fit.PairEntry"] | undefined = ready
    ? {
        sticks: draft.sticks.map(piece),
        stems: draft.stems.map(piece),
        on: { ...draft.on, scionSpecies: draft.scionSpecies, stockSpecies: draft.stockSpecies },
        allowed: draft.allowed,
        locks: draft.locks.filter((b) => both(draft, b)),
        apart: draft.apart.filter((b) => both(draft, b)),
        wrap: "CLOCKWISE",
      }
    : undefined;
  const { result, work, problem, cancel } = usePairing(entry);
  const pair = result?.pairs.find((p) => p.stickId === chosen);
  const demo = farm.data?.demo === true;
  const order = result?.pairs.map((p) => p.stickId) ?? [];
  const step = (by: number) => {
    const at = order.indexOf(chosen ?? "");
    const next = order[Math.min(order.length - 1, Math.max(0, at + by))];
    if (next) setChosen(next);
  };
  useCommands([
    { key: "ArrowRight", words: "next pair", run: () => step(1) },
    { key: "ArrowLeft", words: "last pair", run: () => step(-1) },
    { key: "c", words: "the calliper", run: () => demo && setCalliper((was) => !was) },
    { key: "Escape", words: "choose none", run: () => setChosen(undefined) },
  ]);

  const addLot = (code: string) => {
    const lot = shelf.data?.lots.find((l) => l.code === code);
    if (!lot) return;
    const sizes = lot.diametersMm.slice(0, lot.sticksLeft);
    const others = draft.sticks.filter((s) => s.lotId !== lot.id);
    set({
      scionSpecies: lot.speciesKey,
      stockSpecies: draft.stems.length === 0 ? lot.speciesKey : draft.stockSpecies,
      sticks: [...others, ...sizes.map((mm, i) => ({ id: `${code} ${i + 1}`, mm, lotId: lot.id }))],
    });
  };
  const addStems = (species: string) => {
    const all = (stems.data ?? []).filter(
      (s) => s.speciesKey === species && s.measuredOn !== undefined && !s.refusal,
    );
    const others = draft.stems.filter((s) => !all.some((a) => a.stemId === s.stemId));
    set({
      stockSpecies: species,
      stems: [
        ...others,
        ...all.map((s) => ({
          id: s.name,
          stemId: s.stemId,
          mm: s.measure.readings[Math.floor(s.measure.readings.length / 2)].diameterMm,
          barkMm: s.measure.barkMm,
        })),
      ],
    });
  };
  const bond = (list: "locks" | "apart", b: Schemas["fit.Bond"]) => {
    const had = bonded(draft[list], b.stickId, b.stemId);
    const without = draft[list].filter((o) =>
      list === "locks"
        ? o.stickId !== b.stickId && o.stemId !== b.stemId
        : o.stickId !== b.stickId || o.stemId !== b.stemId,
    );
    set({ [list]: had ? without : [...without, b] });
  };
  const keep = () =>
    send(async () => {
      if (!result) return;
      const stick = (id: string) => draft.sticks.find((s) => s.id === id);
      const stem = (id: string) => draft.stems.find((s) => s.id === id);
      const kept = await told(
        api.POST("/api/fit/lists", {
          body: {
            name: name.trim() || `${result.pairs.length} grafts of ${draft.scionSpecies}`,
            rows: result.pairs.map((p) => ({
              stick: p.stickId,
              stem: p.stemId,
              lotId: stick(p.stickId)?.lotId,
              stemId: stem(p.stemId)?.stemId,
              techniqueKey: p.techniqueKey,
              scionMm: p.scionMm,
              stockMm: p.stockMm,
              scionBarkMm: stick(p.stickId)?.barkMm,
              stockBarkMm: stem(p.stemId)?.barkMm,
              offsetMm: p.offsetMm,
            })),
          },
        }),
      );
      done(`${result.pairs.length} grafts prepared`, kept.actId);
      navigate("/fit/prepared");
    });
  const lots = (shelf.data?.lots ?? []).filter((l) => l.diametersMm.length > 0 && !l.refusal);
  const species = [...new Set((stems.data ?? []).filter((s) => s.measuredOn).map((s) => s.speciesKey))];
  return (
    <div className="flex flex-1 max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] pt-4 pb-5 max-sm:px-4">
        <Statement title={title(draft, result)}>
          {result
            ? "Thin to thick; a thicker line is more cambium. Choose a pair to lock it or keep the two apart."
            : "Measure both sides; the farm finds the pairs that lose least together."}
        </Statement>
        <div className="grid grid-cols-2 gap-x-6 max-sm:grid-cols-1 max-sm:gap-y-3">
          <PieceList kind="stick" pieces={draft.sticks} onChange={(change) => pieces("sticks", change)} />
          <PieceList kind="stem" pieces={draft.stems} onChange={(change) => pieces("stems", change)} />
        </div>
        <div className="mt-2 flex flex-wrap items-end gap-2">
          <Select
            aria-label="Sticks of a lot"
            className="max-w-[230px]"
            value=""
            onChange={(e) => addLot(e.target.value)}
          >
            <option value="">sticks of a lot</option>
            {lots.map((l) => (
              <option key={l.id} value={l.code}>
                {l.code}, {l.varietyName}
              </option>
            ))}
          </Select>
          <Select
            aria-label="Free stems of the farm"
            className="max-w-[210px]"
            value=""
            onChange={(e) => addStems(e.target.value)}
          >
            <option value="">free stems of the farm</option>
            {species.map((s) => (
              <option key={s} value={s}>
                {s}, measured
              </option>
            ))}
          </Select>
          {demo && <Button onClick={() => setCalliper(!calliper)}>Calliper</Button>}
          {(draft.sticks.length > 0 || draft.stems.length > 0) && (
            <button
              type="button"
              className="min-h-9 text-[14px] text-sea underline max-sm:min-h-11"
              onClick={() => set({ sticks: [], stems: [], locks: [], apart: [] })}
            >
              clear both
            </button>
          )}
        </div>
        {work && (
          <p className="mt-3 flex items-center gap-3" role="status">
            <progress value={work.judged} max={work.sticks} className="w-48" />
            {work.judged} of {work.sticks} sticks judged
            <Button onClick={cancel}>Stop</Button>
          </p>
        )}
        <Trouble problem={problem} />
        {!ready && (
          <Teach title="Two lists of numbers">
            Type each thickness and press Enter, or let the calliper send them: 5.2, 6.1, 7.8 on one side,
            5.4, 6.9, 8.1 on the other. A lot with measured sticks and the measured stems come in one touch.
          </Teach>
        )}
        {ready && (
          <PairField
            sticks={draft.sticks}
            stems={draft.stems}
            result={result}
            chosen={chosen}
            onChoose={setChosen}
          />
        )}
        {result && (
          <div className="mt-1 grid grid-cols-2 gap-x-6 max-sm:grid-cols-1">
            <LeftOver title="Sticks left over" advice={result.spareSticks} />
            <LeftOver title="Stems left over" advice={result.spareStems} />
          </div>
        )}
      </section>
      <Beside width="w-[340px]" shows={chosen}>
        {pair ? (
          <PairSheet pair={pair} locked={bonded(draft.locks, pair.stickId, pair.stemId)} onBond={bond} />
        ) : (
          <p className="text-soft">Choose a stick to see its cut list.</p>
        )}
        {draft.apart.length > 0 && (
          <p className="mt-2 text-[14px] text-soft">
            Kept apart: {draft.apart.map((b) => `${b.stickId} and ${b.stemId}`).join(", ")}.{" "}
            <button
              type="button"
              className="text-sea underline max-sm:min-h-11"
              onClick={() => set({ apart: [] })}
            >
              let them together
            </button>
          </p>
        )}
        <PartHeading>What bears on it</PartHeading>
        <div className="mb-2 grid grid-cols-2 gap-x-3">
          {(["scionSpecies", "stockSpecies"] as const).map((which) => (
            <Field key={which} label={which === "scionSpecies" ? "Sticks are" : "Stems are"}>
              <Select value={draft[which]} onChange={(e) => set({ [which]: e.target.value })}>
                <SpeciesOptions />
              </Select>
            </Field>
          ))}
        </div>
        <Conditions on={draft.on} onChange={(change) => set({ on: { ...draft.on, ...change } })} />
        <div className="mt-2">
          <Field label="Only this technique">
            <Select
              value={draft.allowed[0] ?? ""}
              onChange={(e) => set({ allowed: e.target.value ? [e.target.value] : [] })}
            >
              <option value="">whichever suits each pair</option>
              <TechniqueOptions />
            </Select>
          </Field>
        </div>
        {result && result.pairs.length > 0 && (
          <form
            data-does="POST /api/fit/lists"
            className="mt-4"
            onSubmit={(e) => {
              e.preventDefault();
              keep();
            }}
          >
            <Field label="Name of the list">
              <Input
                value={name}
                maxLength={120}
                placeholder={`${result.pairs.length} grafts of ${draft.scionSpecies}`}
                onChange={(e) => setName(e.target.value)}
              />
            </Field>
            <Button strong type="submit" disabled={busy} className="mt-2 min-h-11">
              Prepare {result.pairs.length === 1 ? "this graft" : `these ${result.pairs.length} grafts`}
            </Button>
            <Trouble problem={listProblem} />
          </form>
        )}
      </Beside>
      {calliper && <Calliper onClose={() => setCalliper(false)} />}
    </div>
  );
}

function both(draft: PairDraft, b: Schemas["fit.Bond"]) {
  return draft.sticks.some((s) => s.id === b.stickId) && draft.stems.some((s) => s.id === b.stemId);
}

function title(draft: PairDraft, result?: Schemas["fit.PairedView"]) {
  if (!result) return "Which stick on which stem?";
  const n = result.pairs.length;
  const left = draft.sticks.length - n;
  return `${n} of ${draft.sticks.length} sticks find a stem${left > 0 ? `, ${left} left over` : ""}`;
}
