import { useEffect, useRef } from "react";
import type { Schemas } from "../api/client";
import { LifeLine } from "../drawings/LifeLine";

type Stop = Schemas["care.Stop"];

interface ListProps {
  stops: Stop[];
  byPlace: boolean;
  current?: Stop;
  marked: ReadonlySet<number>;
  onFocus: (code: string) => void;
  onMark: (id: number) => void;
  onMarks: (ids: Iterable<number>) => void;
}

/** The grafts of a round, to be gone to or marked. */
export function StopList({ stops, byPlace, current, marked, onFocus, onMark, onMarks }: ListProps) {
  const here = useRef<HTMLLIElement>(null);
  const id = current?.graft.id;
  // A round begins at its first graft, from the top of the page.
  const was = useRef<number | undefined>(stops[0]?.graft.id);
  useEffect(() => {
    if (was.current !== id) here.current?.scrollIntoView({ block: "nearest" });
    was.current = id;
  }, [id]);
  return (
    <ol className="scroll-mt-60 max-sm:px-4">
      {stops.map((stop, i) => {
        const first = byPlace && (i === 0 || stops[i - 1].graft.spotId !== stop.graft.spotId);
        const ofPlace = () =>
          stops.filter((s) => s.graft.spotId === stop.graft.spotId).map((s) => s.graft.id);
        const on = stop.graft.id === current?.graft.id;
        return (
          <li key={stop.graft.id} ref={on ? here : undefined} className="scroll-mt-72">
            {first && (
              <h3 className="flex items-baseline gap-3 border-ink border-t-2 pt-2 pb-1 font-semibold">
                {stop.graft.spotName}
                <button
                  data-does="POST /api/looks"
                  type="button"
                  className="font-normal text-[14px] text-sea underline print:hidden"
                  onClick={() => onMarks([...marked, ...ofPlace()])}
                >
                  mark all here
                </button>
              </h3>
            )}
            <div
              className={`flex items-center gap-3 border-line border-t py-1 pl-2 ${on ? "bg-surface shadow-[inset_3px_0_0_var(--sea)]" : ""}`}
            >
              <input
                data-does="POST /api/looks"
                type="checkbox"
                aria-label={`Mark ${stop.graft.code}`}
                className="size-5 accent-[var(--sea)] max-sm:size-6"
                checked={marked.has(stop.graft.id)}
                onChange={() => onMark(stop.graft.id)}
              />
              <button
                type="button"
                onClick={() => onFocus(stop.graft.code)}
                className="flex min-h-9 flex-1 items-center gap-3 text-left max-sm:min-h-11 max-sm:flex-wrap max-sm:gap-x-2 max-sm:gap-y-0"
              >
                <span className="code w-[100px] shrink-0 text-[14.5px]">{stop.graft.code}</span>
                <span className="min-w-0 flex-1 truncate max-sm:order-3 max-sm:basis-full max-sm:text-[14px] max-sm:text-soft">
                  {stop.graft.varietyName}: {stop.tasks.map((t) => t.name).join(", ")}
                </span>
                <span className="max-sm:hidden">
                  <LifeLine line={stop.line} width={230} />
                </span>
                <span
                  className={`w-[112px] whitespace-nowrap text-right text-[14px] ${stop.overdue ? "font-semibold text-alarm" : "text-soft"}`}
                >
                  {stop.overdue ? "overdue" : `healing day ${Math.round(stop.line.now)}`}
                </span>
              </button>
            </div>
          </li>
        );
      })}
    </ol>
  );
}
