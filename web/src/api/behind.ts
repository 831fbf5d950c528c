import { useEffect, useSyncExternalStore } from "react";

let behind = 0;
const listeners = new Set<() => void>();

function add(more: number) {
  behind += more;
  for (const listener of listeners) listener();
}

/** Counts an answer that is shown though something else is asked by now, for as long as it is. */
export function useCountBehind(when: boolean) {
  useEffect(() => {
    if (!when) return;
    add(1);
    return () => add(-1);
  }, [when]);
}

/** Whether any such answer is shown. */
export const useBehind = () =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => behind > 0,
  );
