import type { Schemas } from "../api/client";

/** What to mind while doing it, each said once. */
export function Cautions({ tasks }: { tasks: Schemas["care.Task"][] }) {
  const all = [...new Set(tasks.map((task) => task.caution).filter(Boolean))];
  return all.map((caution) => (
    <p key={caution} className="mt-1.5 text-[13px] text-soft">
      {caution}
    </p>
  ));
}
