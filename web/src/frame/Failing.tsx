import { useQueryClient } from "@tanstack/react-query";
import { useSyncExternalStore } from "react";
import { ProblemError } from "../api/client";
import { TryAgain } from "../ui/parts";

const SERVER = 500;

/** What is asked for, as a grower would say it; what has no name here is a part of the page. */
const NAMES: Record<string, string> = {
  lamps: "The lamps",
  pairings: "The lamps",
  lanes: "The lanes",
  passed: "The days that passed",
  plans: "The graft days",
  around: "The days around it",
  "look-next": "What to look at next",
  weather: "The weather",
  band: "The band of the year",
  "wood-today": "What runs out of wood",
  supply: "What is wanted of wood",
  "to-look-at": "How many want a look",
};

/** Says what of this page could not be had, while the rest of it stands. */
export function Failing() {
  const queries = useQueryClient();
  const cache = queries.getQueryCache();
  const broken = () =>
    cache.findAll({ type: "active" }).filter(({ state }) => {
      const { error } = state;
      return (
        state.data === undefined && error instanceof ProblemError && (error.status >= SERVER || !error.status)
      );
    });
  const said = useSyncExternalStore(
    (heard) => cache.subscribe(heard),
    () => [...new Set(broken().map((q) => NAMES[String(q.queryKey[0])] ?? "A part of this page"))].join("; "),
  );
  const again = () => {
    for (const query of broken()) query.fetch();
  };
  if (!said) return null;
  return (
    <div className="px-[26px] pt-3 max-sm:px-4 print:hidden">
      <TryAgain onAgain={again}>{said}: cannot be reckoned now. The rest stands.</TryAgain>
    </div>
  );
}
