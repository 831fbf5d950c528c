import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { useFarm } from "../api/queries";
import { Field, Input, Select } from "../ui/fields";
import { PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { clock, type DayView, ROLES, type Role, readClock } from "./dayApi";

type Entry = Schemas["day.TeamEntry"];

const times = (low: number, high: number) =>
  high - low < 0.02 ? low.toFixed(2) : `${low.toFixed(2)}–${high.toFixed(2)}`;

/** Who works on the day, as what, from when; each change is kept at once. */
export function TeamForm({ day }: { day: DayView }) {
  const farm = useFarm();
  const { send, problem, busy, errorOf } = useSend();
  const { team } = day;
  const lanes = team.lanes.filter((lane) => lane.personId !== undefined);
  const entry: Entry = {
    beginsMinute: team.beginsMinute,
    pause: team.pause,
    hands: lanes.map((l) => ({ personId: l.personId ?? 0, role: l.role, fromMinute: l.fromMinute })),
  };
  const save = (change: Partial<Entry>) =>
    send(async () => {
      const params = { path: { day: day.day } };
      const saved = await told(
        api.PUT("/api/bench-days/{day}/team", { params, body: { ...entry, ...change } }),
      );
      done(saved.sentence, saved.actId);
    });
  const hand = (id: number, change: Partial<Entry["hands"][number]>) =>
    save({ hands: entry.hands.map((h) => (h.personId === id ? { ...h, ...change } : h)) });
  const free = (farm.data?.people ?? []).filter((p) => !lanes.some((l) => l.personId === p.id));
  return (
    <section aria-label="Team">
      <PartHeading>Who works</PartHeading>
      {lanes.length === 0 && (
        <p className="text-[15px] text-soft">
          Nobody is named yet: reckoned for one person who does all of it.
        </p>
      )}
      {lanes.map((lane) => (
        <div key={lane.personId} className="border-line border-t py-1.5">
          <div className="grid grid-cols-[1fr_132px_72px_auto] items-end gap-2">
            <b className="self-center truncate text-[15px]">{lane.name}</b>
            <Select
              aria-label={`What ${lane.name} does`}
              value={lane.role}
              disabled={busy}
              onChange={(e) => hand(lane.personId ?? 0, { role: e.target.value as Role })}
            >
              {ROLES.map(([key, words]) => (
                <option key={key} value={key}>
                  {words}
                </option>
              ))}
            </Select>
            <TimeBox
              label={`${lane.name} comes at`}
              minutes={team.beginsMinute + lane.fromMinute}
              onTime={(at) => hand(lane.personId ?? 0, { fromMinute: Math.max(0, at - team.beginsMinute) })}
            />
            <button
              type="button"
              aria-label={`${lane.name} is not there`}
              className="min-h-8 min-w-8 text-sea"
              onClick={() => save({ hands: entry.hands.filter((h) => h.personId !== lane.personId) })}
            >
              ✕
            </button>
          </div>
          <p className="text-[13.5px] text-soft">
            {lane.pace.times > 0
              ? `takes ${times(lane.pace.low, lane.pace.high)} times as long as usual, from ${lane.pace.times} timed grafts`
              : "no own times yet"}
            {lane.idle > 0.02 ? `; waits ${Math.round(lane.idle * 100)} % of the time` : ""}
          </p>
        </div>
      ))}
      {free.length > 0 && (
        <div className="mt-2 max-w-[220px]">
          <Select
            aria-label="Somebody more"
            value=""
            disabled={busy}
            onChange={(e) =>
              save({
                hands: [...entry.hands, { personId: Number(e.target.value), role: "WHOLE", fromMinute: 0 }],
              })
            }
          >
            <option value="">somebody more</option>
            {free.map((person) => (
              <option key={person.id} value={person.id}>
                {person.name}
              </option>
            ))}
          </Select>
        </div>
      )}
      <div className="mt-3 grid grid-cols-3 gap-2">
        <Field label="Begins at">
          <TimeBox
            label="The day begins at"
            minutes={team.beginsMinute}
            onTime={(at) => save({ beginsMinute: at })}
          />
        </Field>
        <Field label="Pause from" error={errorOf("pause")}>
          <TimeBox
            label="Pause from"
            minutes={team.pause?.from}
            onTime={(at) => save({ pause: { from: at, until: Math.max(at + 30, team.pause?.until ?? 0) } })}
            onNone={() => save({ pause: undefined })}
          />
        </Field>
        <Field label="until">
          <TimeBox
            label="Pause until"
            minutes={team.pause?.until}
            onTime={(at) => team.pause && save({ pause: { from: team.pause.from, until: at } })}
          />
        </Field>
      </div>
      <Trouble problem={problem} />
    </section>
  );
}

interface TimeBoxProps {
  label: string;
  minutes?: number;
  onTime: (minutes: number) => void;
  onNone?: () => void;
}

/** A time of day, kept when the box is left or Enter is pressed; what cannot be read stays and is said. */
function TimeBox({ label, minutes, onTime, onNone }: TimeBoxProps) {
  const shown = minutes === undefined ? "" : clock(minutes);
  const [text, setText] = useState<string>();
  const [wrong, setWrong] = useState(false);
  const leave = () => {
    if (text === undefined || text.trim() === shown) return setText(undefined);
    if (text.trim() === "" && onNone) {
      onNone();
      return setText(undefined);
    }
    const read = readClock(text);
    setWrong(read === undefined);
    if (read === undefined) return;
    setText(undefined);
    onTime(read);
  };
  return (
    <>
      <Input
        aria-label={label}
        aria-invalid={wrong}
        value={text ?? shown}
        placeholder="none"
        onChange={(e) => setText(e.target.value)}
        onBlur={leave}
        onKeyDown={(e) => e.key === "Enter" && leave()}
      />
      {wrong && (
        <span role="alert" className="text-[13px] text-alarm">
          a time such as 7:30
        </span>
      )}
    </>
  );
}
