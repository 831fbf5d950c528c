import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";
import { dayWords } from "../days";
import { Field, Input, Select } from "../ui/fields";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { lengthWords, useChoices } from "../units";
import { useShelf } from "../wood/woodApi";

/** What a graft was truly made of: the stem it stands on and its wood. */
export function PutPartsRight({ graft, onDone }: { graft: Schemas["bench.Graft"]; onDone: () => void }) {
  const { send, problem, busy, errorOf } = useSend();
  const [stemId, setStemId] = useState(String(graft.stemId));
  const [lotId, setLotId] = useState(graft.lotId ? String(graft.lotId) : "");
  const [from, setFrom] = useState(graft.lotId ? "" : graft.woodSource);
  const save = () =>
    send(async () => {
      const put = await told(
        api.PUT("/api/grafts/{code}/parts", {
          params: { path: { code: graft.code } },
          body: {
            stemId: Number(stemId),
            lotId: lotId ? Number(lotId) : undefined,
            woodSource: lotId ? undefined : from,
            version: graft.version,
          },
        }),
      );
      done([put.sentence, ...put.warnings].join(". "), put.actId);
      onDone();
    });
  return (
    <form
      className="mt-5 grid grid-cols-2 gap-x-5 gap-y-3 border-line border-t pt-3 max-sm:grid-cols-1"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <StemChoice graft={graft} stemId={stemId} onStem={setStemId} />
      <LotChoice graft={graft} lotId={lotId} error={errorOf("lotId")} onLot={setLotId} />
      {lotId === "" && (
        <Field label="Wood from" error={errorOf("woodSource")}>
          <Input value={from} maxLength={200} onChange={(e) => setFrom(e.target.value)} />
        </Field>
      )}
      <div className="col-span-full flex flex-wrap items-center gap-3">
        <Button type="submit" disabled={busy}>
          Put stock and wood right
        </Button>
        <Trouble problem={problem} />
      </div>
    </form>
  );
}

function StemChoice(props: { graft: Schemas["bench.Graft"]; stemId: string; onStem: (id: string) => void }) {
  const { graft } = props;
  const { length } = useChoices();
  const [search, setSearch] = useState("");
  const free = useQuery({
    queryKey: ["free", graft.plantSpeciesKey, search],
    placeholderData: lastOf("free", graft.plantSpeciesKey),
    queryFn: () =>
      told(
        api.GET("/api/grafts/free-stems", {
          params: { query: { speciesKey: graft.plantSpeciesKey, search: search || undefined } },
        }),
      ),
  });
  return (
    <div className="grid content-start gap-2">
      <Field label="On which stock">
        <Select value={props.stemId} onChange={(e) => props.onStem(e.target.value)}>
          <option value={graft.stemId}>{graft.plantCode}, as it stands</option>
          {(free.data ?? []).map((f) => (
            <option key={f.stemId} value={f.stemId}>
              {f.plantCode}
              {f.label === "1" ? "" : ` · ${f.label}`}, {f.spotName} {lengthWords(f.diameterMm, length)}
            </option>
          ))}
        </Select>
      </Field>
      <Input
        aria-label="Find a stock"
        placeholder="find a stock by code or place"
        value={search}
        onChange={(e) => setSearch(e.target.value)}
      />
    </div>
  );
}

function LotChoice(props: {
  graft: Schemas["bench.Graft"];
  lotId: string;
  error?: string;
  onLot: (id: string) => void;
}) {
  const { graft } = props;
  const own = (useShelf().data?.lots ?? []).filter((lot) => lot.varietyId === graft.varietyId);
  const gone = graft.lotId !== undefined && !own.some((lot) => lot.id === graft.lotId);
  return (
    <Field label="Wood" error={props.error}>
      <Select value={props.lotId} onChange={(e) => props.onLot(e.target.value)}>
        <option value="">no lot</option>
        {gone && <option value={graft.lotId}>{graft.lotCode}</option>}
        {own.map((lot) => (
          <option key={lot.id} value={lot.id} disabled={lot.refusal !== undefined && lot.id !== graft.lotId}>
            {lot.code}, cut {dayWords(lot.cutOn)}
            {lot.refusal ? ", held" : ""}
          </option>
        ))}
      </Select>
    </Field>
  );
}
