import { useState } from "react";
import { Field, Input, Select } from "../ui/fields";
import { Button } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { type Rights, ROLES, type Role, sayPassphrase, sayRole } from "./shareApi";

/** One person: what they may do on other devices, their passphrase, and a device let in for them. */
export function PersonRights({ person, onLetIn }: { person: Rights; onLetIn?: (role: Role) => void }) {
  const [asking, setAsking] = useState(false);
  const { send, problem, busy } = useSend();
  const say = (role: string) => role && send(() => sayRole(person.personId, role as Role));
  return (
    <li className="border-line border-t py-1.5">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <b className="min-w-20 flex-1 [overflow-wrap:anywhere]">{person.name}</b>
        <div className="w-[130px]">
          <Select
            aria-label={`What ${person.name} may do`}
            value={person.role ?? ""}
            onChange={(e) => say(e.target.value)}
          >
            {!person.role && <option value="">not let in</option>}
            {Object.entries(ROLES).map(([role, words]) => (
              <option key={role} value={role}>
                {words}
              </option>
            ))}
          </Select>
        </div>
        <Button
          disabled={!onLetIn || busy}
          aria-label={`Let a device in for ${person.name}`}
          onClick={() => onLetIn?.(person.role ?? "HAND")}
        >
          Let a device in
        </Button>
      </div>
      {person.role && (
        <button
          type="button"
          className="min-h-9 text-[14px] text-sea underline max-sm:min-h-11"
          aria-expanded={asking}
          onClick={() => setAsking(!asking)}
        >
          {person.passphrase ? "Another passphrase, or none" : "Give a passphrase"}
          <span className="sr-only"> for {person.name}</span>
        </button>
      )}
      {asking && <Passphrase person={person} onDone={() => setAsking(false)} />}
      {problem && (
        <p role="alert" className="font-semibold text-alarm">
          {problem.message}
        </p>
      )}
    </li>
  );
}

function Passphrase({ person, onDone }: { person: Rights; onDone: () => void }) {
  const [typed, setTyped] = useState("");
  const { send, problem, busy, errorOf } = useSend();
  const keep = (passphrase: string | undefined, words: string) =>
    send(async () => {
      await sayPassphrase(person.personId, passphrase);
      done(words);
      onDone();
    });
  return (
    <form
      className="flex flex-wrap items-end gap-2 pb-2"
      onSubmit={(e) => {
        e.preventDefault();
        keep(typed, `${person.name} has a new passphrase`);
      }}
    >
      <div className="min-w-[220px] flex-1">
        <Field
          label="12 letters or more; several words are easy to keep"
          error={errorOf("passphrase") ?? problem?.message}
        >
          <Input
            autoFocus
            type="password"
            autoComplete="new-password"
            maxLength={100}
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
            onKeyDown={(e) => e.key === "Escape" && onDone()}
          />
        </Field>
      </div>
      <Button type="submit" disabled={busy || typed.length === 0}>
        Keep it
      </Button>
      {person.passphrase && (
        <Button disabled={busy} onClick={() => keep(undefined, `${person.name} has no passphrase any more`)}>
          None
        </Button>
      )}
    </form>
  );
}
