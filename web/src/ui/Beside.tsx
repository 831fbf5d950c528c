import { type ReactNode, useEffect, useRef } from "react";

/** So much of it must be seen at the foot of the screen, px, for a choice to seem to do something. */
const SEEN_PX = 160;

/**
 * What stands beside a page; under it where there is no room. What is chosen for it comes into view there, else choosing
 * would seem to do nothing.
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
  useEffect(() => {
    const page = own.current?.previousElementSibling;
    if (!shows || !own.current || !page) return;
    const { top } = own.current.getBoundingClientRect();
    const under = top >= page.getBoundingClientRect().bottom;
    if (under && (top < 0 || top > innerHeight - SEEN_PX)) own.current.scrollIntoView({ block: "start" });
  }, [shows]);
  return (
    <aside
      ref={own}
      aria-label={label}
      className={`${width} shrink-0 border-line border-l bg-surface px-[22px] py-5 max-lg:w-full max-lg:border-t max-lg:border-l-0 ${shows ? "max-lg:min-h-[80dvh]" : ""} ${className}`}
    >
      {children}
    </aside>
  );
}
