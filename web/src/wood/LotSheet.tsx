import { useState } from "react";
import { Link, useNavigate } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { dated, dayAndYear, dayWords } from "../days";
import { GradeMark } from "../drawings/GradeMark";
import { KeepingBar } from "../drawings/KeepingBar";
import { Field, Input, Select } from "../ui/fields";
import { Button, Coming, PartHeading, Trouble } from "../ui/parts";
import { SameAs } from "../ui/SameAs";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { measureWords, useChoices } from "../units";
import { type Lot, useLotSheet, useShelf, useStores } from "./woodApi";
import {
  BASIS_WORDS,
  diameterWords,
  doubtWords,
  leftWords,
  percent,
  STANDING_WORDS,
  sticksWords,
} from "./words";

/** Above this share nobody counts. */
const ALL_BUT = 0.985;

/** One lot: what it is good for and how long, its ledger, and what can be done with it. */
export function LotSheet({ code, onClose }: { code: string; onClose: () => void }) {
  const sheet = useLotSheet(code);
  if (sheet.error) return <Trouble problem={sheet.error} />;
  if (!sheet.data) return <Coming what="the lot" />;
  const { lot, ledger, checks } = sheet.data;
  return (
    <section aria-label={`Lot ${lot.code}`}>
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="code font-bold text-[24px]">{lot.code}</h2>
        <button type="button" className="text-[14.5px] text-sea underline max-sm:min-h-11" onClick={onClose}>
          Close
        </button>
      </div>
      <p className="text-soft">
        {lot.varietyName}, {lot.speciesKey}, from{" "}
        <Link className="text-sea underline" to={`/lineage/LOT-${lot.id}`}>
          {lot.fromName}
        </Link>
        , cut {dayAndYear(lot.cutOn)}
        {lot.cutByName ? ` by ${lot.cutByName}` : ""}
        {lot.receivedOn ? `, came ${dayWords(lot.receivedOn)}` : ""}
      </p>
      {lot.refusal && (
        <p className="mt-2 border-alarm border-l-4 pl-3 font-semibold text-alarm">{dated(lot.refusal)}</p>
      )}
      <Life lot={lot} />
      <PartHeading>Looked at</PartHeading>
      <p className="flex flex-wrap items-center gap-x-2">
        <GradeMark grade={lot.grade} words />
        {lot.gradeByAge && <span className="text-[14px] text-soft">by its age</span>}
      </p>
      {lot.actions.length > 0 && <p className="text-[15px]">First: {lot.actions.join("; ")}.</p>}
      <p className="text-[14.5px] text-soft">
        {checks.length === 0 ? "No stick was looked at yet. " : `${sticksWords(checks.length)} looked at. `}
        <Link
          className="inline-block text-sea underline max-sm:min-h-11 max-sm:py-2"
          to={`/wood/check?lot=${lot.code}`}
        >
          Check a stick of it
        </Link>
      </p>
      <Reasons checks={checks} />
      <PartHeading>Clean</PartHeading>
      <p className="text-[15px]">
        <b className="font-semibold">{STANDING_WORDS[lot.health.standing]}</b>. {dated(lot.health.reason)}
      </p>
      <Ledger lot={lot} ledger={ledger} />
      <Doings lot={lot} />
    </section>
  );
}

