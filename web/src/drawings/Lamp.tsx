import type { Schemas } from "../api/client";

type Wick = Schemas["season.Wick"];

const NAMES = ["stock", "wood", "weather"] as const;
const LEVELS: Record<Wick["level"], string> = { LIT: "lit", LOW: "low", OUT: "out" };

/** The lamp in words. */
export function lampWords(lamp: Schemas["season.Lamp"]): string {
  return NAMES.map((name) => `${name} ${LEVELS[lamp[name].level]}`).join(", ");
}

export const glows = (lamp: Schemas["season.Lamp"]) => NAMES.every((name) => lamp[name].level === "LIT");

/** Three wicks under a hood: stock, wood, weather. All lit, and the hood glows. */
export function Lamp({ lamp, size = 54 }: { lamp: Schemas["season.Lamp"]; size?: number }) {
  const lit = glows(lamp);
  return (
    <svg
      width={size}
      height={size * 1.12}
      viewBox="0 0 50 56"
      role="img"
      aria-label={lampWords(lamp)}
      className="shrink-0"
    >
      {lit && <circle cx={25} cy={31} r={24.5} fill="var(--lamp)" opacity={0.22} />}
      <circle cx={25} cy={4.5} r={2.6} fill="none" stroke="var(--ink)" strokeWidth={1.8} />
      <path
        d="M6 19 C10 10 19 7.5 25 7.5 C31 7.5 40 10 44 19 Z"
        fill={lit ? "var(--lamp)" : "var(--surface)"}
        stroke="var(--ink)"
        strokeWidth={2}
        strokeLinejoin="round"
      />
      <path d="M10 19 V50 M40 19 V50 M5 51 H45" stroke="var(--ink)" strokeWidth={2.4} fill="none" />
      {NAMES.map((name, i) => (
        <WickGlass key={name} wick={lamp[name]} x={13.6 + i * 8.2} />
      ))}
    </svg>
  );
}

function WickGlass({ wick, x }: { wick: Wick; x: number }) {
  const top = 24;
  const tall = 24;
  const flame = wick.level === "LIT" ? tall : wick.level === "LOW" ? tall * 0.45 : 0;
  return (
    <g>
      <rect x={x} y={top} width={6.4} height={tall} rx={3} fill="var(--surface)" stroke="var(--ink)" />
      {flame > 0 && (
        <rect
          x={x + 0.8}
          y={top + tall - flame + 0.8}
          width={4.8}
          height={flame - 1.6}
          rx={2.2}
          fill="var(--lamp)"
          opacity={wick.level === "LIT" ? 1 : 0.55}
        />
      )}
      {wick.level === "OUT" && <circle cx={x + 3.2} cy={top + tall - 4} r={1.3} fill="var(--soft)" />}
    </g>
  );
}
