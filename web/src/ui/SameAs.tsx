import { useState } from "react";
import { Field, Select } from "./fields";
import { Button, Trouble } from "./parts";
import { useSend } from "./useSend";

interface Props {
  /** What it may turn out to be the same as. */
  others: { id: number; name: string }[];
  /** What follows, in a sentence. */
  follows: string;
  onSame: (id: number) => Promise<unknown>;
}

/** Two that turn out to be one: all that hangs on the one hangs on the other afterwards; it can be taken back. */
export function SameAs({ others, follows, onSame }: Props) {
  const [id, setId] = useState("");
  const { send, problem, busy } = useSend();
  const other = others.find((o) => String(o.id) === id);
  if (others.length === 0) return null;
  return (
    <div className="w-full">
      <div className="flex flex-wrap items-end gap-2">
        <div className="min-w-[150px] flex-1">
          <Field label="Is the same as">
            <Select value={id} onChange={(e) => setId(e.target.value)}>
              <option value="">none of the others</option>
              {others.map((o) => (
                <option key={o.id} value={o.id}>
                  {o.name}
                </option>
              ))}
            </Select>
          </Field>
        </div>
        {other && (
          <Button disabled={busy} onClick={() => send(() => onSame(other.id))}>
            Make them one
          </Button>
        )}
      </div>
      {other && (
        <p className="mt-1 text-[14px] text-soft">
          {follows} {other.name}. It can be taken back.
        </p>
      )}
      <Trouble problem={problem} />
    </div>
  );
}
