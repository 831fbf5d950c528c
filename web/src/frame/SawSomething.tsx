import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import api, { told } from "../api/client";
import { AnswerKeys } from "../care/AnswerKeys";
import { answer } from "../care/answer";
import type { Sign } from "../drawings/signs";
import { Overlay } from "../ui/Overlay";
import { Field, Input } from "../ui/parts";
import { failed } from "../undo";
import { useChoices } from "../units";

/** A quick look at any graft, from anywhere. */
export function SawSomething({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [code, setCode] = useState("");
  const [note, setNote] = useState("");
  const { personId } = useChoices();
  const found = useQuery({
    queryKey: ["saw", code],
    enabled: open && code.trim().length > 1,
    queryFn: () => told(api.GET("/api/grafts/find", { params: { query: { q: code.trim() } } })),
  });
  const grafts = (found.data ?? []).filter((f) => f.kind === "graft");
  const say = async (sign: Sign) => {
    const match = grafts.find((g) => g.code.toLowerCase() === code.trim().toLowerCase()) ?? grafts[0];
    if (!match) return failed("Say which graft: its code, for instance TE-26-001.");
    const sheet = await told(api.GET("/api/grafts/{code}", { params: { path: { code: match.code } } }));
    if (await answer([sheet.stop.graft], sign, { personId, note })) {
      setCode("");
      setNote("");
      onClose();
    }
  };
  return (
    <Overlay
      open={open}
      onClose={onClose}
      title="I saw something"
      description="Which graft, and what did you see?"
    >
      <div className="grid gap-3">
        <Field
          label="Code of the graft"
          hint={grafts[0] ? `${grafts[0].code}: ${grafts[0].words}` : undefined}
        >
          <Input autoFocus className="code" value={code} onChange={(e) => setCode(e.target.value)} />
        </Field>
        <Field label="A note, if you like">
          <Input value={note} maxLength={4000} onChange={(e) => setNote(e.target.value)} />
        </Field>
        <AnswerKeys onSign={say} disabled={grafts.length === 0} />
      </div>
    </Overlay>
  );
}
