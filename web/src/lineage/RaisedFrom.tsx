import { useState } from "react";
import api, { told } from "../api/client";
import { Field, Select } from "../ui/fields";
import { Button, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { useShelf, useSources } from "../wood/woodApi";

/** What a plant was raised from; a circle is refused with its path. */
export function RaisedFrom({ plantKey }: { plantKey: string }) {
  const sources = useSources();
  const shelf = useShelf();
  const { send, problem, busy } = useSend();
  const [from, setFrom] = useState("");
  const keep = () =>
    send(async () => {
      const body = { plantId: Number(plantKey.split("-")[1]), fromKey: from };
      const kept = await told(api.POST("/api/lineage/parents", { body }));
      done(kept.sentence, kept.actId);
      setFrom("");
    });
  return (
    <div data-does="POST /api/lineage/parents">
      <PartHeading>Raised from</PartHeading>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <Field label="Plant, source or lot">
          <Select value={from} onChange={(e) => setFrom(e.target.value)}>
            <option value="">choose</option>
            {(sources.data ?? []).map((s) => (
              <option key={s.key} value={s.key}>
                {s.name}
                {s.varietyName ? `, ${s.varietyName}` : ""}
              </option>
            ))}
            {(shelf.data?.lots ?? []).map((lot) => (
              <option key={lot.code} value={`LOT-${lot.id}`}>
                {lot.code}, {lot.varietyName}
              </option>
            ))}
          </Select>
        </Field>
        <Button disabled={busy || !from} onClick={keep}>
          Write it
        </Button>
      </div>
      <Trouble problem={problem} />
    </div>
  );
}
