import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { PushCurve } from "../drawings/PushCurve";
import { Coming, PartHeading } from "../ui/parts";

type Key = Schemas["take.GroupKey"];
type Course = Schemas["take.Course"];

/** A group by something known of its grafts. */
export interface KindsKey {
  first: string;
  kind: string;
  then?: string;
  thenKind?: string;
  part?: string;
}

const WHAT = { what: "how long they take to push" };

const whole = (day: number | undefined) => Math.round(day ?? 0);

function words(course: Course, unit: string, drawn = true) {
  if (course.pushed + course.died === 0) return "Nothing has pushed or died yet.";
  const half =
    course.median === undefined
      ? "None has pushed."
      : `Half of those that push have pushed by ${unit} ${whole(course.median)}${course.medianLow === undefined ? "" : `, ${whole(course.medianLow)} to ${whole(course.medianHigh)}`}.`;
  const stops =
    course.stopsPaying === undefined
      ? "These records do not tell when waiting stops paying."
      : `From ${unit} ${whole(course.stopsPaying)} on, no more than ${Math.round(course.line * 100)} in 100 of those still silent pushed${drawn ? ": the dashed line" : ""}.`;
  return `${half} ${stops}`;
}

/** How long a group's grafts take to push, in healing days or days of the calendar. */
export function TimeToPush({ groupKey }: { groupKey: Key }) {
  const [calendar, setCalendar] = useState(false);
  const course = useQuery({
    meta: WHAT,
    queryKey: ["push", groupKey, calendar],
    queryFn: () => told(api.GET("/api/takes/push", { params: { query: { ...groupKey, calendar } } })),
  });
  return <Drawn course={course.data} calendar={calendar} onCalendar={setCalendar} />;
}

const useKinds = (key: KindsKey | undefined, calendar: boolean) =>
  useQuery({
    meta: WHAT,
    queryKey: ["push-by", key, calendar],
    enabled: key !== undefined,
    queryFn: () => told(api.GET("/api/takes/by/push", { params: { query: { ...key, calendar } } })),
  });

/** The same of a group by anything, with another beside it where one is set against it. */
export function KindsToPush({ of, beside, name }: { of: KindsKey; beside?: KindsKey; name?: string }) {
  const [calendar, setCalendar] = useState(false);
  const own = useKinds(of, calendar).data;
  const other = useKinds(beside, calendar).data;
  return (
    <Drawn course={own} beside={beside && other} name={name} calendar={calendar} onCalendar={setCalendar} />
  );
}

interface DrawnProps {
  course?: Course;
  beside?: Course;
  name?: string;
  calendar: boolean;
  onCalendar: (calendar: boolean) => void;
}

function Drawn({ course, beside, name, calendar, onCalendar }: DrawnProps) {
  const unit = calendar ? "day" : "healing day";
  return (
    <section aria-label="How long they take to push">
      <PartHeading>How long they take to push</PartHeading>
      {course ? (
        <>
          <PushCurve course={course} beside={beside} unit={`${unit}s`} />
          <p className="text-[14.5px]">{words(course, unit)}</p>
          {beside && (
            <p className="mt-1 text-[14.5px]">
              <b>{name}</b>, the broken line: {words(beside, unit, false)}
            </p>
          )}
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
          onChange={(e) => onCalendar(e.target.checked)}
        />
        in days of the calendar
      </label>
    </section>
  );
}
