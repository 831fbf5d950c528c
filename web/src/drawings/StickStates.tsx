import type { ReactNode } from "react";

const BARK = "#8a6f52";
const DARK = "#4d3b2a";
const GREEN = "#7fa04a";
const PALE = "#d9c9a3";

/** A twig across the picture; its outline may waver, its colour says how ripe it is. */
function Twig({ d = "M4 40 L84 34", colour = BARK, width = 11 }) {
  return <path d={d} stroke={colour} strokeWidth={width} strokeLinecap="round" fill="none" />;
}

const shine = <path d="M8 37.5 L80 31.6" stroke="#fff" strokeWidth={1.6} opacity={0.55} />;

const leaf = (x: number, y: number, size: number, turn: number, fill: string) => (
  <path
    transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}
    d="M0 0 C6 -5 15 -6 22 0 C15 6 6 5 0 0Z M2 0 L19 0"
    fill={fill}
    stroke={DARK}
    strokeWidth={0.9 / size}
  />
);

const bud = (d: string, fill: string) => <path d={d} fill={fill} stroke={DARK} strokeWidth={1.4} />;

const STAGE: Record<string, ReactNode> = {
  R: (
    <>
      <Twig />
      {bud("M40 33 q5 -11 9 -1 Z", "var(--stage-R)")}
      <path d="M42 29 q4 -1 5 2" stroke={DARK} fill="none" />
    </>
  ),
  S: (
    <>
      <Twig />
      {bud("M35 34 q1 -21 10 -23 q10 3 9 21 Z", "var(--stage-S)")}
      <path d="M39 25 q6 -4 12 0 M41 18 q4 -3 8 0" stroke={PALE} strokeWidth={2} fill="none" />
    </>
  ),
  P: (
    <>
      <Twig />
      {bud("M36 34 q0 -15 9 -18 q9 3 8 16 Z", "var(--stage-P)")}
      {bud("M44 18 q1 -10 6 -14 q1 7 -1 15 Z", GREEN)}
    </>
  ),
  F: (
    <>
      <Twig />
      {leaf(44, 30, 0.95, -118, "var(--stage-F)")}
      {leaf(46, 30, 1, -62, "var(--stage-F)")}
      {leaf(40, 31, 0.7, -160, "var(--stage-F)")}
    </>
  ),
  H: (
    <>
      <Twig colour={GREEN} />
      {leaf(30, 34, 1.25, -70, "var(--stage-H)")}
      {leaf(52, 33, 1.25, -42, "var(--stage-H)")}
    </>
  ),
  M: (
    <>
      <Twig />
      {leaf(34, 33, 1.35, -48, "var(--stage-M)")}
      {bud("M37 33 q3 -7 6 -1 Z", "var(--stage-M)")}
    </>
  ),
};

const WOOD: Record<string, ReactNode> = {
  SOFT: <Twig d="M4 38 Q40 28 60 34 Q74 40 76 52" colour={GREEN} width={7} />,
  SOFT_TIP: (
    <>
      <Twig d="M4 40 L56 35" width={10} />
      <Twig d="M56 35 Q72 33 78 50" colour={GREEN} width={6} />
    </>
  ),
  SEMI_FIRM: (
    <>
      <Twig d="M4 40 L46 36.5" width={10} />
      <Twig d="M46 36.5 L84 33" colour={GREEN} width={9} />
    </>
  ),
  FIRM: (
    <>
      <Twig />
      {shine}
    </>
  ),
  OLD: (
    <>
      <Twig colour={DARK} width={17} />
      <path d="M12 37 l9 4 m6 -8 l8 5 m7 -7 l7 6 m8 -8 l8 5" stroke={PALE} strokeWidth={1.5} />
    </>
  ),
};

const BARKS: Record<string, ReactNode> = {
  TAUT: (
    <>
      <Twig width={16} />
      {shine}
    </>
  ),
  SLIGHT: (
    <>
      <Twig width={16} />
      <path
        d="M10 36 q8 3 16 -1 M30 42 q9 -3 17 -1 M50 33 q9 3 17 0 M16 44 q5 -2 9 -1 M62 40 q7 -3 12 -2"
        stroke={DARK}
        fill="none"
        opacity={0.75}
      />
    </>
  ),
  DEEP: (
    <path
      d="M4 34 l8 4 l8 -5 l9 5 l9 -6 l9 5 l9 -5 l9 4 l11 -4 v12 l-9 -3 l-9 4 l-10 -3 l-9 5 l-9 -4 l-9 5 l-9 -4 l-8 3 Z M14 40 l10 2 m8 -5 l9 3 m8 -5 l10 3"
      fill={BARK}
      stroke={DARK}
      strokeWidth={1.3}
    />
  ),
};

