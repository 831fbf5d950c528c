import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { dated, dayWords } from "../days";
import { Beside } from "../ui/Beside";

/** The graft days planned, and how to begin. */
export function PlansAside(props: {
  plans: Schemas["day.Planned"][];
  onPlan: (plan: Schemas["day.Planned"]) => void;
  children?: ReactNode;
}) {
  return (
    <Beside width="w-[344px]" className="overflow-auto">
      <h2 className="font-semibold text-[14px] text-soft">Planned graft days</h2>
      {props.plans.length === 0 && <p className="mt-2 text-[15px] text-soft">None yet.</p>}
      {props.plans.map((plan) => (
        <button
          key={plan.planNo}
          type="button"
          className="prints block w-full border-line border-b py-2 text-left hover:bg-ground"
          onClick={() => props.onPlan(plan)}
        >
          <b>{dayWords(plan.around.day)}</b>
          <span className="block text-[15px] text-soft">
            {plan.grafts} {plan.varietyName}, {plan.techniqueName}, {plan.spotName}
          </span>
          {plan.around.conflicts.length > 0 && (
            <span className="block text-[14px] text-alarm">{dated(plan.around.conflicts[0].message)}</span>
          )}
        </button>
      ))}
      {props.children}
      <h2 className="mt-6 font-semibold text-[14px] text-soft">To plan one</h2>
      <p className="mt-1 text-[15px] text-soft">
        Click a lit stretch, or drag along it: pinching, topping, cutting wood and the visits move with the
        day.
      </p>
      <h2 className="mt-6 font-semibold text-[14px] text-soft">To note buds</h2>
      <p className="mt-1 text-[15px] text-soft">Choose a tree, then one key. A whole row goes at once.</p>
    </Beside>
  );
}
