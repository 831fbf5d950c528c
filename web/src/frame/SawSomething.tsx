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
  // Half a code never stands for one of many.
  const match = grafts.find((g) => g.whole) ?? (grafts.length === 1 ? grafts[0] : undefined);
  const say = async (sign: Sign) => {
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
          hint={match ? `${match.code}: ${match.words}` : several(grafts.map((g) => g.code))}
        >
          <Input autoFocus className="code" value={code} onChange={(e) => setCode(e.target.value)} />
        </Field>
        <Field label="A note, if you like">
          <Input value={note} maxLength={4000} onChange={(e) => setNote(e.target.value)} />
        </Field>
        <AnswerKeys onSign={say} disabled={!match} />
      </div>
    </Overlay>
  );
}

function several(codes: string[]): string | undefined {
  return codes.length > 1
    ? `${codes.slice(0, 3).join(", ")}${codes.length > 3 ? " and more" : ""}: which?`
    : undefined;
}
