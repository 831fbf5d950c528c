import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { awayWords } from "../days";
import { rangeWords } from "../drawings/Lane";
import { STAGES, type Stage } from "../drawings/stages";
import { useSend } from "../ui/useSend";
import { noteStage, StageKeys } from "./NoteStage";
import { laneRows } from "./rows";

/** The bud watch in the field: tap the tree, tap the stage. */
export function PhoneWatch({ lanes, today }: { lanes: Schemas["LaneRow"][]; today: string }) {
  const [open, setOpen] = useState<number>();
  const { send, busy } = useSend();
  const note = async (plantIds: number[], stage: Stage) => {
    const kept = await send(async () => {
      await noteStage({ plantIds, sun: stage });
      return true;
    });
    if (kept) setOpen(undefined);
  };
  return (
    <ul>
      {laneRows(lanes, undefined).map((row) =>
        row.kind === "group" ? (
          <li key={row.name} className="mt-4 border-ink border-b-2 pb-1 font-semibold first:mt-1">
            {row.name}
          </li>
        ) : (
          <li key={row.lane.plantId} className="border-line border-b">
            <button
              type="button"
              aria-expanded={open === row.lane.plantId}
              className="grid min-h-13 w-full grid-cols-[34px_1fr_auto] items-center gap-2 py-1.5 text-left"
              onClick={() => setOpen(open === row.lane.plantId ? undefined : row.lane.plantId)}
            >
              <StageBadge lane={row.lane} />
              <span>
                <b className="code">{row.lane.code}</b> {row.lane.varietyName}
                <span className="block text-[14px] text-soft">
                  {row.lane.last ? awayWords(row.lane.last.day, today) : "never looked at"}
                  {row.lane.stale ? ", look again" : ""}
                </span>
              </span>
              <span className="text-right text-[14px] text-soft">
                next
                <br />
                {row.lane.coming[0] ? rangeWords(row.lane.coming[0]) : "unknown"}
              </span>
            </button>
            {open === row.lane.plantId && (
              <div className="pb-3">
                <StageKeys disabled={busy} onStage={(stage) => note([row.lane.plantId], stage)} />
                <Link
                  to={`/flush/${row.lane.code}`}
                  className="mt-2 inline-block min-h-11 py-2 text-sea underline"
                >
                  Its sheet: shares, flowers, forecast
                </Link>
              </div>
            )}
          </li>
        ),
      )}
    </ul>
  );
}

function StageBadge({ lane }: { lane: Schemas["LaneRow"] }) {
  const stage = lane.last?.stage;
  return (
    <span
      className="code inline-flex size-8 items-center justify-center rounded font-bold"
      style={
        stage ? { background: STAGES[stage].fill, color: STAGES[stage].ink } : { background: "var(--line)" }
      }
    >
      {stage ?? "?"}
    </span>
  );
}
