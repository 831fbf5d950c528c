import { useEffect, useRef } from "react";
import type { Schemas } from "../api/client";
import { KIND_NAMES, LineageGlyph } from "../drawings/LineageGlyph";
import { STANDING_WORDS } from "../wood/words";
import { CARD, COLUMN, type Placed, placed, ROW } from "./layout";

interface Props {
  view: Schemas["lineage.LineageView"];
  marked?: string;
  onMark: (id: string) => void;
  onFocus: (key: string) => void;
}

/** The parentage around one member as limbs of a tree: forebears to the left, what came of it to the right, the clean way green. */
export function LineageField({ view, marked, onMark, onFocus }: Props) {
  const { cards, width, height } = placed(view);
  const box = useRef<HTMLDivElement>(null);
  const focus = cards.find((card) => card.id === view.focus.member.key);
  useEffect(() => {
    if (box.current && focus) box.current.scrollLeft = focus.x - COLUMN;
  }, [focus]);
  const by = new Map(cards.map((card) => [card.id, card]));
  return (
    <div ref={box} className="overflow-x-auto pt-2 pb-3">
      <div className="relative" style={{ width, height }}>
        <svg width={width} height={height} aria-hidden className="absolute inset-0">
          {view.links.map((link) => {
            const [a, b] = [by.get(link.fromKey), by.get(link.toKey)];
            return a && b ? (
              <Line key={link.fromKey + link.toKey} a={a} b={b} clean={link.onCleanPath} />
            ) : null;
          })}
          {cards
            .filter((card) => card.stack)
            .map((card) => {
              const at = by.get(card.stack?.atKey ?? "");
              if (!at) return null;
              const [a, b] = card.stack?.forebears ? [card, at] : [at, card];
              return <Line key={card.id} a={a} b={b} clean={false} />;
            })}
        </svg>
        {cards.map((card) => (
          <Card
            key={card.id}
            card={card}
            focus={card === focus}
            marked={card.id === marked}
            onMark={onMark}
            onFocus={onFocus}
          />
        ))}
      </div>
    </div>
  );
}

/** Where the limb of a card runs, under its words. */
const LIMB = ROW - 11;

/** A branch from one limb to the next, thicker toward the root. */
function Line({ a, b, clean }: { a: Placed; b: Placed; clean: boolean }) {
  const [ax, ay, bx, by] = [a.x + CARD, a.y + LIMB, b.x, b.y + LIMB];
  const bend = ax < bx ? (ax + bx) / 2 : ax + 14;
  const thick = clean ? 4 : Math.max(1.6, 3.4 - 0.6 * Math.max(0, b.column));
  return (
    <path
      d={`M${ax} ${ay} C${bend} ${ay} ${bend} ${by} ${bx} ${by}`}
      fill="none"
      stroke={clean ? "var(--leaf)" : "var(--stage-R)"}
      strokeWidth={thick}
      strokeLinecap="round"
      opacity={clean ? 1 : 0.7}
    />
  );
}

interface CardProps {
  card: Placed;
  focus: boolean;
  marked: boolean;
  onMark: (id: string) => void;
  onFocus: (key: string) => void;
}

function Card({ card, focus, marked, onMark, onFocus }: CardProps) {
  const style = { left: card.x, top: card.y, width: CARD, height: ROW - 8 };
  const edge = focus ? "border-ink bg-surface" : marked ? "border-sea bg-surface" : "border-[var(--stage-R)]";
  if (card.stack) {
    const { stack } = card;
    return (
      <button
        type="button"
        aria-pressed={marked}
        className={`absolute flex flex-col justify-end border-b-[3px] border-dashed px-1.5 text-left text-[13.5px] leading-tight hover:border-sea ${edge}`}
        style={style}
        onClick={() => onMark(card.id)}
      >
        <b className="font-semibold">
          and {stack.count} {KIND_NAMES[stack.kind]}
          {stack.count === 1 ? "" : "s"}
        </b>
        <span className={stack.held ? "font-semibold text-alarm" : "text-soft"}>
          {stack.held ? `${stack.held} held` : "list them"}
        </span>
      </button>
    );
  }
  const drawn = card.member;
  if (!drawn) return null;
  const { member } = drawn;
  const bad = drawn.held || ["SUSPECT", "POSITIVE"].includes(drawn.standing);
  return (
    <button
      type="button"
      aria-pressed={marked}
      className={`absolute flex flex-col justify-end border-b-[3px] px-1.5 text-left text-[12.5px] leading-tight hover:border-sea ${edge}`}
      style={style}
      onClick={() => onMark(card.id)}
      onDoubleClick={() => onFocus(member.key)}
    >
      <span className={`flex items-center gap-1 ${bad ? "text-alarm" : ""}`}>
        <LineageGlyph kind={member.kind} />
        <span className="sr-only">{KIND_NAMES[member.kind]}</span>
        <b className="code truncate text-[13px]">{member.code}</b>
        {drawn.more > 0 && <span className="ml-auto text-soft">+{drawn.more}</span>}
      </span>
      <span className={`block truncate ${bad ? "font-semibold text-alarm" : "text-soft"}`}>
        {drawn.held ? "held" : bad ? STANDING_WORDS[drawn.standing] : member.words}
        <span className="sr-only">, {bad ? member.words : STANDING_WORDS[drawn.standing]}</span>
      </span>
    </button>
  );
}
