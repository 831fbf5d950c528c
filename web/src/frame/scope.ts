import { useSearchParams } from "react-router";
import { daysOn } from "../days";

export interface Scope {
  from?: string;
  to?: string;
}

/** The span of days dragged on the season band; it lives in the address and restricts the screen below. */
export function useScope() {
  const [search, setSearch] = useSearchParams();
  const scope: Scope = { from: search.get("from") ?? undefined, to: search.get("to") ?? undefined };
  const setScope = (next: Scope) =>
    setSearch(
      (before) => {
        const after = new URLSearchParams(before);
        after.delete("from");
        after.delete("to");
        if (next.from) after.set("from", next.from);
        if (next.to) after.set("to", next.to);
        return after;
      },
      { replace: true },
    );
  return { scope, setScope, search: search.toString() };
}

/** The same span some days later. */
export function moved(scope: Scope, days: number): Scope {
  const move = (day?: string) => (day ? daysOn(day, days) : undefined);
  return { from: move(scope.from), to: move(scope.to) };
}
