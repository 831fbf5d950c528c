import { useState } from "react";
import { useHabits } from "../api/habits";
import { useRules } from "../api/queries";
import { HabitChoice } from "../rules/HabitChoice";

/** The schools of one line of a day: as the farm does, or otherwise for this line. */
export function LineSchools({ planNo, variety }: { planNo: number; variety: string }) {
  const [open, setOpen] = useState(false);
  const rules = useRules();
  const own = (useHabits().data ?? []).filter((h) => h.planNo === planNo);
  const names = own.map(
    (h) => rules.data?.schools.find((q) => q.key === h.question)?.schools[h.school]?.name,
  );
  return (
    <details className="text-[14px] print:hidden" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-6 cursor-pointer text-sea">
        <span className="sr-only">{variety}: </span>schools: {names.join(", ") || "the farm's habit"}
      </summary>
      {open && (
        <div className="grid gap-2 py-1">
          {rules.data?.schools.map((q) => (
            <HabitChoice
              key={q.key}
              question={q}
              label={q.question}
              behind="the farm's habit"
              planNo={planNo}
            />
          ))}
        </div>
      )}
    </details>
  );
}
