/** How a box to write in looks. */
export const BOX =
  "w-full rounded border border-edge bg-surface px-2 py-1 min-h-9 max-sm:min-h-11 text-ink aria-[invalid=true]:border-alarm";

/** How a word of a sentence looks that can be chosen. */
export const WORD =
  "max-w-full cursor-pointer bg-transparent leading-[1.2] font-semibold text-sea underline decoration-2 underline-offset-4 hover:bg-surface aria-[invalid=true]:text-alarm max-sm:min-h-11";
