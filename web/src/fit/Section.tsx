import { lengthWords, useChoices } from "../units";
import type { FitView } from "./fitApi";
import { frameOf, SketchView } from "./SketchView";

/** The joint from above, where most meets: dots where edges find each other, rings with their gap where they do not. */
export function Section({ view, width, height }: { view: FitView; width: number; height: number }) {
  const { length } = useChoices();
  const ys = view.section.shapes.flatMap((s) => s.points.filter((_, i) => i % 2 === 1));
  const xs = view.section.shapes.flatMap((s) => s.points.filter((_, i) => i % 2 === 0));
  const half = Math.max(...xs.map(Math.abs)) + 1.5;
  const frame = frameOf(width, height - 34, half, Math.min(...ys) - 1.5, Math.max(...ys) + 1.5);
  const spots = view.section.spots;
  const worst = Math.max(0, ...spots.map((s) => s.gapMm));
  const apart = spots.find((s) => !s.meets && s.gapMm === worst);
  const ruler = view.section.rulers[0];
  return (
    <SketchView
      sketch={view.section}
      frame={frame}
      width={width}
      height={height}
      name={`From above: ${spots.filter((s) => s.meets).length} of ${spots.length} edges meet at this depth`}
    >
      {spots.map((spot) => (
        <g key={`${spot.x} ${spot.y}`}>
          {spot.meets && (
            <circle cx={frame.x(spot.x)} cy={frame.y(spot.y)} r={12} fill="var(--lamp)" opacity={0.35} />
          )}
          <circle
            cx={frame.x(spot.x)}
            cy={frame.y(spot.y)}
            r={5}
            fill={spot.meets ? "var(--lamp)" : "var(--surface)"}
            stroke={spot.meets ? "var(--ink)" : "var(--alarm)"}
            strokeWidth={1.6}
          />
        </g>
      ))}
      {apart && (
        <text
          x={Math.min(width - 4, Math.max(70, frame.x(apart.x)))}
          y={frame.y(apart.y) + 21}
          textAnchor="middle"
          className="fill-alarm font-semibold text-[13px]"
          paintOrder="stroke"
          stroke="var(--ground)"
          strokeWidth={3}
        >
          {lengthWords(apart.gapMm, length)} apart
        </text>
      )}
      {ruler && (
        <g stroke="var(--soft)" strokeWidth={1.2}>
          <line x1={frame.x(ruler.x1)} x2={frame.x(ruler.x2)} y1={height - 22} y2={height - 22} />
          <line x1={frame.x(ruler.x1)} x2={frame.x(ruler.x1)} y1={height - 27} y2={height - 17} />
          <line x1={frame.x(ruler.x2)} x2={frame.x(ruler.x2)} y1={height - 27} y2={height - 17} />
          <text
            x={width / 2 + ((ruler.x1 + ruler.x2) / 2) * frame.k}
            y={height - 3}
            textAnchor="middle"
            stroke="none"
            className="code fill-ink text-[14px]"
          >
            {lengthWords(ruler.mm, length)}
          </text>
        </g>
      )}
    </SketchView>
  );
}
