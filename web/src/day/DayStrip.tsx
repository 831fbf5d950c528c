import { linear } from "../ui/scales";
import { useWidth } from "../ui/useWidth";
import { clock, clocks, type DayView, type Lane, ROLES } from "./dayApi";

const HEAD = 96;
const LANE = 46;
const TOP = 22;
/** Minutes that are not drawn as waiting. */
const SHORT = 1.5;

type Span = Lane["spans"][number];

/** A lane a person over the hours: blocks by lot, cleanings as drops, ways as gaps, the end with its range. */
export function DayStrip({ day }: { day: DayView }) {
  const { ref, width } = useWidth(760, 320);
  const { team, done } = day;
  if (!done) return null;
  const until = Math.max(
    done.finish.high,
    ...team.lanes.flatMap((l) => l.spans.map((s) => s.until + team.beginsMinute)),
  );
  const step = until - team.beginsMinute > 180 ? 60 : 30;
  const from = Math.floor(team.beginsMinute / step) * step;
  const to = Math.ceil((until + 5) / step) * step;
  const x = linear([from, to], [HEAD, width - 24]);
  const at = (minute: number) => x(team.beginsMinute + minute);
  const high = TOP + team.lanes.length * LANE;
  const hours = Array.from({ length: (to - from) / step + 1 }, (_, i) => from + i * step);
  const every = Math.max(1, Math.ceil(hours.length / ((width - HEAD) / 54)));
  const marks = new Map(day.blocks.map((b) => [b.key, b.lotCode.slice(0, 2)]));
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={high + 26}
        role="img"
        aria-label={`The day of ${team.lanes.map((l) => l.name).join(", ")}: done ${clock(done.finish.low)} to ${clock(done.finish.high)}`}
        className="block"
      >
        <defs>
          <linearGradient id="day-end">
            <stop offset="0" stopColor="var(--sea)" stopOpacity={0.28} />
            <stop offset="1" stopColor="var(--sea)" stopOpacity={0.02} />
          </linearGradient>
          <pattern
            id="day-pause"
            width={6}
            height={6}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={2} height={6} fill="var(--line)" />
          </pattern>
        </defs>
        {hours.map((hour, i) => (
          <g key={hour}>
            <line x1={x(hour)} x2={x(hour)} y1={TOP - 4} y2={high} stroke="var(--line)" />
            {i % every === 0 && (
              <text x={x(hour)} y={TOP - 9} fontSize={12} textAnchor="middle" fill="var(--soft)">
                {clock(hour)}
              </text>
            )}
          </g>
        ))}
        <rect
          x={x(done.finish.low)}
          y={TOP}
          width={Math.max(2, x(done.finish.high) - x(done.finish.low))}
          height={high - TOP}
          fill="url(#day-end)"
        />
        {team.lanes.map((lane, i) => (
          <g key={lane.name} transform={`translate(0 ${TOP + i * LANE})`}>
            <text x={0} y={19} fontSize={14.5} fontWeight={600} fill="var(--ink)">
              {lane.name}
            </text>
            <text x={0} y={35} fontSize={12.5} fill="var(--soft)">
              {ROLES.find(([key]) => key === lane.role)?.[1]}
            </text>
            {together(lane.spans).map((span) => (
              <Piece
                key={`${span.from}${span.doing}`}
                span={span}
                at={at}
                mark={marks.get(span.block) ?? ""}
              />
            ))}
          </g>
        ))}
        <line
          x1={x(done.finish.mid)}
          x2={x(done.finish.mid)}
          y1={TOP}
          y2={high + 4}
          stroke="var(--sea)"
          strokeWidth={2}
        />
        <text
          x={Math.min(x(done.finish.mid), width - 62)}
          y={high + 19}
          fontSize={13}
          fontWeight={700}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {clocks(done.finish.low, done.finish.high)}
        </text>
      </svg>
    </div>
  );
}

