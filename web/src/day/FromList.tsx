import { useState } from "react";
import api, { told } from "../api/client";
import { useLists } from "../fit/fitApi";
import { Field, Select } from "../ui/fields";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

/** Lines from what was prepared at the fit bench, each stem with its lot; nothing where no list is open. */
export function FromList({ day, onClose }: { day: string; onClose: () => void }) {
  const lists = (useLists().data ?? []).filter((list) => list.open > 0);
  const [chosen, setChosen] = useState("");
  const { send, problem, busy } = useSend();
  if (lists.length === 0) return null;
  const take = () =>
    send(async () => {
      const params = { path: { day, listId: Number(chosen) } };
      const planned = await told(api.POST("/api/bench-days/{day}/lists/{listId}", { params }));
      done(planned.sentence, planned.actId);
      onClose();
    });
  return (
    <div className="mb-4 border-line border-b pb-3">
      <Field label="From a prepared list">
        <Select value={chosen} onChange={(e) => setChosen(e.target.value)}>
          <option value="">none, say it below</option>
          {lists.map((list) => (
            <option key={list.id} value={list.id}>
              {list.name}, {list.open} open
            </option>
          ))}
        </Select>
      </Field>
      {chosen && (
        <Button
          data-does="POST /api/bench-days/{day}/lists/{listId}"
          className="mt-2"
          disabled={busy}
          onClick={take}
        >
          Take what is open on it
        </Button>
      )}
      <Trouble problem={problem} />
    </div>
  );
}
