import { Link } from "react-router";
import { awayWords, daysOn, dayWords } from "../days";
import { usePlans } from "../flush/flushApi";
import { PartHeading } from "../ui/parts";

const WITHIN_DAYS = 7;

/** Steps of planned graft days that serve now or soon. */
export function PlannedSteps({ today }: { today: string }) {
  const plans = usePlans();
  const soon = daysOn(today, WITHIN_DAYS);
  const steps = (plans.data ?? []).flatMap((plan) =>
    plan.around.tasks
      .filter((task) => task.latest >= today && task.earliest <= soon && task.target <= soon)
      .map((task) => ({ plan, task })),
  );
  if (steps.length === 0) return null;
  return (
    <section aria-label="For planned graft days" className="mt-4">
      <PartHeading>For planned graft days</PartHeading>
      {steps.map(({ plan, task }) => (
        <Link
          key={`${plan.planNo}${task.step}`}
          to="/flush"
          className="grid grid-cols-[150px_1fr_auto] gap-x-3 border-line border-t py-1.5 hover:bg-surface max-sm:grid-cols-[1fr_auto]"
        >
          <span>{dayWords(task.target)}</span>
          <span className="max-sm:col-span-2 max-sm:row-start-2">
            {plan.varietyName}: {task.ask}
          </span>
          <span className="text-[14px] text-soft">{awayWords(task.target, today)}</span>
        </Link>
      ))}
    </section>
  );
}
