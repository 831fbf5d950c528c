import { STAGES, type Stage } from "./stages";

const SIZES = {
  small: "size-[18px] text-[11.5px] rounded-sm",
  middle: "size-7 rounded",
  large: "size-8 rounded",
};

/** A stage as its letter on its colour; a question mark where none was seen. */
export function StageBadge({ stage, size }: { stage?: Stage; size: keyof typeof SIZES }) {
  const look = stage && STAGES[stage];
  return (
    <span
      aria-hidden={size === "middle"}
      className={`code inline-flex shrink-0 items-center justify-center font-bold ${SIZES[size]}`}
      style={look ? { background: look.fill, color: look.ink } : { background: "var(--line)" }}
    >
      {stage ?? "?"}
    </span>
  );
}
