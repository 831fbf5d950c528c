import { useState } from "react";
import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { CoverOptions } from "../bench/CoverOptions";
import { dayWords } from "../days";
import { PeopleOptions } from "../place/PeopleOptions";
import { Field, Select } from "../ui/fields";
import { Button, LinkButton, Statement, Teach, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { Wide } from "../ui/Wide";
import { done, failed } from "../undo";
import { lengthWords, useChoices } from "../units";
import { useLists } from "./fitApi";
import { metWords, stepWords } from "./words";

type List = Schemas["fit.PreparedList"];
type Row = Schemas["fit.RowView"];

/** Grafts decided on: worked from at the bench, each logged with one touch. */
export function Prepared() {
  const { length } = useChoices();
  const lists = useLists();
  if (!lists.data) return <Trouble page problem={lists.error} />;
  const open = lists.data.reduce((sum, l) => sum + l.open, 0);
  return (
    <div className="px-[26px] pt-4 pb-8 max-sm:px-4">
      <Statement
        title={open === 0 ? "Nothing waits to be made" : `${open} ${open === 1 ? "graft" : "grafts"} to make`}
      >
        Work down the list: cut, join, then log what is done.
      </Statement>
      {lists.data.length === 0 && (
        <Teach
          title="A list comes from a pairing"
          action={<LinkButton to="/fit/pairing">Pair a batch</LinkButton>}
        >
          Pair sticks and stems, then prepare the pairs as a list. Here each has its technique and its cuts,
          ready for the log: GQ-26-W03 2 on AV-081, a cleft of {lengthWords(38, length)}.
        </Teach>
      )}
      {lists.data.map((list) => (
        <OneList key={list.id} list={list} />
      ))}
    </div>
  );
}

function OneList({ list }: { list: List }) {
  const { length } = useChoices();
  const { send, problem, busy } = useSend();
  const [marked, setMarked] = useState<number[]>([]);
  const [makerId, setMaker] = useState("");
  const [cover, setCover] = useState<Schemas["fit.LogEntry"]["cover"]>("FILM");
  const can = list.rows.filter((r) => !r.graftCode && !r.why).map((r) => r.id);
  const on = marked.filter((id) => can.includes(id));
  const log = () =>
    send(async () => {
      const logged = await told(
        api.POST("/api/fit/lists/{id}/log", {
          params: { path: { id: list.id } },
          body: { rows: on, makerId: makerId ? Number(makerId) : undefined, cover },
        }),
      );
      setMarked([]);
      done(`Logged ${logged.codes.join(", ")}`, logged.actId);
    });
  const remove = async () => {
    try {
      await told(api.DELETE("/api/fit/lists/{id}", { params: { path: { id: list.id } } }) as never);
    } catch (e) {
      failed(e);
    }
  };
  return (
    <section aria-label={list.name} className="mt-5">
      <h2 className="big flex flex-wrap items-baseline gap-x-3 text-[19px]">
        {list.name}
        <span className="font-sans text-[14px] text-soft">
          {dayWords(list.madeOn)}, {list.open} of {list.rows.length} to make
        </span>
      </h2>
      <Wide name={`Rows of ${list.name}`}>
        <table className="mt-1 w-full text-[15px] max-sm:min-w-[560px]">
          <thead className="text-left text-[14px] text-soft">
            <tr>
              <th className="w-8 py-1 font-normal">
                <input
                  type="checkbox"
                  aria-label={`All of ${list.name}`}
                  className="size-5"
                  disabled={can.length === 0}
                  checked={can.length > 0 && on.length === can.length}
                  onChange={(e) => setMarked(e.target.checked ? can : [])}
                />
              </th>
              <th className="font-normal">stick</th>
              <th className="font-normal">on</th>
              <th className="font-normal">technique</th>
              <th className="font-normal">meets</th>
              <th className="font-normal">cuts</th>
              <th className="font-normal" />
            </tr>
          </thead>
          <tbody>
            {list.rows.map((row) => (
              <tr key={row.id} className="border-line border-t align-baseline">
                <td className="py-1">
                  <input
                    type="checkbox"
                    aria-label={`${row.stick} on ${row.stem}`}
                    className="size-5"
                    disabled={!can.includes(row.id)}
                    checked={on.includes(row.id)}
                    onChange={(e) =>
                      setMarked(e.target.checked ? [...marked, row.id] : marked.filter((id) => id !== row.id))
                    }
                  />
                </td>
                <td className="pr-3">
                  {row.stick} <span className="code block text-soft">{lengthWords(row.scionMm, length)}</span>
                </td>
                <td className="pr-3">
                  {row.stem} <span className="code block text-soft">{lengthWords(row.stockMm, length)}</span>
                </td>
                <td className="pr-3">{row.techniqueName}</td>
                <td className="code whitespace-nowrap pr-3">
                  {metWords(row.contact.met, row.contact.unit, length)}
                </td>
                <td className="pr-3 text-[14px] text-soft">
                  {row.cuts.map((c) => `${c.name.toLowerCase()} ${stepWords(c, length)}`).join("; ")}
                </td>
                <td className="text-right">
                  <Fate row={row} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      <div className="mt-2 flex flex-wrap items-end gap-3 print:hidden">
        <Field label="Made by">
          <Select value={makerId} onChange={(e) => setMaker(e.target.value)}>
            <option value="">not said</option>
            <PeopleOptions />
          </Select>
        </Field>
        <Field label="Cover">
          <Select value={cover} onChange={(e) => setCover(e.target.value as typeof cover)}>
            <CoverOptions />
          </Select>
        </Field>
        <Button
          data-does="POST /api/fit/lists/{id}/log"
          strong
          disabled={on.length === 0 || busy}
          onClick={log}
          className="min-h-11"
        >
          {on.length === 1 ? "Log this graft" : `Log these ${on.length || ""}`}
        </Button>
        <Button onClick={() => window.print()} className="min-h-11">
          Print
        </Button>
        <button
          data-does="DELETE /api/fit/lists/{id}"
          type="button"
          className="min-h-11 text-[14px] text-sea underline"
          onClick={remove}
        >
          put the list away
        </button>
      </div>
      <p className="mt-1.5 text-[13.5px] text-soft">
        Blade away from you, never toward the holding hand. Clean it at every new tree and lot; follow the
        label and local rules.
      </p>
      <Trouble problem={problem} />
    </section>
  );
}

function Fate({ row }: { row: Row }) {
  if (row.graftCode) {
    return (
      <Link to={`/graft/${row.graftCode}`} className="code whitespace-nowrap text-sea underline">
        {row.graftCode}
      </Link>
    );
  }
  return row.why ? <span className="text-[13.5px] text-soft">{row.why}</span> : null;
}
