import { useEffect, useRef, useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

type How = Schemas["place.PlantLeft"]["how"];

const WAYS: [How, string][] = [
  ["DEAD", "it died"],
  ["SOLD", "sold"],
  ["GIVEN", "given away"],
  ["TAKEN_OFF", "it should not be on the lists"],
];

/** A plant leaves the farm, and how; where a graft lives on it that is said first, and asked. */
export function LeaveFarm({ plant, onGone }: { plant: Schemas["place.Plant"]; onGone: () => void }) {
  const { send, problem, busy, errorOf } = useSend();
  const [open, setOpen] = useState(false);
  const [how, setHow] = useState<How>("DEAD");
  const [to, setTo] = useState("");
  const [day, setDay] = useState("");
  const asks = problem?.fields.some((f) => f.field === "withGrafts");
  // What is asked back, and its buttons, may lie below the edge of what the form stands in.
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (open || problem) form.current?.scrollIntoView({ block: "end" });
  }, [open, problem]);
  const toSomebody = how === "SOLD" || how === "GIVEN";
  const leave = async () => {
    const body = {
      how,
      day: day || undefined,
      to: toSomebody ? to.trim() || undefined : undefined,
      withGrafts: asks || undefined,
    };
    const left = await send(() =>
      told(api.POST("/api/plants/{id}/gone", { params: { path: { id: plant.id } }, body })),
    );
    if (!left) return;
    done(`${plant.code} has left the farm; its history stays`, left.actId);
    onGone();
  };
  if (!open)
    return (
      <button
        data-does="POST /api/plants/{id}/gone"
        type="button"
        className="min-h-9 text-[14.5px] text-sea underline max-sm:min-h-11"
        onClick={() => setOpen(true)}
      >
        This plant leaves the farm; its history stays
      </button>
    );
  return (
    <form
      ref={form}
      className="grid gap-2 border-line border-t pt-2"
      onSubmit={(e) => {
        e.preventDefault();
        leave();
      }}
    >
      <div className="grid grid-cols-2 gap-2">
        <Field label="How it leaves">
          <Select value={how} onChange={(e) => setHow(e.target.value as How)}>
            {WAYS.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="When" error={errorOf("day")}>
          <DayBox value={day} onChange={setDay} past placeholder="today" />
        </Field>
      </div>
      {toSomebody && (
        <>
          <Field label="To whom" error={errorOf("to")}>
            <Input value={to} maxLength={120} onChange={(e) => setTo(e.target.value)} />
          </Field>
          <p className="text-[14px] text-soft">
            Moving or selling plants, and varieties with a plant right, can need a permit: ask your authority
            first.
          </p>
        </>
      )}
      <Trouble problem={problem} />
      <div className="flex gap-2">
        <Button strong type="submit" disabled={busy}>
          {asks ? "It leaves with its grafts" : "It leaves"}
        </Button>
        <Button onClick={() => setOpen(false)}>It stays</Button>
      </div>
    </form>
  );
}
