import { useEffect, useRef, useState } from "react";

/** The width of an element as it changes. */
export function useWidth(first: number, least = 280) {
  const ref = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(first);
  useEffect(() => {
    if (!ref.current) return;
    const watch = new ResizeObserver(([entry]) => setWidth(Math.max(least, entry.contentRect.width)));
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, [least]);
  return { ref, width };
}
