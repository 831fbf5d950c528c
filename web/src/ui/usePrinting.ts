import { useSyncExternalStore } from "react";

const onPaper = window.matchMedia("print");
let begun = false;

function watch(tell: () => void) {
  const begin = () => {
    begun = true;
    tell();
  };
  const end = () => {
    begun = false;
    tell();
  };
  onPaper.addEventListener("change", tell);
  window.addEventListener("beforeprint", begin);
  window.addEventListener("afterprint", end);
  return () => {
    onPaper.removeEventListener("change", tell);
    window.removeEventListener("beforeprint", begin);
    window.removeEventListener("afterprint", end);
  };
}

/** True while the page is laid out for paper: what only paper needs is made then, not before. */
export const usePrinting = () => useSyncExternalStore(watch, () => begun || onPaper.matches);
