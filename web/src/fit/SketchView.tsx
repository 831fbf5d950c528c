import type { PointerEvent, ReactNode } from "react";
import type { Schemas } from "../api/client";

type Sketch = Schemas["fit.Sketch"];
type Part = Sketch["shapes"][number]["part"];

/** Paints of the parts; lines have a width in pixels, areas none. */
const PAINT: Record<Part, { fill?: string; stroke?: string; width?: number; dash?: string }> = {
  STOCK_BARK: { fill: "var(--bark)", stroke: "var(--soft)", width: 0.8 },
  STOCK_WOOD: { fill: "var(--wood)" },
  STOCK_CAMBIUM: { stroke: "var(--cambium)", width: 3.4 },
  SCION_BARK: { fill: "var(--stickbark)", stroke: "var(--soft)", width: 0.8 },
  SCION_WOOD: { fill: "var(--stickwood)" },
  SCION_CAMBIUM: { stroke: "var(--cambium)", width: 3.4 },
  OPENED: { fill: "var(--opened)" },
  MEETS: { stroke: "var(--lamp)", width: 5.5 },
  CUT: { stroke: "var(--ink)", width: 1.6 },
};

/** Where millimetres of a sketch lie on the screen. */
export interface Frame {
  /** Pixels for each millimetre across, and along. */
  k: number;
  ky: number;
  x: (mm: number) => number;
  y: (mm: number) => number;
}

/**
 * A frame that shows so many mm to each side and from one depth to another. What is long and thin may be drawn a whole
 * number of times as wide as long, so that gaps of tenths can be seen.
 */
export function frameOf(
  width: number,
  height: number,
  half: number,
  top: number,
  bottom: number,
  widest = 1,
): Frame & { times: number } {
  const ky = Math.min(width / (2 * half), height / (bottom - top));
  const times = Math.max(1, Math.min(widest, Math.floor(width / (2 * half) / ky)));
  const k = ky * times;
  const spare = (height - ky * (bottom - top)) / 2;
  return { k, ky, times, x: (mm) => width / 2 + mm * k, y: (mm) => spare + (mm - top) * ky };
}

const path = (points: number[], closed: boolean, frame: Frame) => {
  let d = "";
  for (let i = 0; i + 1 < points.length; i += 2) {
    d += `${i === 0 ? "M" : "L"}${frame.x(points[i]).toFixed(1)} ${frame.y(points[i + 1]).toFixed(1)}`;
  }
  return closed ? `${d}Z` : d;
};

interface Props {
  sketch: Sketch;
  frame: Frame;
  width: number;
  height: number;
  name: string;
  children?: ReactNode;
  onPointerDown?: (event: PointerEvent<SVGSVGElement>) => void;
}

/** Draws what the farm worked out: outlines to scale, cambium bright, what meets glowing. */
export function SketchView({ sketch, frame, width, height, name, children, onPointerDown }: Props) {
  const plain = sketch.shapes.filter((s) => s.part !== "MEETS");
  const meets = sketch.shapes.filter((s) => s.part === "MEETS");
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={name}
      onPointerDown={onPointerDown}
      className={onPointerDown ? "block cursor-ew-resize touch-none" : "block"}
    >
      {plain.map((shape, i) => {
        const paint = PAINT[shape.part];
        return (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: shapes have no other name and keep their order
            key={i}
            d={path(shape.points, shape.closed, frame)}
            fill={shape.closed && paint.fill ? paint.fill : "none"}
            stroke={paint.stroke ?? "none"}
            strokeWidth={paint.width}
            strokeLinejoin="round"
          />
        );
      })}
      {meets.map((shape, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: shapes have no other name and keep their order
        <g key={i} data-meets="">
          <path
            d={path(shape.points, shape.closed, frame)}
            fill={shape.closed ? "var(--lamp)" : "none"}
            fillOpacity={0.35}
            stroke="var(--lamp)"
            strokeOpacity={0.32}
            strokeWidth={shape.closed ? 8 : 17}
            strokeLinecap="round"
          />
          <path
            d={path(shape.points, shape.closed, frame)}
            fill="none"
            stroke="var(--lamp)"
            strokeWidth={shape.closed ? 2 : PAINT.MEETS.width}
            strokeLinecap="round"
          />
        </g>
      ))}
      {children}
    </svg>
  );
}
