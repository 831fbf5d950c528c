import type { Schemas } from "../api/client";
import { daysBetween, dayWords } from "../days";
import { PartHeading, Trouble } from "../ui/parts";
import type { Draft } from "./draft";
import { useMeeting } from "./flushApi";
import { sureWords } from "./words";

type Meeting = Schemas["season.Meeting"];
type Way = Meeting["ways"][number];

const WIDE = 300;
const TALL = 92;
const FOOT = 16;
const WEEK = 7;

interface MeetProps {
  draft: Draft;
  slipping: boolean;
  today: string;
  onDay: (day: string) => void;
}

/** Whether stocks and wood of a pairing will be ready together, and what pinching or topping would do to it. */
export function Meet({ draft, slipping, today, onDay }: MeetProps) {
  const meeting = useMeeting(draft, slipping);
  if (meeting.error) return <Trouble problem={meeting.error} />;
  return (
    <section aria-label="Will stocks and wood meet?">
      <PartHeading>Will stocks and wood meet?</PartHeading>
      {meeting.data ? (
        <>
          <Chances meeting={meeting.data} day={draft.day} today={today} />
          <ul className="mt-1 text-[15px]">
            {meeting.data.ways.map((way) => (
              <WayLine key={way.doing} way={way} today={today} day={draft.day} onDay={onDay} />
            ))}
          </ul>
        </>
      ) : (
        <p className="text-[14.5px] text-soft">Counting the years in which they do …</p>
      )}
    </section>
  );
}

const doneBy = (what: string, day: string | undefined, today: string) =>
  day ? `${what} ${day <= today ? "today" : dayWords(day)}` : undefined;

function wayWords(way: Way, today: string): string {
  if (way.doing === "NOTHING") return "As they are";
  const steps = [doneBy("tips pinched", way.pinchBy, today), doneBy("stocks topped", way.topBy, today)];
  return `With ${steps.filter(Boolean).join(" and ")}`;
}

function WayLine(props: { way: Way; today: string; day: string; onDay: (day: string) => void }) {
  const { way, today } = props;
  const words = wayWords(way, today);
  if (way.meet === 0)
    return <li className="border-line border-t py-1.5">{words} they do not meet in these weeks.</li>;
  return (
    <li className="border-line border-t">
      <button
        type="button"
        className="block w-full py-1.5 text-left hover:bg-ground"
        aria-pressed={props.day === way.best}
        onClick={() => props.onDay(way.best)}
      >
        <b>{words}</b>
        <span className="block text-soft">
          best <span className="text-sea underline">{dayWords(way.best)}</span>: together in{" "}
          {sureWords(way.meet)}, lit in {Math.round(way.lit * 100)}
        </span>
      </button>
    </li>
  );
}

const LINES = [
  { key: "both", words: "both", dash: "1 3" },
  { key: "topped", words: "topped", dash: "2 4" },
  { key: "pinched", words: "pinched", dash: "6 3" },
] as const;

function Chances({ meeting, day, today }: { meeting: Meeting; day: string; today: string }) {
  const { days } = meeting;
  const x = (i: number) => (i / (days.length - 1)) * WIDE;
  const y = (chance: number) => 4 + (1 - chance) * (TALL - 4);
  const path = (of: (day: Meeting["days"][number]) => number) =>
    days.map((one, i) => `${i ? "L" : "M"}${x(i).toFixed(1)} ${y(of(one)).toFixed(1)}`).join("");
  const shown = new Set(meeting.ways.map((way) => way.doing));
  const drawn = LINES.filter(({ key }) =>
    shown.has(key === "both" ? "PINCH_AND_TOP" : key === "pinched" ? "PINCH" : "TOP"),
  );
  const at = daysBetween(today, day);
  return (
    <figure>
      <svg viewBox={`0 0 ${WIDE} ${TALL + FOOT}`} className="block w-full" aria-hidden="true">
        {[0, 0.5, 1].map((chance) => (
          <line key={chance} x1={0} x2={WIDE} y1={y(chance)} y2={y(chance)} stroke="var(--line)" />
        ))}
        <path
          d={`${path((d) => d.asTheyAre)}L${WIDE} ${y(0)}L0 ${y(0)}Z`}
          fill="var(--lamp)"
          opacity={0.55}
        />
        {drawn.map(({ key, dash }) => (
          <path
            key={key}
            d={path((d) => d[key])}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.4}
            strokeDasharray={dash}
          />
        ))}
        {at >= 0 && at < days.length && (
          <line
            x1={x(at)}
            x2={x(at)}
            y1={0}
            y2={TALL}
            stroke="var(--sea)"
            strokeWidth={2}
            strokeDasharray="5 3"
          />
        )}
        {[0, 4, 8].map((weeks) => (
          <text key={weeks} x={x(weeks * WEEK)} y={TALL + 13} fontSize={12} fill="var(--soft)">
            {weeks ? dayWords(days[weeks * WEEK].day).slice(4) : "today"}
          </text>
        ))}
        <text x={WIDE} y={y(1) + 11} textAnchor="end" fontSize={12} fill="var(--soft)">
          every year
        </text>
      </svg>
      <figcaption className="flex flex-wrap gap-x-3 text-[13px] text-soft">
        <span>
          <span aria-hidden="true" className="mr-1 inline-block h-2.5 w-3.5 bg-[var(--lamp)] opacity-55" />
          as they are
        </span>
        {drawn.map(({ key, words, dash }) => (
          <span key={key} className="inline-flex items-center gap-1">
            <svg width={18} height={4} aria-hidden="true">
              <line
                x1={0}
                x2={18}
                y1={2}
                y2={2}
                stroke="var(--ink)"
                strokeWidth={1.6}
                strokeDasharray={dash}
              />
            </svg>
            {words}
          </span>
        ))}
      </figcaption>
      <table className="sr-only">
        <caption>Chance that stocks and wood are ready together, by week</caption>
        <thead>
          <tr>
            <th>week of</th>
            <th>as they are</th>
            {drawn.map(({ key, words }) => (
              <th key={key}>{words}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {days
            .filter((_, i) => i % WEEK === 0)
            .map((one) => (
              <tr key={one.day}>
                <th scope="row">{dayWords(one.day)}</th>
                <td>{Math.round(one.asTheyAre * 100)} %</td>
                {drawn.map(({ key }) => (
                  <td key={key}>{Math.round(one[key] * 100)} %</td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
    </figure>
  );
}
