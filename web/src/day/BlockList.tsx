import { useState } from "react";
import { Button } from "../ui/parts";
import { clock, type DayView, roundly } from "./dayApi";

interface Props {
  day: DayView;
  fixed: boolean;
  busy: boolean;
  onOrder: (keys: string[]) => void;
  onBest: () => void;
}

/** The blocks in their turn: drag one, or move it by its arrows; what that costs stands under them. */
export function BlockList({ day, fixed, busy, onOrder, onBest }: Props) {
  const [held, setHeld] = useState<string>();
  const keys = day.blocks.map((b) => b.key);
  const put = (key: string, to: number) => {
    const order = keys.filter((k) => k !== key);
    order.splice(to, 0, key);
    if (order.join() !== keys.join()) onOrder(order);
  };
  const begins = new Map<string, number>();
  for (const lane of day.team.lanes)
    for (const span of lane.spans)
      if (span.doing === "WORK")
        begins.set(span.block, Math.min(span.from, begins.get(span.block) ?? span.from));
  return (
    <>
      <ol aria-label="Blocks in their turn" className="text-[15px]">
        {day.blocks.map((block, at) => (
          <li
            key={block.key}
            draggable={!fixed}
            onDragStart={() => setHeld(block.key)}
            onDragEnd={() => setHeld(undefined)}
            onDragOver={(e) => held && e.preventDefault()}
            onDrop={() => held && put(held, at)}
            className={`grid grid-cols-[52px_1fr_auto] items-center gap-x-3 border-line border-t py-1.5 ${fixed ? "" : "cursor-grab"} ${held === block.key ? "opacity-50" : ""}`}
          >
            <span className="code text-[14px] text-soft">
              {clock(day.team.beginsMinute + (begins.get(block.key) ?? 0))}
            </span>
            <span className="min-w-0">
              <b>
                {block.grafts} {block.varietyName}
              </b>{" "}
              on {block.host}
              <span className="block text-[14px] text-soft">
                {block.techniqueName}, wood <span className="code">{block.lotCode}</span>
                {block.suspect ? ", its test has lapsed: it comes last" : ""}, {roundly(block.minutes)} of
                work
              </span>
            </span>
            {!fixed && (
              <span className="flex gap-1 print:hidden">
                <Turn
                  name={`${block.varietyName} on ${block.host} earlier`}
                  off={busy || at === 0}
                  onTurn={() => put(block.key, at - 1)}
                >
                  ↑
                </Turn>
                <Turn
                  name={`${block.varietyName} on ${block.host} later`}
                  off={busy || at === keys.length - 1}
                  onTurn={() => put(block.key, at + 1)}
                >
                  ↓
                </Turn>
              </span>
            )}
          </li>
        ))}
      </ol>
      <p
        className="mt-2 flex flex-wrap items-center gap-x-3 border-line border-t pt-2 text-[15px]"
        aria-live="polite"
      >
        <span>
          {day.price.cleanings} {day.price.cleanings === 1 ? "cleaning" : "cleanings"},{" "}
          {roundly(day.price.cleanMinutes)}; {roundly(day.price.walkMinutes)} on the way
          {day.price.lostMinutes > 0.05
            ? `; wood that waits loses ${roundly(day.price.lostMinutes)} of work`
            : ""}
          .{" "}
          {day.price.moreMinutes > 0.05 ? (
            <b>{roundly(day.price.moreMinutes)} more than the best order.</b>
          ) : (
            "No order costs less."
          )}
        </span>
        {day.price.moreMinutes > 0.05 && !fixed && (
          <Button data-does="DELETE /api/bench-days/{day}/order" disabled={busy} onClick={onBest}>
            Take the best order
          </Button>
        )}
      </p>
    </>
  );
}

function Turn(props: { name: string; off: boolean; onTurn: () => void; children: string }) {
  return (
    <button
      data-does="PUT /api/bench-days/{day}/order"
      type="button"
      aria-label={props.name}
      disabled={props.off}
      className="min-h-8 min-w-8 rounded border border-edge text-[15px] hover:border-sea disabled:opacity-30 max-sm:min-h-11 max-sm:min-w-11"
      onClick={props.onTurn}
    >
      {props.children}
    </button>
  );
}
