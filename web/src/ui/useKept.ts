import { useEffect, useRef } from "react";

const PAUSE_MS = 400;

/** Keeps what is being worked on in this device's store: when the hand pauses, and when the page is left. */
export function useKept<T>(draft: T, keep: (draft: T) => void) {
  const due = useRef<T>(undefined);
  const write = useRef(() => {
    if (due.current !== undefined) keep(due.current);
    due.current = undefined;
  });
  useEffect(() => {
    due.current = draft;
    const timer = setTimeout(write.current, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [draft]);
  useEffect(() => {
    const leave = write.current;
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, []);
}
