import { useRef, useState } from "react";
import { useParams } from "react-router";
import api, { told } from "../api/client";
import { dated, dayAndYear } from "../days";
import { Field, Input } from "../ui/fields";
import { Button, Coming, LinkButton, Statement, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { countWords, HeldList } from "./HeldList";
import { useRecall, useRecalls } from "./lineageApi";

/** A recall that was placed: what is held, to print, and to release with a reason. */
export function RecallPage() {
  const id = Number(useParams().id);
  const recall = useRecall(id);
  const recalls = useRecalls();
  const { send, problem, busy } = useSend();
  const [reason, setReason] = useState("");
  const [bare, setBare] = useState(false);
  const box = useRef<HTMLInputElement>(null);
  const row = recalls.data?.find((r) => r.id === id);
  if (recall.error) return <Trouble page problem={recall.error} />;
  if (!recall.data || !row) return <Coming what="the recall" />;
  const release = (keys?: string[]) => {
    // Asked for from a row far up the list: the box that lacks the reason is gone to.
    setBare(!reason.trim());
    if (!reason.trim()) return box.current?.focus();
    return send(async () => {
      const body = { keys, reason };
      const released = await told(api.POST("/api/recalls/{id}/release", { params: { path: { id } }, body }));
      done(released.sentence, released.actId);
    });
  };
  const open = row.held > 0;
  const reasons = [...new Set(recall.data.held.map((h) => h.releaseReason).filter(Boolean))];
  return (
    <div className="mx-auto max-w-[980px] px-[26px] py-5 max-sm:px-4">
      <Statement
        title={`${row.name} tested ${row.outcome.toLowerCase()}, ${open ? `${row.held} held` : "all released"}`}
      >
        {row.subject}, {dayAndYear(row.onDay)}. Reached {countWords(recall.data)}, {dated(recall.data.since)}.
      </Statement>
      <div className="flex flex-wrap items-end gap-3 print:hidden">
        <Button onClick={() => window.print()}>Print the list</Button>
        <LinkButton to="/lineage">All holds and recalls</LinkButton>
      </div>
      {reasons.map((r) => (
        <p key={r} className="mt-2 text-[15px]">
          Released because: {r}.
        </p>
      ))}
      <HeldList held={recall.data.held} onRelease={open ? (key) => release([key]) : undefined} />
      {open && (
        <div className="mt-5 max-w-xl print:hidden">
          <Field
            label="Why it may be released"
            error={
              problem?.message ?? (bare && !reason.trim() ? "Say why before it is released." : undefined)
            }
          >
            <Input ref={box} value={reason} maxLength={400} onChange={(e) => setReason(e.target.value)} />
          </Field>
          <Button
            data-does="POST /api/recalls/{id}/release"
            strong
            className="mt-2"
            disabled={busy}
            onClick={() => release()}
          >
            Release all {row.held}
          </Button>
          <p className="mt-1 text-[14px] text-soft">
            Only the plant-health authority’s word or a clear test is a reason. Single ones are released in
            their row, with the reason above.
          </p>
        </div>
      )}
    </div>
  );
}
