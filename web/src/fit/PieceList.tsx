import { ThicknessBox } from "../ui/ThicknessBox";
import { lengthNumber, useChoices } from "../units";
import { freshName, type PieceDraft } from "./pairDraft";

interface Props {
  kind: "stick" | "stem";
  pieces: PieceDraft[];
  onChange: (change: (before: PieceDraft[]) => PieceDraft[]) => void;
}

/** A quick list of thicknesses; a touch takes one off again. */
export function PieceList({ kind, pieces, onChange }: Props) {
  const { length } = useChoices();
  const add = (sizes: number[]) =>
    onChange((before) => {
      const next = [...before];
      for (const mm of sizes) next.push({ id: freshName(kind, next), mm });
      return next;
    });
  return (
    <div>
      <ThicknessBox label={`Thickness of a ${kind}`} least={2} most={200} onAdd={add} />
      <div className="mt-1 flex max-h-[104px] flex-wrap gap-1 overflow-auto">
        {pieces.map((p) => (
          <button
            key={p.id}
            type="button"
            title={`${p.id}: take it off the list`}
            aria-label={`${p.id}, ${lengthNumber(p.mm, length)}: take it off the list`}
            className="code min-h-6 rounded border border-line px-1.5 text-[13px] hover:border-alarm max-sm:min-h-11 max-sm:min-w-11"
            onClick={() => onChange((before) => before.filter((other) => other.id !== p.id))}
          >
            {lengthNumber(p.mm, length)}
          </button>
        ))}
      </div>
    </div>
  );
}
