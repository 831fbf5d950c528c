import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { awayWords } from "../days";
import { rangeWords } from "../drawings/Lane";
import { StageBadge } from "../drawings/StageBadge";
import type { Stage } from "../drawings/stages";
import { quickNote, StageKeys } from "./NoteStage";
import { laneRows } from "./rows";

/** The bud watch in the field: tap the tree, tap the stage. */
export function PhoneWatch({ lanes, today }: { lanes: Schemas["season.LaneRow"][]; today: string }) {
  const [open, setOpen] = useState<string>();
  const [busy, setBusy] = useState(false);
  const turn = (what: string) => setOpen(open === what ? undefined : what);
  const note = async (plantIds: number[], stage: Stage) => {
    setBusy(true);
    if (await quickNote(plantIds, stage)) setOpen(undefined);
    setBusy(false);
  };
  return (
    <ul>
      {laneRows(lanes, undefined).map((row) =>
        row.kind === "group" ? (
          <li key={row.name} className="mt-4 border-ink border-b-2 pb-1 first:mt-1">
            <button
              type="button"
              aria-expanded={open === row.name}
              className="flex min-h-11 w-full items-end justify-between text-left"
              onClick={() => turn(row.name)}
            >
              <b>{row.name}</b>
              <span data-does="POST /api/flush/notes" className="text-[14.5px] text-sea underline">
                note the row<span className="sr-only">, all {row.lanes.length}</span>
              </span>
            </button>
            {open === row.name && (
              <div className="py-2">
                <StageKeys
                  disabled={busy}
                  onStage={(stage) =>
                    note(
                      row.lanes.map((lane) => lane.plantId),
                      stage,
                    )
                  }
                />
              </div>
            )}
          </li>
        ) : (
          <li key={row.lane.plantId} className="border-line border-b">
            <button
              type="button"
              aria-expanded={open === row.lane.code}
              className="grid min-h-13 w-full grid-cols-[34px_1fr_auto] items-center gap-2 py-1.5 text-left"
              onClick={() => turn(row.lane.code)}
            >
              <StageBadge stage={row.lane.last?.stage} size="large" />
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
            {open === row.lane.code && (
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
