import { X } from "lucide-react";
import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import api, { told } from "../api/client";
import { failed } from "../undo";
import { type Choices, lengthNumber, useChoices } from "../units";

const MOST_MM = 40;

/** Writes into the box that was typed in last and presses Enter, as a calliper on a cable does. */
function typeInto(box: HTMLInputElement, text: string) {
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
  box.focus();
  set?.call(box, text);
  box.dispatchEvent(new Event("input", { bubbles: true }));
  box.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true, cancelable: true }));
}

const asTyped = (mm: number, unit: Choices["length"]) =>
  unit === "mm" ? String(mm) : lengthNumber(mm, "decimal");

/** A stand-in for a calliper: slide the jaw onto the stem, send, and the reading is typed where you were. */
export function Calliper({ onClose }: { onClose: () => void }) {
  const { length } = useChoices();
  const [jaws, setJaws] = useState(7.4);
  const [read, setRead] = useState<number>();
  const box = useRef<HTMLInputElement | undefined>(undefined);
  const readings = useRef(Promise.resolve());
  useEffect(() => {
    const remember = (event: FocusEvent) => {
      const at = event.target;
      if (at instanceof HTMLInputElement && at.inputMode === "decimal") box.current = at;
    };
    document.addEventListener("focusin", remember);
    return () => document.removeEventListener("focusin", remember);
  }, []);
  const typed = async (jawsMm: number, at: HTMLInputElement | undefined) => {
    try {
      const { mm } = await told(api.GET("/api/calliper", { params: { query: { jawsMm } } }));
      setRead(mm);
      if (at?.isConnected) typeInto(at, asTyped(mm, length));
    } catch (problem) {
      failed(problem);
    }
  };
  // One reading after the other, however slow an answer is: what was sent first is typed first, where it was sent.
  const send = () => {
    const at = box.current;
    readings.current = readings.current.then(() => typed(jaws, at));
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== "Enter") return;
    event.preventDefault();
    send();
  };
  const x = 26 + (jaws / MOST_MM) * 190;
  return (
    <section
      aria-label="Calliper stand-in"
      className="fixed right-6 bottom-6 z-30 w-[268px] rounded border border-line bg-surface p-3 shadow-lg max-sm:right-2 max-sm:bottom-14 print:hidden"
    >
      <div className="flex items-center justify-between">
        <h2 className="font-semibold text-[14px]">Calliper, a stand-in</h2>
        <button
          type="button"
          aria-label="Put the calliper away"
          className="min-h-6 min-w-6 text-soft max-sm:min-h-11 max-sm:min-w-11"
          onClick={onClose}
        >
          <X size={16} aria-hidden className="mx-auto" />
        </button>
      </div>
      <svg width={240} height={62} aria-hidden className="mt-1 block">
        <rect x={14} y={6} width={216} height={12} rx={2} fill="var(--line)" />
        {[0, 5, 10, 15, 20, 25, 30, 35, 40].map((mm) => (
          <line key={mm} x1={26 + mm * 4.75} x2={26 + mm * 4.75} y1={12} y2={18} stroke="var(--soft)" />
        ))}
        <path d="M14 6 H26 V54 L20 60 V18 H14 Z" fill="var(--soft)" />
        <path d={`M${x} 4 H${x + 26} V20 H${x + 6} V60 L${x} 54 Z`} fill="var(--sea)" />
        <ellipse
          cx={(26 + x) / 2}
          cy={40}
          rx={Math.max(1, (x - 26) / 2)}
          ry={13}
          fill="var(--stickwood)"
          stroke="var(--stickbark)"
          strokeWidth={3}
        />
      </svg>
      <input
        type="range"
        min={2}
        max={MOST_MM}
        step={0.1}
        value={jaws}
        aria-label="Jaw, mm"
        className="w-full accent-(--sea) max-sm:min-h-11"
        onChange={(e) => setJaws(Number(e.target.value))}
        onKeyDown={onKey}
      />
      <div className="flex items-center justify-between gap-2 text-[14px]">
        <span>
          <b className="code">{jaws.toFixed(1)}</b> open
          {read !== undefined && (
            <>
              , last sent <b className="code">{read}</b>
            </>
          )}
        </span>
        <button
          type="button"
          className="min-h-9 rounded border border-sea px-3 font-semibold text-sea max-sm:min-h-11"
          onClick={send}
        >
          Send
        </button>
      </div>
      <p className="mt-1 text-[13px] text-soft">It types where you were last, and presses Enter.</p>
    </section>
  );
}
