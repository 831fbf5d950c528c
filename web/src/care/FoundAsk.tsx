import { useState } from "react";
import api, { told } from "../api/client";
import { CAUSE_TRACES, TraceMark } from "../drawings/TraceMark";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import type { Trace } from "./answer";

interface Props {
  /** The look that said dead. */
  actId: number;
  codes: string;
  onTold: () => void;
}

/** Asks once what is found at a dead graft: two taps, or none. */
export function FoundAsk({ actId, codes, onTold }: Props) {
  const [found, setFound] = useState<Trace[]>([]);
  const { send, problem, busy } = useSend();
  const tell = async () => {
    const params = { path: { actId } };
    const kept = await send(() => told(api.PUT("/api/looks/{actId}/found", { params, body: { found } })));
    if (!kept) return;
    done(kept.sentence, kept.actId);
    onTold();
  };
  return (
    <section aria-label="What do you find?" className="my-3 border-line border-y bg-surface px-3 py-2.5">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h3 className="font-semibold">{codes}: what do you find?</h3>
        <span className="text-[14px] text-soft">It helps to tell why; leave it if you cannot say.</span>
      </div>
      <div className="mt-1.5 grid grid-cols-[repeat(auto-fill,minmax(118px,1fr))] gap-1.5">
        {(Object.keys(CAUSE_TRACES) as Trace[]).map((trace) => {
          const on = found.includes(trace);
          return (
            <button
              key={trace}
              type="button"
              aria-pressed={on}
              onClick={() => setFound(on ? found.filter((t) => t !== trace) : [...found, trace])}
              className={`flex min-h-14 flex-col items-center rounded border px-1 pt-1 pb-1.5 text-[13.5px] leading-tight ${on ? "border-sea bg-ground font-semibold shadow-[inset_0_0_0_1px_var(--sea)]" : "border-edge"}`}
            >
              <TraceMark trace={trace} size={58} />
              {CAUSE_TRACES[trace]}
            </button>
          );
        })}
      </div>
      {problem && (
        <p role="alert" className="mt-1.5 font-semibold text-[14.5px] text-alarm">
          {problem.message}
        </p>
      )}
      <div className="mt-2 flex gap-2">
        <Button
          data-does="PUT /api/looks/{actId}/found"
          strong
          disabled={busy || found.length === 0}
          onClick={tell}
        >
          That is what I find
        </Button>
        <Button onClick={onTold}>I cannot say</Button>
      </div>
    </section>
  );
}
