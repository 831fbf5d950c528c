import { Input } from "../ui/fields";
import { lengthUnit, useChoices } from "../units";
import { badLength, type StemDraft } from "./draft";

interface Props {
  stems: StemDraft[];
  onChange: (stems: StemDraft[]) => void;
}

/** Several stocks to be logged together, each with both diameters at the cut. */
export function Listed({ stems, onChange }: Props) {
  const { length } = useChoices();
  // What is written in one row holds for those below it that say nothing, or what this row said before.
  const change = (at: number, part: "scion" | "stock", text: string) =>
    onChange(
      stems.map((stem, i) => {
        const follows = i > at && part === "scion" && (stem.scion === "" || stem.scion === stems[at].scion);
        return i === at || follows ? { ...stem, placing: undefined, [part]: text } : stem;
      }),
    );
  return (
    <table className="mt-2 mb-2 w-full max-w-[560px] text-[15px]">
      <thead className="text-left text-[14px] text-soft">
        <tr>
          <th className="font-normal">stock</th>
          <th className="font-normal">scion, {lengthUnit(length)}</th>
          <th className="font-normal">stock at the cut</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {stems.map((stem, at) => (
          <tr key={stem.stemId} className="border-line border-t">
            <td className="code py-1">
              {stem.plantCode}
              {stem.label !== "1" ? ` · ${stem.label}` : ""}
            </td>
            {(["scion", "stock"] as const).map((part) => (
              <td key={part} className="py-1 pr-3">
                <Input
                  inputMode="decimal"
                  className="max-w-28"
                  aria-label={`${part === "scion" ? "Scion" : "Stock"} diameter for ${stem.plantCode}`}
                  aria-invalid={badLength(stem[part]) !== undefined}
                  value={stem[part]}
                  onChange={(e) => change(at, part, e.target.value)}
                />
                {badLength(stem[part]) && (
                  <span className="text-[13px] text-alarm">{badLength(stem[part])}</span>
                )}
              </td>
            ))}
            <td className="text-right">
              <button
                type="button"
                className="min-h-9 px-2 text-sea underline"
                onClick={() => onChange(stems.filter((s) => s.stemId !== stem.stemId))}
              >
                leave out
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
