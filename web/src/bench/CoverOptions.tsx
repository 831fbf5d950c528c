import { useRules } from "../api/queries";

/** What a graft can be covered with, to choose one. */
export function CoverOptions() {
  return (useRules().data?.covers ?? []).map((c) => (
    <option key={c.cover} value={c.cover}>
      {c.words}
    </option>
  ));
}
