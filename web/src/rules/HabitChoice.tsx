import api, { type Schemas, told } from "../api/client";
import { useHabits } from "../api/habits";
import { Field, Select } from "../ui/fields";
import { Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

interface Props {
  question: Schemas["rules.SchoolQuestion"];
  label: string;
  /** What is followed where nothing is chosen here. */
  behind: string;
  speciesKey?: string;
  planNo?: number;
}

/** The school followed on the farm, for a species or for a plan; where none is chosen, what stands behind it. */
export function HabitChoice({ question, label, behind, speciesKey, planNo }: Props) {
  const habits = useHabits();
  const { send, problem, busy } = useSend();
  if (!habits.data) return null;
  const own = habits.data.find(
    (h) => h.question === question.key && h.speciesKey === speciesKey && h.planNo === planNo,
  );
  const set = (school: string) =>
    send(async () => {
      const body = { question: question.key, school: school || undefined, speciesKey, planNo };
      const kept = await told(api.PUT("/api/grafts/habits", { body }));
      done(kept.sentence, kept.actId);
    });
  return (
    <div data-does="PUT /api/grafts/habits">
      <Field label={label}>
        <Select
          aria-label={`${question.question}: ${label}`}
          value={own?.school ?? ""}
          disabled={busy}
          onChange={(e) => set(e.target.value)}
        >
          <option value="">{behind}</option>
          {Object.values(question.schools).map((school) => (
            <option key={school.key} value={school.key}>
              {school.name}
            </option>
          ))}
        </Select>
        <Trouble problem={problem} />
      </Field>
    </div>
  );
}
