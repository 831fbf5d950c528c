import type { Schemas } from "../api/client";
import { useHabits } from "../api/habits";
import { Tried } from "../trial/Tried";
import { PartHeading } from "../ui/parts";
import { HabitChoice } from "./HabitChoice";

interface Props {
  questions: Schemas["rules.SchoolQuestion"][];
  species: Schemas["rules.Species"];
}

/** Where growers disagree: each school with its reason and risk, and which one is followed here. */
export function Disagreements({ questions, species }: Props) {
  const habits = useHabits().data ?? [];
  return (
    <>
      <PartHeading>Where growers disagree</PartHeading>
      <p className="mb-1 text-soft">
        What is chosen here is followed by every graft to come, unless its plan or the graft itself says
        otherwise; each graft keeps what was followed, so that takes can be compared.
      </p>
      {questions.map((q) => {
        const farm = habits.find((h) => h.question === q.key && !h.speciesKey && !h.planNo)?.school;
        const own = habits.find((h) => h.question === q.key && h.speciesKey === species.key)?.school;
        const standard = q.bySpecies[species.key] ?? q.standard;
        const followed = own ?? farm ?? standard;
        return (
          <details key={q.key} className="border-line border-t py-1.5">
            <summary>
              <b>{q.question}</b>: {q.schools[followed]?.name}{" "}
              <span className="text-soft">
                {own
                  ? `chosen for ${species.name}`
                  : farm
                    ? "chosen for the farm"
                    : "unless you choose otherwise"}
              </span>
            </summary>
            <p className="py-1 text-soft">{q.why}.</p>
            <ul>
              {Object.values(q.schools).map((school) => (
                <li key={school.key}>
                  {school.name}. <span className="text-soft">Risk: {school.risk}.</span>
                </li>
              ))}
            </ul>
            <Tried question={q.key} />
            <div className="mt-2 mb-1 grid max-w-[640px] grid-cols-2 gap-3 max-sm:grid-cols-1">
              <HabitChoice question={q} label="On this farm" behind="as the rulebook says" />
              <HabitChoice
                question={q}
                label={`For ${species.name}`}
                behind="as on the farm"
                speciesKey={species.key}
              />
            </div>
          </details>
        );
      })}
    </>
  );
}
