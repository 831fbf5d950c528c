import { Link } from "react-router";
import type { Schemas } from "../api/client";

interface LineLessonsProps {
  lessons: Schemas["cause.Lesson"][];
  again: number;
}

/** What to do differently on stocks that are tried again. */
export function LineLessons({ lessons, again }: LineLessonsProps) {
  if (again === 0 || lessons.length === 0) return null;
  return (
    <details className="text-[14px]">
      <summary className="min-h-6 cursor-pointer text-sea">what to change this time</summary>
      <ul className="mt-1 border-line border-l-2 pl-2">
        {lessons.map((lesson) => (
          <li key={lesson.cause} className="pb-1">
            {lesson.stocks === again ? "All" : lesson.stocks} {lesson.known ? "failed" : "failed most likely"}
            : {lesson.cause}. Next time: {lesson.change}.{" "}
            <Link className="text-sea underline print:hidden" to={lesson.link}>
              There
            </Link>
          </li>
        ))}
      </ul>
    </details>
  );
}
