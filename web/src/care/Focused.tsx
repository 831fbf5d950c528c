import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { useRules } from "../api/queries";
import { dayWords } from "../days";
import { LifeLine } from "../drawings/LifeLine";
import { Approach } from "./Approach";
import { Cautions } from "./Cautions";
import { Hope } from "./Hope";

type Stop = Schemas["care.Stop"];

function useTechniqueName() {
  const rules = useRules();
  const names = new Map((rules.data?.techniques ?? []).map((t) => [t.key, t.name]));
  return (key?: string) => (key ? (names.get(key) ?? key) : "technique not written down");
}

/** The graft at hand: what is due, how it stands, and the answers. */
export function Focused({ stop, marked, children }: { stop: Stop; marked: number; children: ReactNode }) {
  const technique = useTechniqueName();
  const { graft } = stop;
  return (
    <section
      aria-label={`Now: ${graft.code}`}
      className="top-0 z-10 mb-2 [@media(min-height:640px)]:sticky border-line border-b bg-ground pt-1 pb-3 max-sm:px-4"
    >
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="code font-bold text-[26px]">{marked > 0 ? `${marked} marked` : graft.code}</h2>
        {marked === 0 && (
          <span>
            {graft.varietyName} {technique(graft.techniqueKey)} on{" "}
            <span className="code">{graft.plantCode}</span>, {graft.spotName}
          </span>
        )}
      </div>
      {marked === 0 && (
        <>
          <ul className="mt-0.5">
            {stop.tasks.map((task) => (
              <li key={task.kind + task.target} title={task.risk}>
                <b>{task.ask.charAt(0).toUpperCase() + task.ask.slice(1)}</b>
                <span className={stop.overdue ? "text-alarm" : "text-soft"}>
                  {" "}
                  · by {dayWords(task.latest)}
                </span>
                <span className="text-[14px] text-soft max-sm:hidden"> · {task.risk}</span>
              </li>
            ))}
          </ul>
          <Hope graft={graft} />
          <Approach code={graft.code} kinds={stop.tasks.map((task) => task.kind)} />
          <div className="my-1.5 max-sm:hidden">
            <LifeLine line={stop.line} width={1000} scale />
          </div>
          <div className="my-1.5 sm:hidden">
            <LifeLine line={stop.line} width={356} scale />
          </div>
        </>
      )}
      {children}
      <Cautions tasks={stop.tasks} />
    </section>
  );
}
