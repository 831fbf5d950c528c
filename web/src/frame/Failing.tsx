import { useQueryClient } from "@tanstack/react-query";
import { useSyncExternalStore } from "react";
import { ProblemError } from "../api/client";
import { TryAgain } from "../ui/parts";

const SERVER = 500;

/** What is asked for, as a grower would say it; what has no name here is a part of the page. */
const NAMES: Record<string, string> = {
  lamps: "the lamps",
  pairings: "the lamps",
  lanes: "the lanes",
  passed: "the days that passed",
  plans: "the graft days",
  around: "the days around it",
  "look-next": "what to look at next",
  weather: "the weather",
  band: "the band of the year",
  "wood-today": "what runs out of wood",
  supply: "what is wanted of wood",
  "to-look-at": "how many want a look",
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
    () => [...new Set(broken().map((q) => NAMES[String(q.queryKey[0])] ?? "a part of this page"))].join("; "),
  );
  const again = () => {
    for (const query of broken()) query.fetch();
  };
  if (!said) return null;
  return (
    <div className="px-[26px] pt-3 max-sm:px-4 print:hidden">
      <TryAgain onAgain={again}>Cannot be reckoned now: {said}. The rest stands.</TryAgain>
    </div>
  );
}
