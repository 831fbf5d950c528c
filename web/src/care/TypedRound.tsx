import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { Overlay } from "../ui/Overlay";
import { Button } from "../ui/parts";
import { isDay } from "../ui/readDay";
import { lengthUnit, useChoices } from "../units";
import { answer } from "./answer";
import { SeenOn } from "./SeenOn";
import { type BadLine, readTyped, type TypedLine } from "./typedLines";

type Stop = Schemas["care.Stop"];

interface Props {
  open: boolean;
  /** What is due, so that most codes are known. */
  stops: Stop[];
  onClose: () => void;
}

/** The ticks of a round on paper typed in, a line a graft. What is taken leaves the box; what is not stays with its reason. */
export function TypedRound({ open, stops, onClose }: Props) {
  const { personId, length } = useChoices();
  const [text, setText] = useState("");
  const [seenOn, setSeenOn] = useState("");
  const [bad, setBad] = useState<BadLine[]>([]);
  const [busy, setBusy] = useState(false);

  const grafts = async (line: TypedLine) => {
    const due = stops.find((stop) => stop.graft.code === line.code);
    if (due) return due.graft;
    const sheet = await told(api.GET("/api/grafts/{code}", { params: { path: { code: line.code } } }));
    return sheet.stop.graft;
  };
  const one = async (line: TypedLine): Promise<BadLine | undefined> => {
    try {
      const graft = await grafts(line);
      const more = {
        personId,
        note: line.note,
        lengthMm: line.lengthMm,
        seenOn: isDay(seenOn) ? seenOn : undefined,
      };
      const answered = await answer([graft], line.sign, more);
      if ("asked" in answered) return { line: line.line, why: answered.asked };
      return "refused" in answered ? { line: line.line, why: answered.refused } : undefined;
    } catch (e) {
      return { line: line.line, why: (e as Error).message };
    }
  };
  const take = async () => {
    setBusy(true);
    const read = readTyped(text, length);
    const left: BadLine[] = [...read.bad];
    for (const line of read.lines) {
      const why = await one(line);
      if (why) left.push(why);
    }
    setBad(left);
    setText(left.map((line) => line.line).join("\n"));
    setBusy(false);
    if (left.length === 0) onClose();
  };
  return (
    <Overlay open={open} title="Type in a round" onClose={onClose}>
      <p className="mb-2 text-[15px]">
        A line a graft: its code, the letter that was ticked, how long it is in {lengthUnit(length)} if it was
        measured, and a word. For instance <span className="code">TE-26-004 L 120 pale</span>.
      </p>
      <textarea
        aria-label="The lines"
        className="code h-44 w-full rounded border border-edge bg-surface p-2 text-[15px]"
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      {bad.length > 0 && (
        <div role="alert">
          <ul className="mt-1 text-[14.5px] text-alarm">
            {bad.map((line) => (
              <li key={line.line}>
                <b className="code">{line.line}</b>: {line.why}
              </li>
            ))}
          </ul>
        </div>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <div className="w-[170px]">
          <SeenOn value={seenOn} onChange={setSeenOn} />
        </div>
        <Button strong disabled={busy || !text.trim()} onClick={take}>
          {busy ? "Being written down …" : "Write it down"}
        </Button>
      </div>
    </Overlay>
  );
}
