import { useQuery } from "@tanstack/react-query";
import api, { told } from "../api/client";
import { useRules } from "../api/queries";
import { Field, Select } from "../ui/fields";

interface Props {
  species: string;
  technique: string;
  chosen: Record<string, string>;
  onChange: (chosen: Record<string, string>) => void;
}

/** Which school is followed where growers disagree; the farm's habit stands unless another is picked. */
export function Schools({ species, technique, chosen, onChange }: Props) {
  const rules = useRules();
  const standard = useQuery({
    queryKey: ["schools", species, technique],
    queryFn: () =>
      told(
        api.GET("/api/grafts/schools", {
          params: { query: { speciesKey: species, techniqueKey: technique } },
        }),
      ),
  });
  if (!rules.data || !standard.data) return null;
  const own = rules.data.schools
    .filter((q) => chosen[q.key] !== undefined && chosen[q.key] !== standard.data[q.key])
    .map((q) => q.schools[chosen[q.key]]?.name);
  return (
    <details className="text-[14px]">
      <summary className="text-sea underline">
        Schools followed: {own.length > 0 ? own.join(", ") : "the farm's habit"}
      </summary>
      <div className="mt-2 grid grid-cols-2 gap-x-5 gap-y-2 max-sm:grid-cols-1">
        {rules.data.schools.map((question) => (
          <Field key={question.key} label={question.question} hint={question.why}>
            <Select
              value={chosen[question.key] ?? standard.data[question.key]}
              onChange={(e) => onChange({ ...chosen, [question.key]: e.target.value })}
            >
              {Object.values(question.schools).map((school) => (
                <option key={school.key} value={school.key}>
                  {school.name}
                  {standard.data[question.key] === school.key ? " (the farm's habit)" : ""}
                </option>
              ))}
            </Select>
          </Field>
        ))}
      </div>
    </details>
  );
}
