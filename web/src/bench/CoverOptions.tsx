import { useRules } from "../api/queries";

/** What a graft can be covered with, to choose one; that it is not written can be left, not chosen. */
export function CoverOptions({ value }: { value?: string }) {
  return (useRules().data?.covers ?? [])
    .filter((c) => c.cover !== "UNKNOWN" || value === "UNKNOWN")
    .map((c) => (
      <option key={c.cover} value={c.cover}>
        {c.words}
      </option>
    ));
}
