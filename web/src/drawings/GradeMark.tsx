import { GRADE_WORDS, type Grade } from "../wood/words";

const BUDS: Record<Grade, number> = { A: 3, B: 2, C: 1, X: 0 };

/** A grade as a twig with as many buds as it is worth, and its letter; a struck twig is to be left. */
export function GradeMark({ grade, words = false }: { grade?: Grade; words?: boolean }) {
  const colour = grade === "X" ? "var(--alarm)" : grade === "A" ? "var(--leaf)" : "var(--ink)";
  const label = grade ? `grade ${grade}, ${GRADE_WORDS[grade]}` : "not looked at";
  return (
    <span className="inline-flex items-center gap-1.5 whitespace-nowrap" style={{ color: colour }}>
      <svg width={34} height={18} role="img" aria-label={label}>
        <line
          x1={2}
          y1={13}
          x2={32}
          y2={9}
          stroke="currentColor"
          strokeWidth={3}
          strokeLinecap="round"
          strokeDasharray={grade ? undefined : "2 4"}
        />
        {grade &&
          [8, 17, 26]
            .slice(0, BUDS[grade])
            .map((x) => (
              <path
                key={x}
                d={`M${x - 3} ${12.2 - x * 0.13} q1 -8 5 -8.5 q1.4 4.6 -1 8`}
                fill="currentColor"
                stroke="none"
              />
            ))}
        {grade === "X" && (
          <line
            x1={12}
            y1={2}
            x2={22}
            y2={17}
            stroke="currentColor"
            strokeWidth={2.5}
            strokeLinecap="round"
          />
        )}
      </svg>
      <b aria-hidden className="code">
        {grade ?? "?"}
      </b>
      {words && <span>{grade ? GRADE_WORDS[grade] : "not looked at"}</span>}
    </span>
  );
}
