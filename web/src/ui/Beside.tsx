import { type ReactNode, useEffect, useRef } from "react";

/** So much of it must be seen at the foot of the screen, px, for a choice to seem to do something. */
const SEEN_PX = 160;

const OF_A_CHOICE =
  "max-lg:min-h-[80dvh] lg:sticky lg:top-0 lg:max-h-[calc(100dvh-4rem)] lg:overflow-auto print:static print:max-h-none";

/**
 * What stands beside a page; under it where there is no room. What is chosen for it is in view wherever on the page it was
 * chosen, else choosing would seem to do nothing: beside the page it stays where the eye is, under it the page goes there.
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
      className={`${width} shrink-0 border-line border-l bg-surface max-lg:w-full max-lg:border-t max-lg:border-l-0 ${className}`}
    >
      <div className={`px-[22px] py-5 ${shows ? OF_A_CHOICE : ""}`}>{children}</div>
    </aside>
  );
}
