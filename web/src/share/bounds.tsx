import { type ReactNode, useEffect } from "react";
import { useFarm } from "../api/queries";
import { closeWays } from "../ui/commands";

const useClosed = () => useFarm().data?.who?.closed;

/**
 * What whoever is signed in here may not do is not offered: whatever says which way of the farm it goes, by `data-does`, is
 * not shown where that way is closed, and a key that goes it is none.
 */
export function useBounds() {
  const closed = useClosed();
  useEffect(() => {
    if (!closed?.length) return;
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(`${closed.map((way) => `[data-does="${way}"]`)} { display: none !important }`);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    closeWays(closed);
    return () => {
      closeWays([]);
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== sheet);
    };
  }, [closed]);
}

/** Tells of a way whether it is open; for what would read it without being asked. */
export function useIsOpen(): (way: string) => boolean {
  const closed = useClosed();
  return (way) => !closed?.includes(way);
}

/** Stands in for what goes a way, where that way is closed. */
export function Instead({ of, children }: { of: string; children: ReactNode }) {
  return useIsOpen()(of) ? null : children;
}
