import { useRules } from "../api/queries";

/** The techniques of the rulebook, to choose from; those a species refuses are left out where it is told. */
export function TechniqueOptions({ speciesKey }: { speciesKey?: string }) {
  const rules = useRules().data;
  const refused = rules?.species.find((species) => species.key === speciesKey)?.refusedTechniques ?? {};
  return (rules?.techniques ?? [])
    .filter((technique) => refused[technique.key] === undefined)
    .map((technique) => (
      <option key={technique.key} value={technique.key}>
        {technique.name}
      </option>
    ));
}
