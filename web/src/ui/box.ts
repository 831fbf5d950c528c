/** How a box to write in looks. */
export const BOX =
  "w-full rounded border border-edge bg-surface px-2 py-1 min-h-9 max-sm:min-h-11 text-ink aria-[invalid=true]:border-alarm";
