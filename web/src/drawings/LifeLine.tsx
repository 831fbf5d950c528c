import type { Schemas } from "../api/client";
import { linear } from "../ui/scales";
import { type Choices, lengthWords, useChoices } from "../units";
import { PACE_WORDS, SIGNS } from "./signs";

/** Marks closer together than this, in px, would hide each other; the latest of them is drawn. */
const APART = 13;

type Mark = Schemas["care.LifeLineMark"];

export function spread(marks: Mark[], x: (day: number) => number): Mark[] {
  const kept: Mark[] = [];
  for (const mark of marks) {
    const before = kept[kept.length - 1];
    const changed = !before || before.sign !== mark.sign;
    if (before && !changed) continue;
    if (before && x(mark.at) - x(before.at) < APART) kept.pop();
    kept.push(mark);
  }
  return kept;
}

/** In words, for readers who do not see the drawing. */
export function lifeWords(line: Schemas["care.LifeLine"]): string {
  const last = line.marks[line.marks.length - 1];
  const seen = last
    ? `last seen ${SIGNS[last.sign].words} on healing day ${Math.round(last.at)}`
    : "not looked at yet";
  return `Healing day ${Math.round(line.now)}, ${PACE_WORDS[line.pace]}, ${seen}, first push expected on healing day ${line.pushFrom} to ${line.pushTo}`;
}

/** The longest shoot drawn in full, mm; its height, px. */
const TALL_MM = 600;
const TALL_PX = 15;
const sizeHeight = (mm: number) => 3 + (Math.min(mm, TALL_MM) / TALL_MM) * TALL_PX;

/** What its lengths tell, for readers who do not see the drawing. */
export function sizeWords(line: Schemas["care.LifeLine"], length: Choices["length"]): string {
  const last = line.sizes[line.sizes.length - 1];
  if (!last) return "";
  const next = line.next
    ? `, ${lengthWords(line.next.mm, length)} expected on healing day ${Math.round(line.next.from)} to ${Math.round(line.next.to)}`
    : "";
  return `${lengthWords(last.mm, length)} long on healing day ${Math.round(last.at)}${next}`;
}

/** A graft's life as one thin track in healing days. */
export function LifeLine(props: {
  line: Schemas["care.LifeLine"];
  width: number;
  height?: number;
  scale?: boolean;
}) {
  const { line, width, height = 30, scale = false } = props;
  const { length } = useChoices();
  const axis = scale ? 16 : 0;
  const y = height / 2 + 2;
  const along = linear([0, line.length], [8, width - 8]);
  const x = (days: number) => along(Math.min(line.length, Math.max(0, days)));
  return (
    <svg
      width={width}
      height={height + axis}
      role="img"
      aria-label={lifeWords(line)}
      className="block max-w-full shrink-0"
      viewBox={`0 0 ${width} ${height + axis}`}
    >
      <rect
        x={x(line.pushFrom)}
        y={y - 10}
        width={x(line.pushTo) - x(line.pushFrom)}
        height={20}
        fill="var(--stage-P)"
        opacity={0.2}
      />
      <line x1={x(0)} x2={x(line.length)} y1={y} y2={y} stroke="var(--line)" strokeWidth={2} />
      <line x1={x(0)} x2={x(line.now)} y1={y} y2={y} stroke="var(--ink)" strokeWidth={2} />
      {line.notches.map((notch) => (
        <line
          key={`${notch.kind}${notch.at}`}
          x1={x(notch.at)}
          x2={x(notch.at)}
          y1={y - 5}
          y2={y + 5}
          stroke={notch.overdue ? "var(--alarm)" : "var(--soft)"}
          strokeWidth={notch.overdue ? 2.5 : 1.4}
        />
      ))}
      {scale &&
        line.sizes.map((size) => (
          <line
            key={`${size.at}${size.mm}`}
            x1={x(size.at)}
            x2={x(size.at)}
            y1={y}
            y2={y - sizeHeight(size.mm)}
            stroke="var(--leaf)"
            strokeWidth={4}
            opacity={0.55}
          />
        ))}
      {scale && line.next && (
        <g>
          <path
            d={`M${x(line.next.from)} ${y + 7}v4H${x(line.next.to)}v-4M${x(line.next.mid)} ${y + 11}v-6`}
            fill="none"
            stroke="var(--leaf)"
            strokeWidth={1.4}
          />
          <title>{`${lengthWords(line.next.mm, length)} long, expected on healing day ${Math.round(line.next.from)} to ${Math.round(line.next.to)}`}</title>
        </g>
      )}
      {spread(line.marks, x).map((mark) => (
        <g key={`${mark.at}${mark.sign}`}>
          <circle
            cx={x(mark.at)}
            cy={y}
            r={6.8}
            fill={SIGNS[mark.sign].fill}
            stroke="var(--ink)"
            strokeWidth={0.8}
          />
          <text
            x={x(mark.at)}
            y={y + 3.6}
            fontSize={10}
            fontWeight={700}
            textAnchor="middle"
            fill={SIGNS[mark.sign].ink}
          >
            {SIGNS[mark.sign].letter}
          </text>
        </g>
      ))}
      {line.pace !== "ENDED" && (
        <g>
          <line
            x1={x(line.now)}
            x2={x(line.now)}
            y1={y - 9}
            y2={y + 6}
            stroke="var(--ink)"
            strokeWidth={1.4}
          />
          <circle
            cx={x(line.now)}
            cy={y - 10}
            r={4}
            fill="var(--lamp)"
            stroke="var(--ink)"
            strokeWidth={1.2}
          />
        </g>
      )}
      {scale &&
        [0, 30, 60, 90, 120].map((day) => (
          <text
            key={day}
            x={day === 0 ? 1 : x(day)}
            y={height + 12}
            fontSize={11.5}
            textAnchor={day === 0 ? "start" : "middle"}
            fill="var(--soft)"
          >
            {day === 0 ? "healing days" : day}
          </text>
        ))}
    </svg>
  );
}
