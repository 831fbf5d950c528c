import { useIsFetching } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useBehind } from "../api/behind";

// Shorter than this nobody sees it; a mark that flickers says less than none.
const QUIET_MS = 400;

/** Whether figures on the screen are older than what is known, or answer what was asked before, and new ones are on their way. */
function useReckoning() {
  const anew = useIsFetching({
    type: "active",
    predicate: ({ state, observers }) =>
      state.data
        ? state.isInvalidated
        : observers.some((shown) => shown.getCurrentResult().isPlaceholderData),
  });
  const behind = useBehind();
  const [long, setLong] = useState(false);
  const fresh = anew === 0 && !behind;
  useEffect(() => {
    if (fresh) {
      setLong(false);
      return;
    }
    const timer = setTimeout(() => setLong(true), QUIET_MS);
    return () => clearTimeout(timer);
  }, [fresh]);
  return long && !fresh;
}

/** Says so, over the work table, until every figure on it is of now. */
export function Reckoning() {
  if (!useReckoning()) return null;
  return (
    <p
      role="status"
      className="sticky top-0 z-20 ml-auto -mb-6 h-6 w-fit rounded-bl bg-ink px-2.5 text-[13.5px] text-ground leading-6 print:hidden"
    >
      Reckoned anew; till then these figures are of before
    </p>
  );
}