function Life({ lot }: { lot: Lot }) {
  const choices = useChoices();
  const f = lot.freshness;
  const worth =
    f.toLast.mid > 0 ? `worth a stock until ${dayWords(lot.lastUntil)}.` : "not worth a stock any more.";
  return (
    <div className="mt-3">
      <p className="big text-[20px]">
        {f.toGood.mid > 0 ? `Keeps ${leftWords(lot)}` : leftWords(lot).replace(/^./, (c) => c.toUpperCase())}
      </p>
      <KeepingBar lot={lot} className="my-1.5" />
      <p className="text-[15px]">
        {livingWords(f)}{" "}
        {f.toGood.mid > 0 ? `Good ${untilWords(lot)}; ${worth}` : worth.replace(/^./, (c) => c.toUpperCase())}
      </p>
      <p className="text-[14.5px] text-soft">
        {lot.store ?? "On its way"}
        {lot.wrapped ? ", wrapped" : ", not wrapped"}, {measureWords("warmth", lot.tempC, choices)}{" "}
        {BASIS_WORDS[lot.basis]}. Here it keeps {lot.keepSpan.low.toFixed(2)}–{lot.keepSpan.high.toFixed(2)}{" "}
        times as long as the figures,{" "}
        {lot.keepSpan.grafts > 0 ? `by ${lot.keepSpan.grafts} grafts of your own` : "no own takes yet"}.
      </p>
      {doubtWords(lot) && <p className="mt-1 text-[15px]">{doubtWords(lot)}</p>}
      {lot.warnings.map((warning) => (
        <p key={warning} className="mt-1 border-soft border-l-4 pl-3 text-[15px]">
          {dated(warning)}
        </p>
      ))}
    </div>
  );
}

function untilWords(lot: Lot): string {
  if (lot.goodFrom === lot.goodUntil) return `until ${dayWords(lot.goodUntil)}`;
  return `until ${dayWords(lot.goodFrom)} at least, ${dayWords(lot.goodUntil)} at most`;
}

// Nobody is sure of all or of none.
function livingWords(f: Lot["freshness"]): string {
  if (f.viabilityLow >= ALL_BUT) return "Nearly all of its sticks should live.";
  if (f.viabilityHigh <= 1 - ALL_BUT) return "Hardly any of its sticks should live.";
  const low = Math.max(1, Math.round(f.viabilityLow * 100));
  const high = Math.min(99, Math.round(f.viabilityHigh * 100));
  return `${percent(f.viability)} of the sticks should live, likely ${low}–${high} %.`;
}

function Reasons({ checks }: { checks: Schemas["wood.CheckView"][] }) {
  if (checks.length === 0) return null;
  return (
    <details className="mt-1 text-[14.5px]">
      <summary>Every stick and why</summary>
      <ol>
        {checks.map((check) => (
          <li key={check.id} className="border-line border-t py-1">
            <GradeMark grade={check.grade.grade} />{" "}
            <span className="text-soft">
              {dayWords(check.onDay)}
              {check.personName ? `, ${check.personName}` : ""}
            </span>
            {check.grade.reasons
              .filter((r) => r.grade !== "A")
              .map((r) => (
                <span key={r.look} className="block">
                  {r.why}
                  {r.wanted ? ` (${r.found}, wanted ${r.wanted})` : ""}
                </span>
              ))}
          </li>
        ))}
      </ol>
    </details>
  );
}

const LEDGER_WORDS: Record<Schemas["wood.LedgerRow"]["kind"], string> = {
  IN: "came in",
  GRAFT: "grafted",
  DISCARD: "discarded",
  GIVEN: "given away",
};

