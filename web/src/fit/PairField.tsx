import type { Schemas } from "../api/client";
import { useWidth } from "../ui/useWidth";
import { lengthNumber, useChoices } from "../units";
import type { PieceDraft } from "./pairDraft";

interface Props {
  sticks: PieceDraft[];
  stems: PieceDraft[];
  result?: Schemas["fit.PairedView"];
  chosen?: string;
  onChoose: (stickId: string) => void;
}

const HIGH = 330;
/** Beyond so many pieces the circles stand too near for their numbers. */
const CROWDED = 26;

/** Sticks above, stems below, thin to thick, joined where they suit; what is left over is hollow. */
export function PairField({ sticks, stems, result, chosen, onChoose }: Props) {
  const { length } = useChoices();
  const { ref, width } = useWidth(660);
  const order = (pieces: PieceDraft[]) => [...pieces].sort((a, b) => a.mm - b.mm);
  const tops = order(sticks);
  const bottoms = order(stems);
  const most = Math.max(tops.length, bottoms.length, 1);
  const thickest = Math.max(...[...tops, ...bottoms].map((p) => p.mm), 1);
  const step = width / most;
  const radius = (mm: number) => Math.max(3, Math.min(24, step * 0.46) * Math.sqrt(mm / thickest));
  const x = (i: number, of: number) => ((i + 0.5) * width) / of;
  const pairOf = new Map((result?.pairs ?? []).map((p) => [p.stickId, p]));
  const taken = new Set((result?.pairs ?? []).map((p) => p.stemId));
  const crowded = most > CROWDED;
  return (
    <div ref={ref} className="mt-3">
      <svg width={width} height={HIGH} aria-label="Pairs, sticks above and stems below">
        {tops.map((stick, i) => {
          const pair = pairOf.get(stick.id);
          if (!pair) return null;
          const k = bottoms.findIndex((s) => s.id === pair.stemId);
          const from = { x: x(i, tops.length), y: 52 + radius(stick.mm) };
          const to = { x: x(k, bottoms.length), y: HIGH - 52 - radius(bottoms[k]?.mm ?? 5) };
          const on = stick.id === chosen;
          return (
            <path
              key={stick.id}
              d={`M${from.x} ${from.y} C${from.x} ${from.y + 80} ${to.x} ${to.y - 80} ${to.x} ${to.y}`}
              fill="none"
              stroke="var(--sea)"
              strokeWidth={on ? 5 : 1.2 + 2.4 * (pair.contact.met / pair.contact.whole)}
              strokeDasharray={pair.locked ? "7 4" : undefined}
              opacity={chosen && !on ? 0.45 : 1}
            />
          );
        })}
        {tops.map((stick, i) => {
          const pair = pairOf.get(stick.id);
          const cx = x(i, tops.length);
          return (
            // biome-ignore lint/a11y/useSemanticElements: a button of HTML cannot stand in a drawing
            <g
              key={stick.id}
              role="button"
              tabIndex={0}
              aria-pressed={stick.id === chosen}
              aria-label={`${stick.id}, ${lengthNumber(stick.mm, length)}: ${pair ? `on ${pair.stemId}` : "left over"}`}
              className="cursor-pointer"
              onClick={() => onChoose(stick.id)}
              onKeyDown={(e) => {
                if (e.key !== "Enter" && e.key !== " ") return;
                e.preventDefault();
                onChoose(stick.id);
              }}
            >
              <rect x={cx - step / 2} y={8} width={step} height={72} fill="transparent" />
              <circle
                cx={cx}
                cy={50}
                r={radius(stick.mm)}
                fill={pair ? "var(--stickwood)" : "none"}
                stroke={pair ? "var(--cambium)" : "var(--soft)"}
                strokeWidth={stick.id === chosen ? 4 : 2.2}
                strokeDasharray={pair ? undefined : "3 3"}
              />
              {!crowded && (
                <text x={cx} y={16} textAnchor="middle" className="code fill-ink text-[13px]">
                  {lengthNumber(stick.mm, length)}
                </text>
              )}
            </g>
          );
        })}
        {bottoms.map((stem, i) => (
          <g key={stem.id}>
            <title>{stem.id}</title>
            <circle
              cx={x(i, bottoms.length)}
              cy={HIGH - 50}
              r={radius(stem.mm)}
              fill={taken.has(stem.id) ? "var(--wood)" : "none"}
              stroke={taken.has(stem.id) ? "var(--cambium)" : "var(--soft)"}
              strokeWidth={2.2}
              strokeDasharray={taken.has(stem.id) ? undefined : "3 3"}
            />
            {!crowded && (
              <text
                x={x(i, bottoms.length)}
                y={HIGH - 8}
                textAnchor="middle"
                className="code fill-ink text-[13px]"
              >
                {lengthNumber(stem.mm, length)}
              </text>
            )}
          </g>
        ))}
      </svg>
    </div>
  );
}
