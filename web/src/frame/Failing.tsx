import { useQueryClient } from "@tanstack/react-query";
import { useSyncExternalStore } from "react";
import { ProblemError } from "../api/client";
import { TryAgain } from "../ui/parts";

const SERVER = 500;

/** Says what of this page could not be had, as each query names itself (`meta.what`), while the rest of it stands. */
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
    () => [...new Set(broken().map((q) => String(q.meta?.what ?? "a part of this page")))].join("; "),
  );
  const again = () => {
    for (const query of broken()) query.fetch();
  };
  if (!said) return null;
  return (
    <div className="px-[26px] pt-3 max-sm:px-4 print:hidden">
      <TryAgain onAgain={again}>
        <span className="[body:has([data-no-page])_&]:hidden">
          Cannot be reckoned now: {said}. The rest stands.
        </span>
        <span className="hidden [body:has([data-no-page])_&]:inline">This page cannot be had now.</span>
      </TryAgain>
    </div>
  );
}
