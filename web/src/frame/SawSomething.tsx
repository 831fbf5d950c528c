import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import api, { told } from "../api/client";
import { AnswerKeys } from "../care/AnswerKeys";
import { AskedBack } from "../care/Beside";
import { type Key, keysFor } from "../care/keysFor";
import { useAnswering } from "../care/useAnswering";
import { Field, Input } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { failed } from "../undo";
import { useChoices } from "../units";

/** A quick look at any graft, from anywhere. */
export function SawSomething({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [code, setCode] = useState("");
  const { personId } = useChoices();
  const answering = useAnswering({ personId }, () => {
    setCode("");
    onClose();
  });
  const keys = keysFor("MADE", [], false);
  const found = useQuery({
    queryKey: ["saw", code],
    enabled: open && code.trim().length > 1,
    queryFn: () => told(api.GET("/api/grafts/find", { params: { query: { q: code.trim() } } })),
  });
  const grafts = (found.data ?? []).filter((f) => f.kind === "graft");
  // Half a code never stands for one of many.
  const match = grafts.find((g) => g.whole) ?? (grafts.length === 1 ? grafts[0] : undefined);
  const say = async (key: Key) => {
    if (!match) return failed("Say which graft: its code, for instance TE-26-001.");
    const sheet = await told(api.GET("/api/grafts/{code}", { params: { path: { code: match.code } } }));
    await answering.say([sheet.stop.graft], key);
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
          <Input
            value={answering.note}
            maxLength={4000}
            onChange={(e) => answering.setNote(e.target.value)}
          />
        </Field>
        <AskedBack answering={answering} />
        <AnswerKeys first={keys.first} rare={keys.rare} onKey={say} disabled={!match} />
      </div>
    </Overlay>
  );
}

function several(codes: string[]): string | undefined {
  return codes.length > 1
    ? `${codes.slice(0, 3).join(", ")}${codes.length > 3 ? " and more" : ""}: which?`
    : undefined;
}
