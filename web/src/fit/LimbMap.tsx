import type { Schemas } from "../api/client";
import { lengthWords, useChoices } from "../units";

type Step = Schemas["fit.LimbStep"];

/** Marks and colours of what becomes of a limb; the word stands beside it, so that nothing rests on colour. */
export const FATES: Record<Step["fate"], { words: string; colour: string; dash?: string }> = {
  GRAFT: { words: "graft", colour: "var(--leaf)" },
  REMOVE: { words: "take off", colour: "var(--alarm)", dash: "3 5" },
  NURSE: { words: "keep as nurse", colour: "var(--sea)" },
  LATER: { words: "next seasons", colour: "var(--soft)", dash: "9 5" },
};

interface Props {
  steps: Step[];
  northern: boolean;
  size: number;
  chosen?: string;
  onChoose: (label: string) => void;
}

/** The tree from above, north up: limbs where they point, as thick as they are; high ones reach farther out. */
export function LimbMap({ steps, northern, size, chosen, onChoose }: Props) {
  const { length } = useChoices();
  const middle = size / 2;
  const reach = middle - 58;
  const highest = Math.max(...steps.map((s) => s.limb.heightMm), 1);
  const thickest = Math.max(...steps.map((s) => s.limb.diameterMm), 1);
  const end = (s: Step) => {
    const a = ((s.limb.directionDeg - 90) * Math.PI) / 180;
    const r = 0.45 * reach + 0.55 * reach * (s.limb.heightMm / highest);
    return { x: middle + r * Math.cos(a), y: middle + r * Math.sin(a), a };
  };
  const sun = ((northern ? 225 : 315) - 90) * (Math.PI / 180);
  return (
    <svg width={size} height={size} aria-label="The tree from above, north up" className="block">
      {[0.45, 0.725, 1].map((r) => (
        <circle key={r} cx={middle} cy={middle} r={r * reach} fill="none" stroke="var(--line)" />
      ))}
      {["N", "E", "S", "W"].map((name, i) => {
        const a = ((i * 90 - 90) * Math.PI) / 180;
        return (
          <text
            key={name}
            x={middle + (reach + 44) * Math.cos(a)}
            y={middle + (reach + 44) * Math.sin(a) + 5}
            textAnchor="middle"
            className="fill-soft text-[14px]"
          >
            {name}
          </text>
        );
      })}
      <g stroke="var(--soft)" strokeWidth={1.5} fill="none">
        <circle cx={middle + (reach + 36) * Math.cos(sun)} cy={middle + (reach + 36) * Math.sin(sun)} r={8} />
        {[0, 45, 90, 135, 180, 225, 270, 315].map((d) => {
          const cx = middle + (reach + 36) * Math.cos(sun);
          const cy = middle + (reach + 36) * Math.sin(sun);
          const a = (d * Math.PI) / 180;
          return (
            <line
              key={d}
              x1={cx + 11 * Math.cos(a)}
              y1={cy + 11 * Math.sin(a)}
              x2={cx + 15 * Math.cos(a)}
              y2={cy + 15 * Math.sin(a)}
            />
          );
        })}
      </g>
      {steps.map((s) => {
        const to = end(s);
        const fate = FATES[s.fate];
        return (
          // biome-ignore lint/a11y/useSemanticElements: a button of HTML cannot stand in a drawing
          <g
            key={s.limb.label}
            role="button"
            tabIndex={0}
            aria-pressed={chosen === s.limb.label}
            aria-label={`Limb ${s.limb.label}, ${lengthWords(s.limb.diameterMm, length)}: ${fate.words}`}
            className="cursor-pointer"
            onClick={() => onChoose(s.limb.label)}
            onKeyDown={(e) => {
              if (e.key !== "Enter" && e.key !== " ") return;
              e.preventDefault();
              onChoose(s.limb.label);
            }}
          >
            <line x1={middle} y1={middle} x2={to.x} y2={to.y} stroke="transparent" strokeWidth={26} />
            <line
              x1={middle}
              y1={middle}
              x2={to.x}
              y2={to.y}
              stroke={fate.colour}
              strokeDasharray={fate.dash}
              strokeWidth={3 + 13 * (s.limb.diameterMm / thickest)}
              opacity={s.fate === "LATER" ? 0.55 : 0.9}
            />
            {Array.from({ length: s.scions }, (_, i) => {
              const side = (i - (s.scions - 1) / 2) * 10;
              return (
                <path
                  key={side}
                  d={`M${to.x - side * Math.sin(to.a)} ${to.y + side * Math.cos(to.a)} l${16 * Math.cos(to.a)} ${16 * Math.sin(to.a)}`}
                  stroke="var(--cambium)"
                  strokeWidth={4}
                  strokeLinecap="round"
                />
              );
            })}
            <circle
              cx={to.x + 30 * Math.cos(to.a)}
              cy={to.y + 30 * Math.sin(to.a)}
              r={13}
              fill="var(--surface)"
              stroke={chosen === s.limb.label ? "var(--ink)" : fate.colour}
              strokeWidth={chosen === s.limb.label ? 3 : 1.5}
            />
            <text
              x={to.x + 30 * Math.cos(to.a)}
              y={to.y + 30 * Math.sin(to.a) + 5}
              textAnchor="middle"
              className="fill-ink font-semibold text-[13px]"
            >
              {s.limb.label}
            </text>
          </g>
        );
      })}
      <circle cx={middle} cy={middle} r={15} fill="var(--bark)" stroke="var(--soft)" />
    </svg>
  );
}
