import { Link } from "react-router";
import { useFarm } from "../api/queries";
import { awayWords, dayWords } from "../days";
import { useBenchDays } from "./dayApi";

/** Graft days that are planned, today's first: each leads to its plan. */
export function DaysAhead() {
  const days = useBenchDays();
  const today = useFarm().data?.today;
  const ahead = (days.data ?? []).filter((day) => today !== undefined && day.day >= today);
  if (!today) return null;
  return (
    <section aria-label="Graft days" className="mb-5">
      <h2 className="font-semibold text-[14px] text-soft">Graft days</h2>
      {ahead.slice(0, 5).map((day) => (
        <Link
          key={day.day}
          to={`/bench/day/${day.day}`}
          className="flex min-h-9 items-baseline gap-2 border-line border-t py-1 text-[15px] hover:bg-ground max-sm:min-h-11"
        >
          <b className="text-sea">{dayWords(day.day)}</b>
          <span className="flex-1">
            {day.made > 0 ? `${day.made} of ` : ""}
            {day.grafts} grafts, {day.lines} {day.lines === 1 ? "line" : "lines"}
          </span>
          <span className="text-[14px] text-soft">{awayWords(day.day, today)}</span>
        </Link>
      ))}
      {!ahead.some((day) => day.day === today) && (
        <Link
          data-does="POST /api/bench-days/{day}/lists/{listId}"
          to={`/bench/day/${today}`}
          className="flex min-h-9 items-center border-line border-t text-[15px] text-sea underline max-sm:min-h-11"
        >
          Plan today as a graft day
        </Link>
      )}
      <Link
        to="/bench/labels"
        className="flex min-h-9 items-center border-line border-t text-[15px] text-sea underline max-sm:min-h-11"
      >
        Labels to print
      </Link>
    </section>
  );
}
