import { useState } from "react";
import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { dated } from "../days";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { Wide } from "../ui/Wide";
import { done } from "../undo";
import { type Source, useSources } from "./woodApi";
import { IDENTITY_WORDS, KIND_WORDS, STANDING_WORDS } from "./words";

/** Where wood comes from: what proves its name, how clean it is held to be and why. */
export function Sources() {
  const sources = useSources();
  const [editing, setEditing] = useState<Source | "new">();
  const list = [...(sources.data ?? [])].sort(
    (a, b) => a.kind.localeCompare(b.kind) || a.name.localeCompare(b.name),
  );
  return (
    <div className="mt-3">
      <Wide name="Sources, table">
        <table className="w-full min-w-[640px] text-[15px]">
          <caption className="sr-only">Sources of wood</caption>
          <thead className="text-left text-[13.5px] text-soft">
            <tr>
              {["source", "sort", "named by", "clean", ""].map((head) => (
                <th key={head} scope="col" className="py-1 pr-3 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {list.map((source) => (
              <tr key={source.key} className="border-line border-t align-top">
                <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                  <Link className="font-semibold text-sea underline" to={`/lineage/${source.key}`}>
                    {source.name}
                  </Link>
                  <span className="block text-[13.5px] text-soft">
                    {[source.varietyName, source.where].filter(Boolean).join(", ")}
                  </span>
                </th>
                <td className="py-1.5 pr-3">
                  {KIND_WORDS[source.kind]}
                  <span className="block text-[13.5px] text-soft">
                    {source.insectProof ? "insect-proof house" : "open ground"}
                  </span>
                </td>
                <td className="py-1.5 pr-3">{IDENTITY_WORDS[source.identity]}</td>
                <td className="py-1.5 pr-3">
                  <b
                    className={`font-semibold ${source.heldWords || ["SUSPECT", "POSITIVE"].includes(source.health.standing) ? "text-alarm" : ""}`}
                  >
                    {source.heldWords ? "held" : STANDING_WORDS[source.health.standing]}
                  </b>
                  <span className="block max-w-[330px] text-[13.5px] text-soft">
                    {dated(
                      source.heldWords ?? (source.health.standing === "UNTESTED" ? "" : source.health.reason),
                    )}
                  </span>
                  {source.reminders.map((r) => (
                    <span key={r} className="block text-[13.5px] text-alarm">
                      {dated(r)}
                    </span>
                  ))}
                </td>
                <td className="py-1.5 text-right">
                  <button
                    data-does="PUT /api/sources/{id}"
                    type="button"
                    className="text-[14.5px] text-sea underline max-sm:min-h-11"
                    aria-label={`Write of ${source.name}`}
                    onClick={() => setEditing(source)}
                  >
                    write
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      <Button data-does="POST /api/sources" className="mt-3" onClick={() => setEditing("new")}>
        Add a source outside the farm
      </Button>
      <Overlay
        open={editing !== undefined}
        onClose={() => setEditing(undefined)}
        title={editing === "new" || !editing ? "A source outside the farm" : editing.name}
        description="Two fears go with wood: that it is not what it is called, and that it carries disease."
      >
        {editing && (
          <SourceForm source={editing === "new" ? undefined : editing} onDone={() => setEditing(undefined)} />
        )}
      </Overlay>
    </div>
  );
}

function SourceForm({ source, onDone }: { source?: Source; onDone: () => void }) {
  const row = source?.row;
  const { send, problem, busy, errorOf } = useSend();
  const [entry, setEntry] = useState<Schemas["lineage.SourceEntry"]>({
    plantId: source?.plantId,
    name: source?.name ?? "",
    kind: source?.kind ?? "NEIGHBOUR",
    identity: source?.identity ?? "LABEL_ONLY",
    insectProof: source?.insectProof ?? false,
    permit: row?.permit,
    permitDue: row?.permitDue,
    licence: row?.licence,
    licenceDue: row?.licenceDue,
    notes: row?.notes,
    version: row?.version,
  });
  const set = (change: Partial<Schemas["lineage.SourceEntry"]>) =>
    setEntry((before) => ({ ...before, ...change }));
  const save = () =>
    send(async () => {
      const saved = row
        ? await told(api.PUT("/api/sources/{id}", { params: { path: { id: row.id } }, body: entry }))
        : await told(api.POST("/api/sources", { body: entry }));
      done(saved.sentence, row ? undefined : saved.actId);
      onDone();
    });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <div className="grid grid-cols-2 gap-3 max-sm:grid-cols-1">
        {!source?.plantId && (
          <>
            <Field label="Name" error={errorOf("name")}>
              <Input value={entry.name} onChange={(e) => set({ name: e.target.value })} />
            </Field>
            <Field label="Sort" error={errorOf("kind")}>
              <Select value={entry.kind} onChange={(e) => set({ kind: e.target.value as typeof entry.kind })}>
                {(["NEIGHBOUR", "POST", "NURSERY", "SCHEME"] as const).map((kind) => (
                  <option key={kind} value={kind}>
                    {KIND_WORDS[kind]}
                  </option>
                ))}
              </Select>
            </Field>
          </>
        )}
        <Field label="What proves its name">
          <Select
            value={entry.identity}
            onChange={(e) => set({ identity: e.target.value as typeof entry.identity })}
          >
            {(["FRUITED_HERE", "SEEN_FRUIT", "LABEL_ONLY"] as const).map((proof) => (
              <option key={proof} value={proof}>
                {IDENTITY_WORDS[proof]}
              </option>
            ))}
          </Select>
        </Field>
        <label className="flex items-center gap-2 self-end pb-1.5">
          <input
            type="checkbox"
            checked={entry.insectProof}
            onChange={(e) => set({ insectProof: e.target.checked })}
          />
          in an insect-proof house
        </label>
        {(["permit", "licence"] as const).map((what) => (
          <div key={what} className="col-span-2 grid grid-cols-[1fr_160px] gap-3 max-sm:col-span-1">
            <Field label={what === "permit" ? "Permit to move wood" : "Licence to propagate"}>
              <Input value={entry[what] ?? ""} onChange={(e) => set({ [what]: e.target.value })} />
            </Field>
            <Field label="runs out on">
              <DayBox
                value={entry[`${what}Due`] ?? ""}
                onChange={(day) => set({ [`${what}Due`]: day || undefined })}
              />
            </Field>
          </div>
        ))}
      </div>
      <p className="mt-3 text-[13.5px] text-soft">
        Whether wood may be moved or a variety propagated is decided by the plant-health authority and the
        holder of the right, not here.
      </p>
      <Trouble problem={problem} />
      <Button strong type="submit" className="mt-3" disabled={busy || !entry.name}>
        Keep it
      </Button>
    </form>
  );
}
