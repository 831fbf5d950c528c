import { type PointerEvent, useRef } from "react";
import { lengthWords, useChoices } from "../units";
import type { FitDraft } from "./draft";
import { measureOf } from "./draft";
import type { FitView } from "./fitApi";

interface Props {
  view: FitView;
  draft: FitDraft;
  width: number;
  height: number;
  onHeight: (mm: number) => void;
}

/** The stem from soil to tip with what bounds the cut; drag the cut along it. Its width is drawn larger than its height. */
export function StemView({ view, draft, width, height, onHeight }: Props) {
  const { length } = useChoices();
  const grip = useRef<{ y: number; from: number } | undefined>(undefined);
  const measure = measureOf(draft, length);
  const readings = [...measure.readings].sort((a, b) => a.heightMm - b.heightMm);
  const limits = view.place?.limits ?? [];
  const tip = view.outline[view.outline.length - 1].heightMm;
  const soil = height - 20;
  const y = (mm: number) => soil - (mm / tip) * (soil - 14);
  const middle = 34;
  const wide = Math.max(...view.outline.map((p) => p.diameterMm));
  const w = (mm: number) => (mm / wide) * 17;
  const low = Math.max(0, ...limits.filter((l) => l.lowest).map((l) => l.heightMm));
  const high = Math.min(tip, ...limits.filter((l) => !l.lowest).map((l) => l.heightMm));
  const drag = (event: PointerEvent<SVGElement>) => {
    if (!grip.current) return;
    const mm = grip.current.from - ((event.clientY - grip.current.y) / (soil - 14)) * tip;
    onHeight(Math.round(Math.min(measure.topMm ?? tip, Math.max(0, mm))));
  };
  const take = (event: PointerEvent<SVGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { y: event.clientY, from: view.heightMm };
  };
  const drop = () => {
    grip.current = undefined;
  };
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={`The stem: cut at ${lengthWords(view.heightMm, length)}, where it is ${lengthWords(view.stockMm, length)} thick`}
      className="block touch-none"
    >
      <path
        d={`M${[...view.outline.map((p) => `${middle - w(p.diameterMm)} ${y(p.heightMm)}`), ...view.outline.map((p) => `${middle + w(p.diameterMm)} ${y(p.heightMm)}`).reverse()].join("L")}Z`}
        fill="var(--bark)"
        stroke="var(--soft)"
        strokeWidth={0.8}
      />
      <rect x={middle - 24} y={y(low)} width={48} height={Math.max(0, soil - y(low))} fill="url(#no-cut)" />
      <rect
        x={middle - 24}
        y={y(tip)}
        width={48}
        height={Math.max(0, y(high) - y(tip))}
        fill="url(#no-cut)"
      />
      <pattern id="no-cut" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="2" height="6" fill="var(--soft)" opacity="0.5" />
      </pattern>
      <line x1={0} x2={width} y1={soil} y2={soil} stroke="var(--soft)" strokeWidth={1.5} />
      {readings
        .filter((r) => Math.abs(y(r.heightMm) - y(view.heightMm) + 8) > 20)
        .map((r) => (
          <g key={r.heightMm}>
            <line
              x1={middle - 22}
              x2={middle + 22}
              y1={y(r.heightMm)}
              y2={y(r.heightMm)}
              stroke="var(--soft)"
              strokeDasharray="2 3"
            />
            <text x={middle + 28} y={y(r.heightMm) + 4} className="code fill-soft text-[12px]">
              {lengthWords(r.diameterMm, length)}
            </text>
          </g>
        ))}
      {[low, high]
        .filter((mm) => mm > 0 && mm < tip && Math.abs(y(mm) - y(view.heightMm)) > 20)
        .map((mm) => (
          <text
            key={mm}
            x={width}
            y={y(mm) + (mm === low ? 13 : -4)}
            textAnchor="end"
            className="code fill-soft text-[12px]"
          >
            {lengthWords(length === "mm" ? Math.round(mm) : mm, length)}
          </text>
        ))}
      <g
        className="cursor-ns-resize"
        onPointerDown={take}
        onPointerMove={drag}
        onPointerUp={drop}
        onPointerCancel={drop}
      >
        <rect x={0} y={y(view.heightMm) - 22} width={width} height={44} fill="transparent" />
        <line
          x1={middle - 30}
          x2={width}
          y1={y(view.heightMm)}
          y2={y(view.heightMm)}
          stroke="var(--sea)"
          strokeWidth={2.5}
        />
        <circle
          cx={middle - 26}
          cy={y(view.heightMm)}
          r={6}
          fill="var(--surface)"
          stroke="var(--sea)"
          strokeWidth={2.5}
        />
        <text
          x={width}
          y={y(view.heightMm) - 6}
          textAnchor="end"
          className="code fill-ink font-semibold text-[13px]"
        >
          {lengthWords(view.heightMm, length)}
        </text>
      </g>
    </svg>
  );
}
