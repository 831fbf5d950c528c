import { useVirtualizer } from "@tanstack/react-virtual";
import { type ReactNode, useEffect, useRef } from "react";
import type { Schemas } from "../api/client";
import { dayOf } from "../days";
import { type Days, Lane, laneWords } from "../drawings/Lane";
import type { Row } from "./rows";
import { laneMonths } from "./span";

const LANE = 27;
const GROUP = 34;
export const LABEL = 176;

interface LaneFieldProps {
  rows: Row[];
  x: Days;
  today: string;
  graftDay?: string;
  chosen?: string;
  onChoose: (code: string) => void;
  onNote: (lanes: Schemas["season.LaneRow"][]) => void;
  head: ReactNode;
  view: ReactNode;
}

/** The lanes of all watched trees; only those in sight are drawn, so hundreds scroll as smoothly as ten. */
export function LaneField(props: LaneFieldProps) {
  const { rows, x, chosen } = props;
  const ref = useRef<HTMLElement>(null);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => ref.current,
    estimateSize: (i) => (rows[i].kind === "group" ? GROUP : LANE),
    overscan: 12,
  });
  const at = rows.findIndex((row) => row.kind === "lane" && row.lane.code === chosen);
  useEffect(() => {
    if (at >= 0) virtual.scrollToIndex(at, { align: "auto" });
  }, [at, virtual]);
  return (
    <section
      ref={ref}
      className="relative min-h-0 flex-1 overflow-auto border-line border-t"
      aria-label="Flush lanes"
    >
      <div className="sticky top-0 z-20 bg-ground">
        {props.head}
        <div className="flex items-end">
          <div className="shrink-0 pb-1.5" style={{ width: LABEL }}>
            {props.view}
          </div>
          <Axis x={x} today={props.today} />
        </div>
      </div>
      <div className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const row = rows[item.index];
          return (
            <div
              key={item.key}
              className="absolute top-0 left-0 w-full"
              style={{ height: item.size, transform: `translateY(${item.start}px)` }}
            >
              {row.kind === "group" ? (
                <GroupHead row={row} onNote={props.onNote} />
              ) : (
                <LaneLine {...props} lane={row.lane} chosen={row.lane.code === chosen} />
              )}
            </div>
          );
        })}
        <DayLines {...props} height={virtual.getTotalSize()} />
      </div>
    </section>
  );
}

function GroupHead(props: { row: Row & { kind: "group" }; onNote: LaneFieldProps["onNote"] }) {
  const [species, spot] = props.row.name.split(" · ");
  return (
    <div className="flex h-full items-end gap-2 border-line border-b pb-1 text-[14px]">
      <b>{species}</b>
      <span className="text-soft">{spot}</span>
      <button
        data-does="POST /api/flush/notes"
        type="button"
        className="ml-1 text-sea underline"
        onClick={() => props.onNote(props.row.lanes)}
        aria-label={`Note a stage for all ${props.row.lanes.length} ${props.row.name}`}
      >
        note the row
      </button>
    </div>
  );
}

interface LaneLineProps {
  lane: Schemas["season.LaneRow"];
  x: Days;
  chosen: boolean;
  onChoose: (code: string) => void;
}

function LaneLine({ lane, x, chosen, onChoose }: LaneLineProps) {
  const width = x.range()[1];
  return (
    <button
      type="button"
      onClick={() => onChoose(lane.code)}
      aria-pressed={chosen}
      aria-label={`${lane.code} ${lane.varietyName ?? ""}: ${laneWords(lane)}`}
      className={`flex h-full w-full items-center border-line/60 border-b text-left hover:bg-surface ${chosen ? "bg-surface shadow-[inset_3px_0_0_var(--sea)]" : ""}`}
    >
      <span className="flex shrink-0 items-baseline gap-2 overflow-hidden pl-2" style={{ width: LABEL }}>
        <span className="code text-[13.5px]">{lane.code}</span>
        <span className="truncate text-[13.5px] text-soft">
          {lane.varietyName ?? (lane.mother ? "" : "stock")}
        </span>
      </span>
      <svg width={width} height={LANE - 1} aria-hidden="true" className="block shrink-0">
        <Lane lane={lane} x={x} height={LANE - 1} />
      </svg>
    </button>
  );
}

function Axis({ x, today }: { x: Days; today: string }) {
  const width = x.range()[1];
  const now = x(dayOf(today));
  return (
    <svg width={width} height={30} aria-hidden="true" className="block">
      <g>
        {laneMonths(x).map((month) => (
          <g key={`${month.name}${month.start}`}>
            <line x1={month.start} x2={month.start} y1={6} y2={26} stroke="var(--line)" />
            <text x={month.middle} y={14} textAnchor="middle" fontSize={12.5} fill="var(--soft)">
              {month.name}
            </text>
          </g>
        ))}
        <line x1={0} x2={width} y1={25.5} y2={25.5} stroke="var(--ink)" />
        {now >= 0 && now <= width && (
          <>
            <circle cx={now} cy={22} r={7} fill="var(--lamp)" opacity={0.28} />
            <circle cx={now} cy={22} r={4} fill="var(--lamp)" stroke="var(--ink)" />
          </>
        )}
      </g>
    </svg>
  );
}

function DayLines(props: LaneFieldProps & { height: number }) {
  const { x, today, graftDay, height } = props;
  const line = (day: string, colour: string, wide: number, dash?: string) => {
    const at = x(dayOf(day));
    return at >= 0 && at <= x.range()[1] ? (
      <line x1={at} x2={at} y1={0} y2={height} stroke={colour} strokeWidth={wide} strokeDasharray={dash} />
    ) : null;
  };
  return (
    <svg
      width={x.range()[1]}
      height={height}
      aria-hidden="true"
      className="pointer-events-none absolute top-0"
      style={{ left: LABEL }}
    >
      {line(today, "var(--ink)", 1.4)}
      {graftDay && line(graftDay, "var(--sea)", 2, "5 3")}
    </svg>
  );
}
