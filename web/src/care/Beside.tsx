import { type ReactNode, useRef } from "react";
import { BOX } from "../ui/box";
import { useCommands } from "../ui/commands";
import { going } from "../ui/going";
import { Button } from "../ui/parts";
import { lengthNumber, lengthUnit, useChoices } from "../units";
import { AS_LONG_AS, type useAnswering } from "./useAnswering";

type Answering = ReturnType<typeof useAnswering>;

/** What is told beside an answer: how long it is, a few words. Told first, it goes with the next answer. */
export function Beside({ answering, children }: { answering: Answering; children?: ReactNode }) {
  const { length } = useChoices();
  const box = useRef<HTMLInputElement>(null);
  const words = useRef<HTMLInputElement>(null);
  const { size, setSize, note, setNote, unread } = answering;
  useCommands(
    going("POST /api/looks", [
      ...AS_LONG_AS.map((one) => ({
        key: one.key,
        words: `as long as ${one.words}`,
        run: () => setSize(lengthNumber(one.mm, length)),
      })),
      { key: "r", words: "type how long it is", run: () => box.current?.focus() },
      { key: ";", words: "a few words beside", run: () => words.current?.focus() },
    ]),
  );
  return (
    <div
      data-does="POST /api/looks"
      className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1.5 text-[14.5px]"
    >
      <span className="text-soft">as long as</span>
      {AS_LONG_AS.map((one) => {
        const on = size === lengthNumber(one.mm, length);
        return (
          <button
            key={one.key}
            type="button"
            aria-pressed={on}
            onClick={() => setSize(on ? "" : lengthNumber(one.mm, length))}
            className={`min-h-8 border-b-2 px-0.5 max-sm:min-h-11 ${on ? "border-sea font-semibold" : "border-edge"}`}
          >
            {one.words}
          </button>
        );
      })}
      <label className="flex items-center gap-1.5">
        <span className="whitespace-nowrap text-soft">or {lengthUnit(length)}</span>
        <input
          ref={box}
          className={`${BOX} !w-20`}
          inputMode="decimal"
          aria-label={`How long its longest shoot is, ${lengthUnit(length)}`}
          aria-invalid={unread}
          value={size}
          onChange={(e) => setSize(e.target.value)}
          onKeyDown={(e) => e.key === "Enter" && box.current?.blur()}
        />
      </label>
      <label className="flex min-w-[200px] flex-1 items-center gap-1.5">
        <span className="whitespace-nowrap text-soft">a word</span>
        <input
          ref={words}
          className={`${BOX} flex-1`}
          maxLength={4000}
          aria-label="A few words beside"
          value={note}
          onChange={(e) => setNote(e.target.value)}
          onKeyDown={(e) => e.key === "Enter" && words.current?.blur()}
        />
      </label>
      {children}
      {unread && (
        <p role="alert" className="w-full font-semibold text-alarm">
          “{size}” is no length from {lengthNumber(1, length)} to {lengthNumber(5000, length)}{" "}
          {lengthUnit(length)}.
        </p>
      )}
    </div>
  );
}

/** What is asked back about an answer that does not fit. */
export function AskedBack({ answering }: { answering: Answering }) {
  if (!answering.waiting) return null;
  return (
    <div
      role="alertdialog"
      aria-label="Asked back"
      className="my-2 border-alarm border-l-4 bg-surface px-3 py-2"
    >
      <p className="font-semibold">{answering.waiting.question}</p>
      <div className="mt-1.5 flex gap-2">
        <Button strong onClick={answering.itIsSo}>
          It is so
        </Button>
        <Button onClick={answering.notSo}>A slip</Button>
      </div>
    </div>
  );
}
