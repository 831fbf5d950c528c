import { useIsFetching } from "@tanstack/react-query";
import { type ReactNode, useEffect, useState } from "react";

const CALM_MS = 700;

/** What comes only once the first screen stands; it listens for that by itself, so that nothing around it is drawn anew. */
export function Later({ children }: { children: ReactNode }) {
  const coming = useIsFetching() > 0;
  const [calm, setCalm] = useState(false);
  useEffect(() => {
    if (coming || calm) return;
    const timer = setTimeout(() => setCalm(true), CALM_MS);
    return () => clearTimeout(timer);
  }, [coming, calm]);
  return calm ? children : null;
}
