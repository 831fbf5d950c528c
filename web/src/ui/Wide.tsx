import type { ReactNode } from "react";

/** Holds a table that is wider than a small screen; it is moved by hand or, once it has the focus, by the arrows. */
export const Wide = ({ name, children }: { name: string; children: ReactNode }) => (
  // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keys
  <section aria-label={name} tabIndex={0} className="overflow-x-auto">
    {children}
  </section>
);
