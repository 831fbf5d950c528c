import { type CSSProperties, useEffect, useId, useRef } from "react";

/** Lays something below a box while it is open: styles of the two, and what to hold the one laid by. */
export function useLaidBelow<E extends HTMLElement>(open: boolean) {
  const laid = useRef<E>(null);
  const anchor = `--box${useId().replace(/\W/g, "")}`;
  useEffect(() => {
    if (open) laid.current?.showPopover();
    else laid.current?.hidePopover();
  }, [open]);
  return {
    laid,
    ofBox: { anchorName: anchor } as CSSProperties,
    ofLaid: { positionAnchor: anchor } as CSSProperties,
  };
}
