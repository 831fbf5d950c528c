import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { awayWords, daysOn, dayWords } from "../days";
import { usePlans } from "../flush/flushApi";
import { PartHeading } from "../ui/parts";

const WITHIN_DAYS = 7;

/** Steps of planned graft days that serve now or soon. */
export function PlannedSteps({ today }: { today: string }) {
  const plans = usePlans();
  const soon = daysOn(today, WITHIN_DAYS);
  const rows = gathered(
    (plans.data ?? []).flatMap((plan) =>
      plan.around.tasks
        .filter((task) => task.latest >= today && task.earliest <= soon && task.target <= soon)
        .map((task) => ({ plan, task })),
    ),
  );
  if (rows.length === 0) return null;
  return (
    <section aria-label="For planned graft days" className="mt-4">
      <PartHeading>For planned graft days</PartHeading>
      {rows.map((row) => (
        <Link
          key={row.key}
          to={row.to}
          className="grid grid-cols-[150px_1fr_auto] gap-x-3 border-line border-t py-1.5 hover:bg-surface max-sm:grid-cols-[1fr_auto]"
        >
          <span>{dayWords(row.day)}</span>
          <span className="max-sm:col-span-2 max-sm:row-start-2">{row.words}</span>
          <span className="text-[14px] text-soft">{awayWords(row.day, today)}</span>
        </Link>
      ))}
    </section>
  );
}

type Plan = Schemas["day.Planned"];
type Step = { plan: Plan; task: Plan["around"]["tasks"][number] };

/** The same to do for several lines of a day is one thing to do. */
function gathered(steps: Step[]) {
  const alike = new Map<string, Step[]>();
  for (const step of steps) {
    const { task } = step;
    const key = `${task.target}${task.step}${task.step === "GRAFT" ? "" : task.ask}`;
    alike.set(key, [...(alike.get(key) ?? []), step]);
  }
  return [...alike]
    .map(([key, same]) => {
      const { task } = same[0];
      const names = same.map((s) => s.plan.varietyName).join(", ");
      const grafts = same.map((s) => `${s.plan.grafts} ${s.plan.varietyName}`).join(", ");
      return task.step === "GRAFT"
        ? { key, day: task.target, words: `graft ${grafts}`, to: `/bench/day/${task.target}` }
        : { key, day: task.target, words: `${names}: ${task.ask}`, to: "/flush" };
    })
    .sort((a, b) => a.day.localeCompare(b.day));
}
