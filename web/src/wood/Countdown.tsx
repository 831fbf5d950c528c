import type { Schemas } from "../api/client";
import { dayWords } from "../days";
import { linear } from "../ui/scales";

type Shoot = Schemas["wood.ShootView"];

const WIDTH = 150;

/** Pinched shoots on their way: healing days passed, when they may be ready, when it is too late. */
export function Countdown({ shoot }: { shoot: Shoot }) {
  const c = shoot.conditioning;
  const { low, value, high } = c.readyAfter;
  const whole = high + 2;
  const along = linear([0, whole], [4, WIDTH - 4]);
  const x = (days: number) => along(Math.min(whole, Math.max(0, days)));
  const due = c.phase === "LOOK" || c.phase === "READY";
  return (
    <div className="grid grid-cols-[1fr_150px] items-start gap-x-3">
      <div>
        <b className="code text-[14px]">{shoot.plantCode}</b> {shoot.varietyName}
        <span className={`block text-[14.5px] ${due ? "font-semibold" : "text-soft"}`}>
          {shoot.phaseWords}
        </span>
      </div>
      <div>
        <svg
          width={WIDTH}
          height={20}
          role="img"
          aria-label={`${Math.round(c.healingDays)} healing days since the pinch`}
        >
          <line x1={x(0)} x2={x(whole)} y1={11} y2={11} stroke="var(--line)" strokeWidth={3} />
          <rect x={x(low)} y={5} width={x(high) - x(low)} height={12} fill="var(--stage-S)" opacity={0.35} />
          <line x1={x(value)} x2={x(value)} y1={4} y2={18} stroke="var(--stage-S)" strokeWidth={2} />
          <line x1={x(0)} x2={x(c.healingDays)} y1={11} y2={11} stroke="var(--ink)" strokeWidth={3} />
          <circle cx={x(c.healingDays)} cy={11} r={5} fill="var(--lamp)" stroke="var(--ink)" />
        </svg>
        <span className="block text-right text-[13.5px] text-soft">
          {dayWords(c.earliest).slice(4)} – {dayWords(c.latest).slice(4)}
        </span>
      </div>
    </div>
  );
}
