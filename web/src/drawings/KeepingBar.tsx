import type { Lot } from "../wood/woodApi";
import { leftWords } from "../wood/words";

// The days that stand in the words, of all the days since it was cut: bar and words cannot say two things.
function shares(lot: Lot) {
  const { low, mid, high } = lot.freshness.toGood;
  if (mid <= 0) return { low: 0, high: 0 };
  const all = lot.ageDays + high;
  return { low: (100 * low) / all, high: (100 * high) / all };
}

/** The good days of a lot, eaten from the right by time and warmth: sure, perhaps, gone. */
export function KeepingBar({ lot, className = "" }: { lot: Lot; className?: string }) {
  const { low, high } = shares(lot);
  const soon = lot.runsOut;
  const id = `keep-${lot.id}`;
  return (
    <svg
      viewBox="0 0 100 10"
      preserveAspectRatio="none"
      role="img"
      aria-label={`${lot.code} keeps ${leftWords(lot)}`}
      className={`block h-2.5 w-full ${className}`}
    >
      <defs>
        <pattern id={id} width={3} height={3} patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
          <rect width={1.3} height={3} fill={soon ? "var(--alarm)" : "var(--leaf)"} />
        </pattern>
      </defs>
      <rect width={100} height={10} rx={1} fill="var(--line)" opacity={0.6} />
      <rect width={high} height={10} fill={`url(#${id})`} opacity={0.7} />
      <rect width={low} height={10} rx={1} fill={soon ? "var(--alarm)" : "var(--leaf)"} />
    </svg>
  );
}
