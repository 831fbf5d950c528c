import { useFarm } from "../api/queries";

/** The people of the farm, to choose one. */
export function PeopleOptions() {
  return (useFarm().data?.people ?? []).map((p) => (
    <option key={p.id} value={p.id}>
      {p.name}
    </option>
  ));
}
