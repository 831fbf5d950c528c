import { addDays } from "date-fns";
import { useRef } from "react";
import type { Schemas } from "../api/client";
import { dayOf, dayWords } from "../days";
import type { Days } from "../drawings/Lane";
import { LABEL } from "./LaneField";
import { dayAt } from "./span";
import { inOrderOfWindow, pairKey, standingWords } from "./words";

const ROW = 24;
const MOST = 8;

interface WindowsProps {
  pairings: Schemas["season.PairingView"][];
  plans: Schemas["day.Planned"][];
  x: Days;
  today: string;
  last: string;
  chosen?: string;
  graftDay?: string;
  around?: Schemas["day.Around"];
  onPair: (pairing: Schemas["season.PairingView"]) => void;
  onDay: (day: string, settled: boolean) => void;
}

/** The lit stretches of every pairing, and the graft day one drags over them with all that hangs on it. */
export function Windows(props: WindowsProps) {
  const { x, today } = props;
  const pairings = inOrderOfWindow(props.pairings).slice(0, MOST);
  const hidden = props.pairings.length - pairings.length;
  const ref = useRef<SVGSVGElement>(null);
  const dragging = useRef(false);
  const spots = new Set(pairings.map((p) => p.spotId)).size;
  const width = x.range()[1];
  const height = pairings.length * ROW + 40;
  const at = (event: React.PointerEvent) =>
    dayAt(x, event.clientX - (ref.current?.getBoundingClientRect().left ?? 0), today, props.last);
  return (
    <div className="flex">
      <div className="shrink-0 pt-1" style={{ width: LABEL }}>
        {pairings.map((pairing) => (
          <button
            key={pairKey(pairing)}
            type="button"
            onClick={() => props.onPair(pairing)}
            aria-pressed={pairKey(pairing) === props.chosen}
            aria-label={`${pairing.varietyName} on ${pairing.spotName} stocks: ${standingWords(pairing, today)}`}
            style={{ height: ROW }}
            className={`flex w-full items-center gap-1.5 overflow-hidden pl-2 text-left text-[13.5px] hover:bg-surface ${pairKey(pairing) === props.chosen ? "bg-surface font-semibold shadow-[inset_3px_0_0_var(--sea)]" : ""}`}
          >
            <span className="truncate">
              {pairing.varietyName}
              {spots > 1 && <span className="font-normal text-soft"> on {pairing.spotName}</span>}
            </span>
          </button>
        ))}
        {hidden > 0 && <p className="pl-2 text-[13px] text-soft">{hidden} more in the table</p>}
      </div>
      <svg
        ref={ref}
        width={width}
        height={height}
        aria-hidden="true"
        className="block shrink-0 cursor-ew-resize touch-none select-none"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          dragging.current = true;
          const row = Math.floor((event.clientY - event.currentTarget.getBoundingClientRect().top - 4) / ROW);
          if (pairings[row]) props.onPair(pairings[row]);
          props.onDay(at(event), false);
        }}
        onPointerMove={(event) => dragging.current && props.onDay(at(event), false)}
        onPointerUp={(event) => {
          if (!dragging.current) return;
          dragging.current = false;
          props.onDay(at(event), true);
        }}
      >
        {pairings.map((pairing, i) => (
          <Stretch
            key={pairKey(pairing)}
            pairing={pairing}
            x={x}
            y={4 + i * ROW}
            chosen={pairKey(pairing) === props.chosen}
          />
        ))}
        {props.plans.map((plan) => (
          <PlanFlag key={plan.planNo} plan={plan} x={x} y={pairings.length * ROW + 4} />
        ))}
        {props.graftDay && (
          <GraftDay x={x} day={props.graftDay} around={props.around} rows={pairings.length * ROW} />
        )}
      </svg>
    </div>
  );
}

