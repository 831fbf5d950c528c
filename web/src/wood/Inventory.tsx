import { dayWords } from "../days";
import { Paper, PaperTable } from "../ui/Paper";
import type { Lot } from "./woodApi";
import { GRADE_WORDS, leftWords, sticksWords } from "./words";

/** The shelf on paper, use-first, with room to count. */
export function Inventory({ lots }: { lots: Lot[] }) {
  return (
    <Paper title={`Wood on the shelf, ${lots.length} lots, use-first`}>
      {() => (
        <>
          <PaperTable heads={["lot", "wood", "from, cut", "lies in", "grade", "keeps", "left", "counted"]}>
            {lots.map((lot) => (
              <tr key={lot.id}>
                <td className="code whitespace-nowrap font-semibold">{lot.code}</td>
                <td>
                  {lot.varietyName}
                  {lot.refusal ? <b className="block">held</b> : null}
                </td>
                <td>
                  {lot.fromName}, {dayWords(lot.cutOn)}
                </td>
                <td>{lot.store ?? ""}</td>
                <td>{lot.grade ? `${lot.grade}, ${GRADE_WORDS[lot.grade]}` : "not looked at"}</td>
                <td>{leftWords(lot)}</td>
                <td className="whitespace-nowrap">{sticksWords(lot.sticksLeft)}</td>
                <td className="w-[10%]" />
              </tr>
            ))}
          </PaperTable>
        </>
      )}
    </Paper>
  );
}
