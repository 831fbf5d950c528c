import { useRules } from "../api/queries";

/** The species of the rulebook, to choose from. */
export function SpeciesOptions() {
  const rules = useRules();
  return (rules.data?.species ?? []).map((s) => (
    <option key={s.key} value={s.key}>
      {s.name}
    </option>
  ));
}