function Stretch(props: { pairing: Schemas["season.PairingView"]; x: Days; y: number; chosen: boolean }) {
  const { x, y, pairing } = props;
  const [left, right] = x.range();
  return (
    <g>
      <line x1={left} x2={right} y1={y + ROW / 2} y2={y + ROW / 2} stroke="var(--line)" />
      {pairing.windows.map((window) => {
        const a = Math.max(left, x(dayOf(window.first)));
        const b = Math.min(right, x(addDays(dayOf(window.last), 1)));
        const end = window.ends.high ? Math.min(right, x(addDays(dayOf(window.ends.high), 1))) : b;
        const best = x(addDays(dayOf(window.best), 0.5));
        if (b <= a) return null;
        return (
          <g key={window.first}>
            <rect
              x={a}
              y={y + 5}
              width={Math.max(b, end) - a}
              height={ROW - 10}
              fill="var(--lamp)"
              opacity={0.25}
            />
            <rect
              x={a}
              y={y + 5}
              width={b - a}
              height={ROW - 10}
              fill="var(--lamp)"
              opacity={0.35 + 0.65 * window.confidence}
            />
            {best >= left && best <= right && (
              <path
                d={`M${best} ${y + 4.5} l4 4.5 l-4 4.5 l-4 -4.5 Z`}
                fill="var(--surface)"
                stroke="var(--ink)"
                strokeWidth={1.2}
              />
            )}
          </g>
        );
      })}
    </g>
  );
}

function PlanFlag({ plan, x, y }: { plan: Schemas["day.Planned"]; x: Days; y: number }) {
  const at = x(dayOf(plan.around.day));
  if (at < 0 || at > x.range()[1]) return null;
  return (
    <g>
      <line x1={at} x2={at} y1={y - 2} y2={y + 32} stroke="var(--ink)" strokeWidth={1.5} />
      <path d={`M${at} ${y - 2} h9 l-3 4 l3 4 h-9 Z`} fill="var(--ink)" />
    </g>
  );
}

const LETTERS: Record<string, string> = {
  PINCH: "pinch",
  TOP_STOCKS: "top",
  WATER: "water",
  COLLECT_WOOD: "cut wood",
};

/** What the day of pinching takes, px. */
const PINCH_WIDTH = 76;

function GraftDay(props: { x: Days; day: string; around?: Schemas["day.Around"]; rows: number }) {
  const { x, day, around, rows } = props;
  const at = x(dayOf(day));
  const y = rows + 14;
  const pinch = around?.tasks.find((t) => t.step === "PINCH");
  const marks = (around?.tasks ?? []).filter((t) => t.step in LETTERS);
  return (
    <g>
      {pinch && (
        <rect
          x={x(dayOf(pinch.earliest))}
          y={y - 4}
          width={Math.max(2, x(dayOf(pinch.latest)) - x(dayOf(pinch.earliest)))}
          height={8}
          fill="var(--stage-S)"
          opacity={0.35}
        />
      )}
      <line x1={pinch ? x(dayOf(pinch.target)) : at} x2={at} y1={y} y2={y} stroke="var(--sea)" />
      {marks.map((task) => (
        <circle key={task.step} cx={x(dayOf(task.target))} cy={y} r={3.4} fill="var(--sea)" />
      ))}
      {pinch && (
        <text
          // Ends at its day, where there is room: the flags of days kept stand after it.
          x={Math.max(x(dayOf(pinch.target)) + 4, PINCH_WIDTH)}
          y={y + 17}
          fontSize={11.5}
          textAnchor="end"
          fill="var(--ink)"
          stroke="var(--ground)"
          strokeWidth={3}
          paintOrder="stroke"
        >
          pinch {dayWords(pinch.target).slice(4)}
        </text>
      )}
      {(around?.visits ?? []).slice(0, 4).map((visit) => (
        <line
          key={visit.kind}
          x1={x(dayOf(visit.target))}
          x2={x(dayOf(visit.target))}
          y1={y - 5}
          y2={y + 5}
          stroke="var(--soft)"
          strokeWidth={1.6}
        />
      ))}
      <line x1={at} x2={at} y1={0} y2={rows + 40} stroke="var(--sea)" strokeWidth={2} strokeDasharray="5 3" />
      <rect x={at - 7} y={y - 9} width={14} height={18} rx={3} fill="var(--sea)" />
      <path d={`M${at - 2} ${y - 4} v8 M${at + 2} ${y - 4} v8`} stroke="var(--onsea)" strokeWidth={1.4} />
    </g>
  );
}
