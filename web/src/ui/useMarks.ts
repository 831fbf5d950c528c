import { useState } from "react";

/** Some of a list, marked to be treated together. */
export function useMarks<T>() {
  const [marked, setMarked] = useState<ReadonlySet<T>>(new Set());
  const mark = (one: T) =>
    setMarked((before) => {
      const after = new Set(before);
      if (!after.delete(one)) after.add(one);
      return after;
    });
  return { marked, mark, setMarks: (all: Iterable<T>) => setMarked(new Set(all)) };
}
