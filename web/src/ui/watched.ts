import { useSyncExternalStore } from "react";

/** For what is kept outside the screens: those that show it are drawn anew when it is told that it changed. */
export function watched() {
  const watchers = new Set<() => void>();
  const watch = (watcher: () => void) => {
    watchers.add(watcher);
    return () => watchers.delete(watcher);
  };
  return {
    /** Calls someone after each change; gives what ends that. */
    watch,
    tell: () => {
      for (const watcher of watchers) watcher();
    },
    useNow: <Value>(read: () => Value) => useSyncExternalStore(watch, read),
  };
}
