import { type PointerEvent, useRef } from "react";
import { lengthWords, useChoices } from "../units";
import type { FitView } from "./fitApi";
import { frameOf, SketchView } from "./SketchView";

export interface Move {
  offsetMm?: number;
  tiltDeg?: number;
  cutMm?: number;
}

interface Props {
  view: FitView;
  width: number;
  height: number;
  onMove: (move: Move) => void;
}

type Grip = "scion" | "tilt" | "cut";

/** The cut face from the side. Drag the scion sideways, its foot to tilt it, the end of the ruler for the length. */
export function Face({ view, width, height, onMove }: Props) {
  const { length } = useChoices();
  const held = useRef<
    { grip: Grip; x: number; y: number; from: FitView["placing"]; k: number; ky: number } | undefined
  >(undefined);
  const { offsetMm, tiltDeg, cutMm } = view.placing;
  const reach = Math.max(view.stockMm / 2, Math.abs(offsetMm) + view.scionMm / 2) + 2.5;
  const half = Math.ceil(reach / 2) * 2;
  const frame = frameOf(width - 44, height, half, -0.38 * cutMm, cutMm + 12, 4);
  const lean = Math.tan((tiltDeg * Math.PI) / 180);
  const foot = { x: frame.x(offsetMm + lean * cutMm), y: frame.y(cutMm) };
  const rulerX = width - 22;

  const grab = (grip: Grip) => (event: PointerEvent<SVGElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    held.current = { grip, x: event.clientX, y: event.clientY, from: view.placing, k: frame.k, ky: frame.ky };
  };
  const drag = (event: PointerEvent<SVGElement>) => {
    const now = held.current;
    if (!now) return;
    const dx = (event.clientX - now.x) / now.k;
    const dy = (event.clientY - now.y) / now.ky;
    if (now.grip === "scion") onMove({ offsetMm: tenth(now.from.offsetMm + dx) });
    if (now.grip === "tilt") {
      const at = Math.tan((now.from.tiltDeg * Math.PI) / 180) * now.from.cutMm + dx;
      onMove({ tiltDeg: tenth((Math.atan2(at, now.from.cutMm) * 180) / Math.PI) });
    }
    if (now.grip === "cut") onMove({ cutMm: Math.round(now.from.cutMm + dy) });
  };
  const drop = () => {
    held.current = undefined;
  };
  return (
    <div
      className="relative touch-none"
      onPointerMove={drag as never}
      onPointerUp={drop}
      onPointerCancel={drop}
    >
      <SketchView
        sketch={view.face}
        frame={frame}
        width={width}
        height={height}
        name={`On the cut face: ${view.measured.contact.met > 0 ? "what meets glows" : "nothing meets"}`}
        onPointerDown={grab("scion")}
      >
        <g stroke="var(--soft)" strokeWidth={1.2}>
          <line x1={rulerX} x2={rulerX} y1={frame.y(0)} y2={frame.y(cutMm)} />
          <line x1={rulerX - 5} x2={rulerX + 5} y1={frame.y(0)} y2={frame.y(0)} />
          <text
            x={width - 2}
            y={frame.y(0) - 6}
            textAnchor="end"
            stroke="none"
            className="code fill-ink text-[14px]"
          >
            {lengthWords(cutMm, length)}
          </text>
        </g>
        {view.tilts && (
          <g className="cursor-grab" onPointerDown={grab("tilt")}>
            <circle cx={foot.x} cy={foot.y} r={22} fill="transparent" />
            <circle
              cx={foot.x}
              cy={foot.y}
              r={8}
              fill="var(--surface)"
              stroke="var(--sea)"
              strokeWidth={2.5}
            />
            <path
              d={`M${foot.x - 4} ${foot.y} H${foot.x + 4}`}
              stroke="var(--sea)"
              strokeWidth={2}
              strokeLinecap="round"
            />
          </g>
        )}
        {!view.ownLength && (
          <g className="cursor-ns-resize" onPointerDown={grab("cut")}>
            <circle cx={rulerX} cy={frame.y(cutMm)} r={22} fill="transparent" />
            <rect
              x={rulerX - 8}
              y={frame.y(cutMm) - 5}
              width={16}
              height={10}
              rx={3}
              fill="var(--surface)"
              stroke="var(--sea)"
              strokeWidth={2.5}
            />
          </g>
        )}
      </SketchView>
      {frame.times > 1 && <p className="text-[13px] text-soft">{TIMES[frame.times]} as wide as long</p>}
    </div>
  );
}

const TIMES = ["", "", "drawn twice", "drawn 3 times", "drawn 4 times"];
const tenth = (x: number) => Math.round(x * 10) / 10;
