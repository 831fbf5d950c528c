import { useState } from "react";
import { Button, Input } from "../ui/parts";
import { useSend } from "../ui/useSend";

/** A name that can be put right where it stands. */
export function NameLine({ name, onRename }: { name: string; onRename: (to: string) => Promise<unknown> }) {
  const [typed, setTyped] = useState<string>();
  const { send, problem, busy } = useSend();
  if (typed === undefined)
    return (
      <button
        type="button"
        className="min-h-9 min-w-0 flex-1 text-left [overflow-wrap:anywhere] underline decoration-line decoration-dotted underline-offset-4 hover:decoration-sea max-sm:min-h-11"
        aria-label={`Rename ${name}`}
        title={`Rename ${name}`}
        onClick={() => setTyped(name)}
      >
        {name}
      </button>
    );
  const leave = () => setTyped(undefined);
  return (
    <form
      className="flex flex-1 flex-wrap items-center gap-2 py-1"
      onSubmit={async (e) => {
        e.preventDefault();
        if (typed.trim() === name || (await send(() => onRename(typed.trim())))) leave();
      }}
    >
      <span className="min-w-[140px] flex-1">
        <Input
          autoFocus
          aria-label={`New name of ${name}`}
          value={typed}
          maxLength={120}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === "Escape") leave();
          }}
        />
      </span>
      <Button type="submit" disabled={busy || !typed.trim()}>
        Rename
      </Button>
      {problem && (
        <span role="alert" className="w-full font-semibold text-[13.5px] text-alarm">
          {problem.message}
        </span>
      )}
    </form>
  );
}
