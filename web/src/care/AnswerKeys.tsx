import { useState } from "react";
import { SIGNS } from "../drawings/signs";
import type { Key } from "./keysFor";

interface Props {
  first: Key[];
  rare: Key[];
  onKey: (key: Key) => void;
  disabled?: boolean;
}

/** One button for each answer, with its key; what is rarely answered stands behind one. */
export function AnswerKeys({ first, rare, onKey, disabled }: Props) {
  const [more, setMore] = useState(false);
  return (
    <fieldset data-does="POST /api/looks" className="flex flex-wrap gap-1.5 max-sm:grid max-sm:grid-cols-4">
      <legend className="sr-only">What do you see?</legend>
      {[...first, ...(more ? rare : [])].map((key) => (
        <button
          key={key.letter}
          type="button"
          disabled={disabled}
          onClick={() => onKey(key)}
          className="flex min-h-9 items-center gap-1.5 rounded border border-edge bg-surface px-1.5 text-[14.5px] hover:border-sea max-sm:min-h-14 max-sm:flex-col max-sm:justify-center max-sm:gap-0.5 max-sm:px-0.5 max-sm:text-[13px] max-sm:leading-tight"
        >
          <span
            aria-hidden="true"
            className="code inline-flex size-5 items-center justify-center rounded-full border border-ink font-bold text-[12px]"
            style={key.found ? undefined : { background: SIGNS[key.sign].fill, color: SIGNS[key.sign].ink }}
          >
            {key.letter}
          </span>
          {key.words}
        </button>
      ))}
      <button
        type="button"
        aria-expanded={more}
        onClick={() => setMore(!more)}
        className="min-h-9 rounded px-2 text-[14.5px] text-sea underline max-sm:min-h-14"
      >
        {more ? "fewer" : "more"}
      </button>
    </fieldset>
  );
}
