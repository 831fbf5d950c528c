import { useEffect } from "react";

type Keys = Record<string, (event: KeyboardEvent) => void>;

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName));

/** Keys of a station. They rest while something is typed or an overlay is open. */
export function useKeys(keys: Keys, active = true) {
  useEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent) => {
      const overlay = document.querySelector('[role="dialog"][data-state="open"]');
      if (typing(event.target) || overlay || event.ctrlKey || event.metaKey || event.altKey) return;
      const handler = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (handler) {
        event.preventDefault();
        handler(event);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [keys, active]);
}
