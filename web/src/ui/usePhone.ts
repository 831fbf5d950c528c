import { useSyncExternalStore } from "react";

const query = window.matchMedia("(max-width: 639px)");

/** True on a screen as narrow as a phone's. */
export function usePhone(): boolean {
  return useSyncExternalStore(
    (listener) => {
      query.addEventListener("change", listener);
      return () => query.removeEventListener("change", listener);
    },
    () => query.matches,
  );
}
