import type { Trace } from "../care/answer";

/** What may be found at a dead graft, in the order it is asked. */
export const CAUSE_TRACES: Partial<Record<Trace, string>> = {
  BROWN_BRITTLE: "brown and brittle",
  BLACK_AT_CUT: "black at the cut",
  GREEN_SHUT: "green, buds shut",
  OPEN_LIMP: "opened, then limp",
  BARK_WET: "bark peels wet",
  MOULD: "mould under the film",
  TAPE_BITTEN: "tape bitten in",
  CALLUS_ONE_SIDE: "callus on one side",
  GAP: "gap at the union",
  SHOOTS_MANY: "many stock shoots",
  SNAPPED: "snapped off",
  CHEWED: "chewed",
  STOCK_BARE: "stock drops leaves",
};

/** What may be found, in words. */
export const TRACE_WORDS: Record<Trace, string> = {
  ...(CAUSE_TRACES as Record<Trace, string>),
  CALLUS: "callus all round",
  TWIG_FRESH: "scion fresh, severed twig limp",
  TWIG_LIMP: "scion limp with the twig",
  SEVERED: "severed",
  TORN: "half torn",
};

const LEAF = "var(--leaf)";
const WOOD = "var(--stage-R)";
const INK = "var(--ink)";

// The stock below, the union, the scion above; each finding changes what it is seen on.
const SCION: Partial<Record<Trace, string>> = {
  BROWN_BRITTLE: WOOD,
  BLACK_AT_CUT: LEAF,
  OPEN_LIMP: "var(--stage-F)",
  BARK_WET: "var(--stage-S)",
};

function Extra({ trace }: { trace: Trace }) {
  switch (trace) {
    case "BROWN_BRITTLE":
      return <path d="M18 8l4 4-4 3 5 4" stroke={INK} fill="none" />;
    case "BLACK_AT_CUT":
      return <rect x={16} y={24} width={10} height={6} fill={INK} />;
    case "GREEN_SHUT":
      return (
        <g fill={LEAF} stroke={INK} strokeWidth={0.8}>
          <circle cx={27} cy={11} r={2.4} />
          <circle cx={15} cy={18} r={2.4} />
        </g>
      );
    case "OPEN_LIMP":
      return (
        <g fill="none" stroke="var(--stage-F)" strokeWidth={2.4}>
          <path d="M25 10q8 2 7 12" />
          <path d="M17 14q-8 2-7 12" />
        </g>
      );
    case "BARK_WET":
      return (
        <g>
          <path d="M26 12q7 6 4 16" stroke={WOOD} strokeWidth={2.4} fill="none" />
          <path d="M33 32q2 4 0 5q-3 0-0-5" fill="var(--sea)" />
        </g>
      );
    case "MOULD":
      return (
        <g fill="var(--soft)">
          {[
            [16, 10],
            [24, 14],
            [18, 19],
            [25, 22],
            [20, 6],
          ].map(([x, y]) => (
            <circle key={`${x}${y}`} cx={x} cy={y} r={2.2} />
          ))}
        </g>
      );
    case "TAPE_BITTEN":
      return (
        <g stroke="var(--alarm)" strokeWidth={2.4}>
          <path d="M14 25h14M14 30h14" />
        </g>
      );
    case "CALLUS_ONE_SIDE":
      return <path d="M27 22q5 4 0 10" fill="var(--stage-X)" stroke={INK} strokeWidth={0.8} />;
    case "GAP":
      return <path d="M15 27l12-3" stroke="var(--ground)" strokeWidth={4} />;
    case "SHOOTS_MANY":
      return (
        <g stroke={LEAF} strokeWidth={2} fill="none">
          <path d="M26 36q8-4 8-12M26 40q10-2 12-12M16 36q-8-4-8-12M16 40q-10-2-12-12" />
        </g>
      );
    case "SNAPPED":
      return <path d="M13 24l5 3 4-4 6 4" stroke={INK} strokeWidth={2} fill="none" />;
    case "CHEWED":
      return (
        <g fill="var(--ground)">
          <circle cx={27} cy={9} r={4} />
          <circle cx={15} cy={16} r={4} />
        </g>
      );
    case "STOCK_BARE":
      return (
        <g fill={WOOD}>
          <path d="M30 40q6-1 6 4q-6 1-6-4M6 42q5-2 7 2q-5 2-7-2" />
        </g>
      );
    default:
      return null;
  }
}

/** A small drawing of what is found. */
export function TraceMark({ trace, size = 44 }: { trace: Trace; size?: number }) {
  const snapped = trace === "SNAPPED";
  return (
    <svg width={size} height={size} viewBox="0 0 42 48" aria-hidden="true">
      <rect x={15} y={27} width={12} height={20} fill={WOOD} opacity={0.75} />
      <rect
        x={17}
        y={snapped ? 0 : 4}
        width={8}
        height={snapped ? 14 : 24}
        fill={SCION[trace] ?? LEAF}
        transform={snapped ? "rotate(48 21 8) translate(6 2)" : undefined}
      />
      <Extra trace={trace} />
    </svg>
  );
}
