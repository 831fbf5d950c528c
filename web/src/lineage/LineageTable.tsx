import type { Schemas } from "../api/client";
import { KIND_NAMES } from "../drawings/LineageGlyph";
import { STANDING_WORDS } from "../wood/words";

const where = (column: number) =>
  column === 0 ? "itself" : column < 0 ? `${-column} before` : `${column} after`;

/** The drawing in words, for reading and copying. */
export function LineageTable({
  view,
  onFocus,
}: {
  view: Schemas["lineage.LineageView"];
  onFocus: (key: string) => void;
}) {
  return (
    <table className="mt-3 w-full text-[15px]">
      <caption className="sr-only">Members around {view.focus.member.code}</caption>
      <thead className="text-left text-[13.5px] text-soft">
        <tr>
          {["steps", "what", "code", "is", "clean"].map((head) => (
            <th key={head} scope="col" className="py-1 pr-3 font-normal">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {[...view.members]
          .sort((a, b) => a.column - b.column)
          .map((m) => (
            <tr key={m.member.key} className="border-line border-t">
              <td className="py-1 pr-3">{where(m.column)}</td>
              <td className="pr-3">{KIND_NAMES[m.member.kind]}</td>
              <td className="pr-3">
                <button
                  type="button"
                  className="code text-sea underline"
                  onClick={() => onFocus(m.member.key)}
                >
                  {m.member.code}
                </button>
              </td>
              <td className="pr-3">{m.member.words}</td>
              <td className={m.held ? "font-semibold text-alarm" : ""}>
                {m.held ? "held" : STANDING_WORDS[m.standing]}
              </td>
            </tr>
          ))}
        {view.stacks.map((s) => (
          <tr key={s.atKey + s.kind} className="border-line border-t text-soft">
            <td className="py-1 pr-3">{where(s.column)}</td>
            <td colSpan={4}>
              and {s.count} more {KIND_NAMES[s.kind]}s of {s.atKey}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
