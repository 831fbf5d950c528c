import { useState } from "react";
import api, { told } from "../api/client";
import { useFarm, useSpots } from "../api/queries";
import { Field, Input, Select } from "../ui/fields";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { useSources } from "../wood/woodApi";

/** A plant moved to another place, or a visitor who came into one. */
export function MoveForm({ onDone }: { onDone: () => void }) {
  const farm = useFarm();
  const spots = useSpots();
  const sources = useSources();
  const { send, problem, busy } = useSend();
  const [plantId, setPlantId] = useState("");
  const [visitor, setVisitor] = useState("");
  const [to, setTo] = useState("");
  const move = () =>
    send(async () => {
      const body = {
        plantId: plantId ? Number(plantId) : undefined,
        visitor: visitor || undefined,
        day: farm.data?.today ?? "",
        toSpotId: Number(to),
      };
      const moved = await told(api.POST("/api/lineage/moves", { body }));
      done(moved.sentence, moved.actId);
      onDone();
    });
  return (
    <form
      data-does="POST /api/lineage/moves"
      className="mt-3 grid gap-2.5"
      onSubmit={(event) => {
        event.preventDefault();
        move();
      }}
    >
      <Field label="Plant">
        <Select value={plantId} disabled={visitor !== ""} onChange={(e) => setPlantId(e.target.value)}>
          <option value="">none: a visitor</option>
          {(sources.data ?? [])
            .filter((s) => s.plantId !== undefined)
            .map((s) => (
              <option key={s.key} value={s.plantId}>
                {s.name}, {s.where}
              </option>
            ))}
        </Select>
      </Field>
      <Field label="Visitor">
        <Input
          value={visitor}
          maxLength={120}
          disabled={plantId !== ""}
          onChange={(e) => setVisitor(e.target.value)}
        />
      </Field>
      <Field label="Into">
        <Select value={to} onChange={(e) => setTo(e.target.value)}>
          <option value="">choose a place</option>
          {(spots.data ?? []).map((s) => (
            <option key={s.id} value={s.id}>
              {s.name}
              {s.insectProof ? ", insect-proof" : ""}
            </option>
          ))}
        </Select>
      </Field>
      <Trouble problem={problem} />
      <Button strong type="submit" disabled={busy || !to || (!plantId && !visitor)}>
        Write it
      </Button>
    </form>
  );
}
