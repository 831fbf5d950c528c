import { type RefObject, useEffect, useRef } from "react";

/** So much of it must be seen at the foot of the screen, px, for a choice to seem to do something. */
const SEEN_PX = 160;

/** Classes of what stays in sight beside a page that is scrolled. The header takes the 4rem. */
export const STAYS =
  "lg:sticky lg:top-0 lg:max-h-[calc(100dvh-4rem)] lg:overflow-auto print:static print:max-h-none";

/** Classes of what has room to come into view where it stands under a page, also before all of it is there. */
export const HAS_ROOM = "max-lg:min-h-[80dvh]";

// What every page is scrolled in.
const scroller = () => document.querySelector("main");

/**
 * Brings a part of a page into view when something is chosen for it, else choosing would seem to do nothing. When nothing is
 * chosen any more the page goes back to where it was chosen, unless one went back oneself.
 *
 * @param shows what was chosen, if anything
 * @param underOnly true where it is in view by itself as long as it does not stand under what comes before it
 */
export function useInView(part: RefObject<HTMLElement | null>, shows?: string, underOnly = false) {
  const back = useRef<(() => void) | null>(null);
  useEffect(() => {
    const before = part.current?.previousElementSibling;
    if (!shows || !part.current || !before) return;
    const { top } = part.current.getBoundingClientRect();
    if (underOnly && top < before.getBoundingClientRect().bottom) return;
    if (top >= 0 && top <= innerHeight - SEEN_PX) return;
    const from = scroller()?.scrollTop;
    back.current = () => {
      const away = before.isConnected && before.getBoundingClientRect().bottom < SEEN_PX;
      if (away) scroller()?.scrollTo({ top: from });
    };
    part.current.scrollIntoView({ block: "start" });
  }, [part, shows, underOnly]);

  const open = Boolean(shows);
  useEffect(() => {
    if (!open) return;
    return () => {
      back.current?.();
      back.current = null;
    };
  }, [open]);
}
