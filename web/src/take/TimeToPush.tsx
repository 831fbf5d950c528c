import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { PushCurve } from "../drawings/PushCurve";
import { Coming, PartHeading } from "../ui/parts";

type Key = Schemas["take.GroupKey"];
type Course = Schemas["take.Course"];

const useCourse = (key: Key, calendar: boolean) =>
  useQuery({
    meta: { what: "how long they take to push" },
    queryKey: ["push", key, calendar],
    queryFn: () => told(api.GET("/api/takes/push", { params: { query: { ...key, calendar } } })),
  });

const whole = (day: number | undefined) => Math.round(day ?? 0);

function words(course: Course, unit: string) {
  if (course.pushed + course.died === 0) return "Nothing has pushed or died yet.";
  const half =
    course.median === undefined
      ? "None has pushed."
      : `Half of those that push have pushed by ${unit} ${whole(course.median)}${course.medianLow === undefined ? "" : `, ${whole(course.medianLow)} to ${whole(course.medianHigh)}`}.`;
  const stops =
    course.stopsPaying === undefined
      ? "These records do not tell when waiting stops paying."
      : `From ${unit} ${whole(course.stopsPaying)} on, no more than ${Math.round(course.line * 100)} in 100 of those still silent pushed: the dashed line.`;
  return `${half} ${stops}`;
}

/** How long a group's grafts take to push, in healing days or days of the calendar. */
export function TimeToPush({ groupKey }: { groupKey: Key }) {
  const [calendar, setCalendar] = useState(false);
  const course = useCourse(groupKey, calendar);
  const unit = calendar ? "day" : "healing day";
  return (
    <section aria-label="How long they take to push">
      <PartHeading>How long they take to push</PartHeading>
      {course.data ? (
        <>
          <PushCurve course={course.data} unit={`${unit}s`} />
          <p className="text-[14.5px]">{words(course.data, unit)}</p>
          <p className="mt-1 text-[13.5px] text-soft">
            The line is the share pushed, its band the 90 % range; from above those that died; open circles
            wait.
          </p>
        </>
      ) : (
        <Coming what="how long they take" />
      )}
      <label className="mt-1 flex min-h-9 items-center gap-2 text-[14.5px] max-sm:min-h-11">
        <input
          type="checkbox"
          className="size-5 accent-[var(--sea)]"
          checked={calendar}
          onChange={(e) => setCalendar(e.target.checked)}
        />
        in days of the calendar
      </label>
    </section>
  );
}
