import { dated } from "../days";

/** What was done last, in its own line: nothing lies over the buttons. */
export function LastDone({ sentence, onBack }: { sentence: string; onBack: () => void }) {
  return (
    <p role="status" className="mt-4 text-[16px]">
      {dated(sentence)}{" "}
      <button
        type="button"
        className="min-h-9 font-semibold text-sea underline max-sm:min-h-11"
        onClick={onBack}
      >
        Take back
      </button>
    </p>
  );
}
