import { dayAndYear } from "../days";
import { PartHeading } from "../ui/parts";
import { Wide } from "../ui/Wide";
import { lengthWords, useChoices } from "../units";
import type { Preview } from "./Notebook";

/** What will be taken and what will not, with the reasons. */
export function Found({ preview }: { preview: Preview }) {
  return (
    <>
      <div className="grid grid-cols-2 gap-x-10 max-lg:grid-cols-1">
        <section>
          <PartHeading>What it would count</PartHeading>
          <table className="w-full text-[15px]">
            <thead className="text-left text-[14px] text-soft">
              <tr>
                {["variety", "taken", "failed", "waiting"].map((h) => (
                  <th key={h} scope="col" className="font-normal">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {Object.entries(preview.takes).map(([group, count]) => (
                <tr key={group} className="border-line border-t">
                  <th scope="row" className="py-1 text-left font-normal">
                    {group}
                  </th>
                  <td>{count.taken}</td>
                  <td>{count.failed}</td>
                  <td>{count.waiting}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section>
          <PartHeading>Rows left out</PartHeading>
          {preview.refusals.length === 0 && <p>Every row can be taken.</p>}
          <ul>
            {preview.refusals.map((r) => (
              <li key={r.line} className="border-line border-t py-1">
                <b>Row {r.line}</b>: {r.sentence}
                <span className="block truncate text-[13.5px] text-soft">{r.cells.join(" · ")}</span>
              </li>
            ))}
          </ul>
          {preview.remarks.length > 0 && (
            <details className="mt-2">
              <summary className="text-sea underline">
                {preview.remarks.length} remarks about rows that are taken
              </summary>
              <ul>
                {preview.remarks.map((r) => (
                  <li key={r.line + r.sentence}>
                    Row {r.line}: {r.sentence}
                  </li>
                ))}
              </ul>
            </details>
          )}
        </section>
      </div>
      <Rows preview={preview} />
    </>
  );
}

function Rows({ preview }: { preview: Preview }) {
  const { length } = useChoices();
  const shown = preview.rows.slice(0, 12);
  return (
    <section>
      <PartHeading>The first rows as they would be taken</PartHeading>
      <Wide name="The first rows, table">
        <table className="w-full min-w-[820px] text-[14.5px]">
          <thead className="text-left text-soft">
            <tr>
              {[
                "row",
                "made",
                "stock",
                "variety",
                "species",
                "technique",
                "by",
                "scion",
                "stock size",
                "seen",
              ].map((h) => (
                <th key={h} scope="col" className="font-normal">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.line} className="border-line border-t">
                <td className="py-1 text-soft">{row.line}</td>
                <td>{dayAndYear(row.madeOn)}</td>
                <td className="code">{row.plant}</td>
                <td>{row.variety}</td>
                <td>{row.species}</td>
                <td>{row.technique ?? "not understood"}</td>
                <td>{row.maker}</td>
                <td>{lengthWords(row.scionMm, length)}</td>
                <td>{lengthWords(row.stockMm, length)}</td>
                <td>{row.sign}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
    </section>
  );
}
