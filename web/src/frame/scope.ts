import { daysOn } from "../days";
import { watched } from "../ui/watched";

export interface Scope {
  from?: string;
  to?: string;
}

// Kept for this tab: the span stays where one goes to another station, and through a reload.
const KEPT = "bay-lantern-span";
let scope: Scope = JSON.parse(sessionStorage.getItem(KEPT) ?? "{}");
const { tell, useNow } = watched();

function setScope(next: Scope) {
  scope = next;
  sessionStorage.setItem(KEPT, JSON.stringify(next));
  tell();
}

/** The span of days dragged on the season band; it restricts the screens that say so in the list of stations. */
export function useScope() {
  return { scope: useNow(() => scope), setScope };
}

/** The same span some days later. */
export function moved(scope: Scope, days: number): Scope {
  const move = (day?: string) => (day ? daysOn(day, days) : undefined);
  return { from: move(scope.from), to: move(scope.to) };
}

/** The part of the year a span covers, for whichever year: "0401-0531". */
export function partOf(scope: Scope): string | undefined {
  if (!scope.from || !scope.to) return undefined;
  const day = (iso: string) => iso.slice(5).replace("-", "");
  return `${day(scope.from)}-${day(scope.to)}`;
}