function Ledger({ lot, ledger }: { lot: Lot; ledger: Schemas["wood.LedgerRow"][] }) {
  const { length } = useChoices();
  return (
    <>
      <PartHeading>
        Ledger · {lot.sticksLeft} of {lot.sticksIn} sticks left, {lot.budsLeft} buds
      </PartHeading>
      <table className="w-full text-[14.5px]">
        <caption className="sr-only">Sticks and buds in and out</caption>
        <tbody>
          {ledger.map((row) => (
            <tr key={row.id} className="border-line border-t">
              <td className="py-1">{dayWords(row.onDay).slice(4)}</td>
              <td>
                {LEDGER_WORDS[row.kind]}
                <span className="text-soft">
                  {row.personName ? ` ${row.personName}` : ""}
                  {row.remark ? ` · ${row.remark}` : ""}
                </span>
              </td>
              <td className="whitespace-nowrap text-right">
                {row.sticks > 0 ? `+${row.sticks}` : row.sticks} sticks
              </td>
              <td className="whitespace-nowrap pl-2 text-right text-soft">{row.buds} buds</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-[14.5px] text-soft">Thickness {diameterWords(lot.diametersMm, length)}.</p>
    </>
  );
}

function Doings({ lot }: { lot: Lot }) {
  const navigate = useNavigate();
  const { personId } = useChoices();
  const stores = useStores();
  const { send, problem, busy } = useSend();
  const [n, setN] = useState("1");
  const [why, setWhy] = useState("");
  const out = (kind: "DISCARD" | "GIVEN") =>
    send(async () => {
      const body = { kind, sticks: Number(n), personId, remark: why || undefined };
      const took = await told(api.POST("/api/lots/{id}/out", { params: { path: { id: lot.id } }, body }));
      done(took.sentence, took.actId);
    });
  const move = (storeId: number, wrapped: boolean) =>
    send(async () => {
      const body = { storeId, wrapped };
      const moved = await told(api.PUT("/api/lots/{id}/store", { params: { path: { id: lot.id } }, body }));
      done(moved.sentence, moved.actId);
    });
  const archive = () =>
    send(async () => {
      const path = { id: lot.id };
      const archived = await told(api.POST("/api/lots/{id}/archive", { params: { path } }));
      done(archived.sentence, archived.actId);
    });
  const remove = () =>
    send(async () => {
      await told(api.DELETE("/api/lots/{id}", { params: { path: { id: lot.id } } }));
      done(`${lot.code}, written by mistake, is gone`);
      navigate("/wood");
    });
  const kin = (useShelf().data?.lots ?? []).filter((l) => l.id !== lot.id && l.varietyId === lot.varietyId);
  return (
    <div data-does="POST /api/lots/{id}/out">
      <PartHeading>Do</PartHeading>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <Field label="Lies in">
          <Select value={lot.storeId ?? ""} onChange={(e) => move(Number(e.target.value), lot.wrapped)}>
            {lot.storeId === undefined && <option value="">nowhere yet</option>}
            {(stores.data ?? []).map((store) => (
              <option key={store.id} value={store.id}>
                {store.name}
              </option>
            ))}
          </Select>
        </Field>
        {lot.storeId !== undefined && (
          <Button
            data-does="PUT /api/lots/{id}/store"
            disabled={busy}
            onClick={() => move(lot.storeId as number, !lot.wrapped)}
          >
            {lot.wrapped ? "Unwrapped it" : "Wrapped it"}
          </Button>
        )}
      </div>
      <div className="mt-3 grid grid-cols-[70px_1fr] gap-2">
        <Field label="Sticks">
          <Input inputMode="numeric" value={n} onChange={(e) => setN(e.target.value)} />
        </Field>
        <Field label="To whom, or why">
          <Input value={why} maxLength={400} onChange={(e) => setWhy(e.target.value)} />
        </Field>
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button data-does="POST /api/lots/{id}/out" disabled={busy} onClick={() => out("GIVEN")}>
          Give away
        </Button>
        <Button data-does="POST /api/lots/{id}/out" disabled={busy} onClick={() => out("DISCARD")}>
          Discard
        </Button>
        <Button data-does="DELETE /api/lots/{id}" disabled={busy} onClick={remove}>
          Written by mistake
        </Button>
        {!lot.archived && (
          <Button data-does="POST /api/lots/{id}/archive" disabled={busy} onClick={archive}>
            Archive
          </Button>
        )}
      </div>
      <div data-does="POST /api/lots/{id}/same" className="mt-3">
        <SameAs
          others={kin.map((l) => ({ id: l.id, name: l.code }))}
          follows={`What came in and went out of ${lot.code}, its grafts and checks go over to`}
          onSame={async (as) => {
            const kept = await told(
              api.POST("/api/lots/{id}/same", { params: { path: { id: lot.id } }, body: { as } }),
            );
            done(kept.sentence, kept.actId);
            navigate(`/wood/lot/${kept.code}`);
          }}
        />
      </div>
      <Trouble problem={problem} />
    </div>
  );
}
