import { lengthWords, useChoices } from "../units";
import type { FitView } from "./fitApi";

/** Why the stem is cut where it is, between which limits, and the way back to the best height. */
export function WhereWords({ view, height, onAuto }: { view: FitView; height?: number; onAuto: () => void }) {
  const { length } = useChoices();
  const place = view.place;
  const low = place?.limits.filter((l) => l.lowest).at(-1);
  const high = place?.limits.find((l) => !l.lowest);
  return (
    <p className="mt-1 text-[14.5px] text-soft">
      {view.noRoom ??
        (place &&
          `${place.exactMm === undefined ? "Nowhere on the stem is it" : `At ${lengthWords(place.exactMm, length)} it is`} ${lengthWords(place.wantedMm, length)} thick, as the stick wants${place.bound ? `; ${place.bound.words} moves the cut` : ""}. Cut from ${lengthWords(low?.heightMm ?? 0, length)} (${low?.words}) to ${lengthWords(high?.heightMm ?? 0, length)} (${high?.words}).`)}
      {height !== undefined && (
        <button
          type="button"
          className="ml-2 text-sea underline max-sm:min-h-11 print:hidden"
          onClick={onAuto}
        >
          cut where it suits best
        </button>
      )}
    </p>
  );
}
