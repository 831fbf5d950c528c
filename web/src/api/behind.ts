import { useEffect } from "react";
import { watched } from "../ui/watched";

let behind = 0;
const { tell, useNow } = watched();

function add(more: number) {
  behind += more;
  tell();
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
export const useBehind = () => useNow(() => behind > 0);
