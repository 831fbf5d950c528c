import { type ComponentProps, useState } from "react";
import { Instead } from "../share/bounds";
import { Input } from "../ui/fields";
import { Button } from "../ui/parts";
import { SameAs } from "../ui/SameAs";
import { useSend } from "../ui/useSend";
import { AwayButton, useIsAway } from "./away";

/** A name that can be put right where it stands. */
export function NameLine(props: {
  name: string;
  onRename: (to: string) => Promise<unknown>;
  others: { id: number; name: string }[];
  onSame: (id: number) => Promise<unknown>;
  /** What renaming it is. */
  does: string;
  kind: ComponentProps<typeof AwayButton>["kind"];
  id: number;
}) {
  const { name, onRename, kind, id } = props;
  const away = useIsAway(kind)(id);
  const [typed, setTyped] = useState<string>();
  const { send, problem, busy } = useSend();
  if (typed === undefined)
    return (
      <>
        <Instead of={props.does}>
          <span className="min-w-0 flex-1 py-1.5 [overflow-wrap:anywhere]">
            {name}
            {away && <span className="text-soft">, put away</span>}
          </span>
        </Instead>
        <button
          data-does={props.does}
          type="button"
          className="min-h-9 min-w-0 flex-1 text-left [overflow-wrap:anywhere] underline decoration-line decoration-dotted underline-offset-4 hover:decoration-sea max-sm:min-h-11"
          aria-label={`Rename ${name}`}
          title={`Rename ${name}`}
          onClick={() => setTyped(name)}
        >
          {name}
          {away && <span className="text-soft">, put away</span>}
        </button>
      </>
    );
  const leave = () => setTyped(undefined);
  return (
    <div className="min-w-0 flex-1 py-1">
      <form
        className="flex flex-wrap items-center gap-2 py-1"
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
      <SameAs others={props.others} follows="What hangs on it hangs on" onSame={props.onSame} />
      <AwayButton kind={kind} id={id} name={name} />
    </div>
  );
}
