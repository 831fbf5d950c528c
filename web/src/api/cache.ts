import { QueryClient, replaceEqualDeep } from "@tanstack/react-query";

/** What each answer was read from, as the server said; an answer it said nothing of may rest on anything. */
const restsOn = new WeakMap<object, ReadonlySet<string>>();

const isHeld = (data: unknown): data is object => typeof data === "object" && data !== null;

/** Remembers the facts an answer rests on. */
export function noteFacts(data: unknown, facts: string | null) {
  if (isHeld(data) && facts !== null) restsOn.set(data, new Set(facts.split(" ").filter(Boolean)));
}

// An answer equal to the last one stays the same object; what it rests on is then what the new one said.
function shared(before: unknown, now: unknown) {
  const kept = replaceEqualDeep(before, now);
  const facts = isHeld(now) ? restsOn.get(now) : undefined;
  if (facts && isHeld(kept)) restsOn.set(kept, facts);
  return kept;
}

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (times, problem: Error & { status?: number }) => times < 1 && problem.status !== 401,
      staleTime: 5_000,
      // A farm needs no way out into the world, and what is kept here needs no line at all.
      networkMode: "always",
      refetchOnWindowFocus: true,
      structuralSharing: shared,
    },
  },
});

const heard = new Set<(changed?: ReadonlySet<string>) => void>();

/** Tells whoever keeps answers elsewhere which facts have changed; none named stands for all. */
export const onFacts = (listener: (changed?: ReadonlySet<string>) => void) => heard.add(listener);

/** Tells whoever keeps answers elsewhere, and them alone. */
export function keptChanged(changed?: ReadonlySet<string>) {
  for (const listener of heard) listener(changed);
}

/** Some facts have changed: every answer that rests on one of them is read anew. */
export function factsChanged(changed: ReadonlySet<string>) {
  keptChanged(changed);
  queryClient.invalidateQueries({
    predicate: ({ state }) => {
      const facts = isHeld(state.data) ? restsOn.get(state.data) : undefined;
      return facts === undefined || [...facts].some((fact) => changed.has(fact));
    },
  });
}

/** What is shown is read anew. */
export const readAnew = () => queryClient.invalidateQueries();

/** Everything may be another: nobody knows what changed. */
export function allChanged() {
  keptChanged();
  return readAnew();
}

/** Whether anybody is signed in here is asked anew. */
export const whoChanged = () => queryClient.invalidateQueries({ queryKey: ["farm"] });
