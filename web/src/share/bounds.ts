import { useEffect } from "react";

const named = (ways: string[], attribute: string) => ways.map((way) => `[${attribute}="${way}"]`).join();

/**
 * What whoever is signed in here may not do is not offered: whatever says which way of the farm it goes, by `data-does`, is
 * not shown where that way is closed, and what stands in for it, by `data-else`, is.
 */
export function useBounds(closed: string[] | undefined) {
  useEffect(() => {
    if (!closed?.length) return;
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(
      `${named(closed, "data-does")} { display: none !important }
       ${named(closed, "data-else")} { display: revert !important }`,
    );
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== sheet);
    };
  }, [closed]);
}