function Piece({ span, at, mark }: { span: Span; at: (minute: number) => number; mark: string }) {
  const left = at(span.from);
  const wide = Math.max(1, at(span.until) - left);
  const title = <title>{`${clockless(span)}, ${Math.round(span.until - span.from)} min`}</title>;
  if (span.doing === "WORK") {
    return (
      <g>
        {title}
        <rect
          x={left}
          y={8}
          width={wide}
          height={28}
          rx={3}
          fill="var(--stickwood)"
          stroke="var(--stickbark)"
          strokeWidth={1.5}
        />
        {wide > 22 && (
          <text
            x={left + wide / 2}
            y={27}
            fontSize={13.5}
            fontWeight={700}
            textAnchor="middle"
            fill="#12262b"
          >
            {mark}
          </text>
        )}
      </g>
    );
  }
  if (span.doing === "CLEAN") {
    const middle = left + wide / 2;
    return (
      <g>
        {title}
        <path d={`M${middle} 12 c5 8 7 11 7 15 a7 7 0 0 1 -14 0 c0 -4 2 -7 7 -15z`} fill="var(--sea)" />
      </g>
    );
  }
  if (span.doing === "PAUSE") {
    return (
      <g>
        {title}
        <rect x={left} y={8} width={wide} height={28} fill="url(#day-pause)" />
      </g>
    );
  }
  return (
    <g>
      {title}
      <line
        x1={left + 1}
        x2={left + Math.max(2, wide - 1)}
        y1={22}
        y2={22}
        stroke="var(--edge)"
        strokeWidth={span.doing === "WALK" ? 2 : 1}
        strokeDasharray={span.doing === "WALK" ? "1 5" : "none"}
        strokeLinecap="round"
      />
    </g>
  );
}

/** Work on one block is one block, short waits within it left out. */
function together(spans: Span[]): Span[] {
  const drawn: Span[] = [];
  for (const span of spans) {
    const last = drawn[drawn.length - 1];
    if (
      span.doing === "WORK" &&
      last?.doing === "WORK" &&
      last.block === span.block &&
      span.from - last.until < SHORT
    )
      drawn[drawn.length - 1] = { ...last, until: span.until, grafts: last.grafts + span.grafts };
    else if (span.doing !== "WAIT" || span.until - span.from >= SHORT) drawn.push(span);
  }
  return drawn;
}

const DOING: Record<Span["doing"], string> = {
  WORK: "at work",
  CLEAN: "blade cleaned",
  WALK: "on the way",
  WAIT: "waits",
  PAUSE: "pause",
};

const clockless = (span: Span) => (span.grafts > 0 ? `${span.grafts} grafts` : DOING[span.doing]);

/** The same to read and to copy. */
export function StripTable({ day }: { day: DayView }) {
  const name = new Map(day.blocks.map((b) => [b.key, `${b.varietyName}, ${b.lotCode}`]));
  return (
    <details className="mt-1 text-[14.5px] print:hidden">
      <summary className="text-sea underline">Read the day as a table</summary>
      <table className="mt-1 w-full">
        <caption className="sr-only">The day of each person</caption>
        <thead className="text-left text-soft">
          <tr>
            <th className="font-normal">who</th>
            <th className="font-normal">from</th>
            <th className="font-normal">to</th>
            <th className="font-normal">what</th>
          </tr>
        </thead>
        <tbody>
          {day.team.lanes.flatMap((lane) =>
            lane.spans
              .filter((span) => span.doing !== "WAIT")
              .map((span) => (
                <tr key={`${lane.name}${span.from}${span.doing}`} className="border-line border-t">
                  <td>{lane.name}</td>
                  <td>{clock(day.team.beginsMinute + span.from)}</td>
                  <td>{clock(day.team.beginsMinute + span.until)}</td>
                  <td>
                    {span.grafts > 0 ? `${span.grafts} of ${name.get(span.block) ?? ""}` : DOING[span.doing]}
                  </td>
                </tr>
              )),
          )}
        </tbody>
      </table>
    </details>
  );
}