const SKIN: Record<string, ReactNode> = {
  CLEAN: (
    <>
      <Twig width={15} />
      {shine}
    </>
  ),
  RUBBED: (
    <>
      <Twig width={15} />
      <path d="M30 34 q10 -5 24 -2 q-6 9 -22 8 Z" fill={PALE} stroke={DARK} />
    </>
  ),
  SPOTTED: (
    <>
      <Twig width={15} />
      {[14, 24, 37, 46, 60, 71].map((x, i) => (
        <circle key={x} cx={x} cy={39 - x * 0.08 + (i % 2 ? 3 : -3)} r={2.8} fill={DARK} stroke={PALE} />
      ))}
    </>
  ),
  ROTTING: (
    <>
      <Twig width={15} />
      <path d="M48 29 q20 -5 38 2 v10 q-20 4 -40 2 q8 -6 2 -14Z" fill="#1f1a16" />
      <path d="M58 45 q-3 7 0 9 q4 -2 0 -9 M70 44 q-3 7 0 9 q4 -2 0 -9" fill="#1f1a16" />
    </>
  ),
};

const SECTION: Record<string, ReactNode> = {
  ROUND: (
    <>
      <circle cx={44} cy={30} r={21} fill={BARK} />
      <circle cx={44} cy={30} r={17.5} fill={GREEN} />
      <circle cx={44} cy={30} r={15.5} fill={PALE} />
    </>
  ),
  ANGULAR: (
    <>
      <path
        d="M44 7 q4 10 20 14 q6 4 -2 12 q-8 12 -6 17 q-12 2 -24 0 q3 -6 -6 -17 q-8 -8 -1 -12 q15 -4 19 -14Z"
        fill={GREEN}
        stroke={DARK}
      />
      <path d="M44 16 q4 7 13 10 q0 5 -6 17 q-8 1 -14 0 q-6 -12 -6 -17 q9 -3 13 -10Z" fill={PALE} />
    </>
  ),
};

const SIDE: Record<string, ReactNode> = {
  SUN: (
    <>
      <circle cx={66} cy={13} r={7} fill="none" stroke="var(--ink)" strokeWidth={2} />
      <path
        d="M66 1 v3 M66 22 v3 M54 13 h3 M75 13 h3 M57 5 l2 2 M75 5 l-2 2"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <Twig d="M4 46 L64 40" />
    </>
  ),
  SHADE: (
    <>
      <Twig d="M4 46 L64 40" />
      {leaf(12, 22, 1.5, -8, "var(--stage-M)")}
      {leaf(46, 20, 1.5, 4, "var(--stage-M)")}
    </>
  ),
};

const ring = (dash?: string) => (
  <>
    <circle cx={44} cy={30} r={21} fill={BARK} />
    <circle cx={44} cy={30} r={18} fill={PALE} />
    <circle cx={44} cy={30} r={14} fill="none" stroke="var(--leaf)" strokeWidth={5} strokeDasharray={dash} />
    <circle cx={44} cy={30} r={8} fill="#fff" stroke={DARK} strokeWidth={0.8} />
  </>
);

const PITH: Record<string, ReactNode> = { WHOLE: ring(), BROKEN: ring("38 14 20 16") };

const ALL: Record<string, Record<string, ReactNode>> = {
  stage: STAGE,
  wood: WOOD,
  bark: BARKS,
  skin: SKIN,
  section: SECTION,
  side: SIDE,
  pith: PITH,
};

/** How a state of a stick looks, so that a novice can tell one from another. */
export function StickState({ look, state }: { look: string; state: string }) {
  return (
    <svg viewBox={look === "stage" ? "18 2 54 46" : "4 8 80 48"} aria-hidden className="h-[68px] w-full">
      {ALL[look]?.[state]}
    </svg>
  );
}
