import type { KeyboardEvent } from "react";
import { lengthNumber, lengthWords, useChoices } from "../units";
import { PX_PER_MM, type Rod } from "./rods";

const HIGH = 92;
const WIDE = 44;
/** A stick nobody measured is drawn as thick as this, and dashed. */
const UNKNOWN_MM = 7;

interface Props {
  rods: Rod[];
  buds: number;
  /** Sticks beside those drawn. */
  more: number;
  chosen: number;
  onChoose: (rod: number) => void;
}

/** A lot's sticks as rods of their true thickness; the one in hand is held up, what is used goes hollow. */
export function Rods({ rods, buds, more, chosen, onChoose }: Props) {
  const { length } = useChoices();
  return (
    <div
      role="radiogroup"
      aria-label="Sticks of the lot"
      className="flex flex-wrap items-end"
      onKeyDown={onArrows}
    >
      {rods.map((rod, at) => (
        // biome-ignore lint/a11y/useSemanticElements: a rod is drawn, not a dot
        <button
          key={rod.key}
          type="button"
          role="radio"
          aria-checked={at === chosen}
          tabIndex={at === chosen || (chosen < 0 && at === 0) ? 0 : -1}
          disabled={rod.used}
          aria-label={
            rod.used ? "used" : rod.mm ? `stick of ${lengthWords(rod.mm, length)}` : "stick not measured"
          }
          className="group flex min-h-11 w-[44px] flex-col items-center"
          onClick={() => onChoose(at)}
        >
          <RodDrawn rod={rod} buds={buds} held={at === chosen} />
          <span className={`code text-[12.5px] ${at === chosen ? "font-bold text-ink" : "text-soft"}`}>
            {rod.used ? "" : rod.mm ? lengthNumber(rod.mm, length) : "?"}
          </span>
        </button>
      ))}
      {more > 0 && <span className="w-full text-[14px] text-soft">and {more} more</span>}
    </div>
  );
}

function RodDrawn({ rod, buds, held }: { rod: Rod; buds: number; held: boolean }) {
  const wide = (rod.mm ?? UNKNOWN_MM) * PX_PER_MM;
  const left = (WIDE - wide) / 2;
  const top = held ? 2 : 12;
  const high = HIGH - top;
  return (
    <svg width={WIDE} height={HIGH} aria-hidden>
      <rect
        x={left}
        y={top}
        width={wide}
        height={high - 1}
        rx={3}
        fill={rod.used ? "none" : rod.mm ? "var(--stickbark)" : "var(--surface)"}
        stroke={held ? "var(--ink)" : "var(--edge)"}
        strokeWidth={held ? 2 : 1}
        strokeDasharray={rod.used || !rod.mm ? "3 3" : undefined}
      />
      {!rod.used && rod.mm && (
        <rect
          x={left + wide * 0.62}
          y={top + 3}
          width={wide * 0.16}
          height={high - 8}
          rx={2}
          fill="var(--stickwood)"
        />
      )}
      {!rod.used &&
        Array.from({ length: Math.min(buds, 6) }, (_, i) => {
          const y = top + (high * (i + 0.7)) / (Math.min(buds, 6) + 0.4);
          const out = i % 2 === 0 ? left : left + wide;
          return <ellipse key={y} cx={out} cy={y} rx={2.6} ry={4} fill="var(--leaf)" />;
        })}
      {held && <rect x={0} y={HIGH - 3} width={WIDE} height={3} fill="var(--lamp)" />}
    </svg>
  );
}

/** The arrows go from one to the next of what can be pressed in a group. */
export function onArrows(event: KeyboardEvent<HTMLElement>) {
  const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
  if (!step) return;
  const all = [...event.currentTarget.querySelectorAll<HTMLElement>("button:not([disabled])")];
  const next = all[all.indexOf(document.activeElement as HTMLElement) + step];
  if (!next) return;
  event.preventDefault();
  next.focus();
  if (next.getAttribute("role") === "radio") next.click();
}
