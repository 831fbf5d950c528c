import { type ReactNode, useRef } from "react";
import { HAS_ROOM, STAYS, useInView } from "./useInView";

/**
 * What stands beside a page; under it where there is no room. What is chosen for it is in view wherever on the page it was
 * chosen: beside the page it stays where the eye is, under it the page goes there.
 */
export function Beside({
  width,
  shows,
  label,
  className = "",
  children,
}: {
  width: string;
  /** What was chosen for it, if anything. */
  shows?: string;
  label?: string;
  className?: string;
  children: ReactNode;
}) {
  const own = useRef<HTMLElement>(null);
  useInView(own, shows, true);
  return (
    <aside
      ref={own}
      aria-label={label}
      className={`${width} shrink-0 border-line border-l bg-surface max-lg:w-full max-lg:border-t max-lg:border-l-0 ${className}`}
    >
      <div className={`px-[22px] py-5 ${shows ? `${HAS_ROOM} ${STAYS}` : ""}`}>{children}</div>
    </aside>
  );
}
