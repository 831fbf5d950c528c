import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { useFarm } from "../api/queries";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/fields";
import { Button, PartHeading, Statement, Trouble } from "../ui/parts";
import { isDay } from "../ui/readDay";
import { useSend } from "../ui/useSend";
import { lengthNumber, lengthUnit, lengthWords, readLength, unitWords, useChoices } from "../units";
import { PrinterWindow } from "./PrinterWindow";
import { usePrinter } from "./usePrinter";

const KINDS: [string, string, number, number][] = [
  ["SLAT", "long slat", 100, 20],
  ["STAKE", "pot stake", 90, 28],
  ["TAG", "small tag", 50, 24],
];

const PARTS = [
  ["DATE", "day"],
  ["TECHNIQUE", "technique"],
  ["STOCK", "stock"],
  ["SOURCE", "where the wood is from"],
  ["MAKER", "who made it"],
];

const OWN = [
  ["widthMm", "Width"],
  ["heightMm", "Height"],
  ["leftMm", "From the left"],
  ["topMm", "From the top"],
  ["gapXMm", "Between columns"],
  ["gapYMm", "Between rows"],
];

/** Label sheets: which, how large, on what paper; each with a square code that scans. */
export function Labels() {
  const [search] = useSearchParams();
  const today = useFarm().data?.today ?? "";
  const { length } = useChoices();
  const { send, problem, busy } = useSend();
  const printer = usePrinter();
  const [codes, setCodes] = useState(search.get("codes") ?? "");
  const [day, setDay] = useState(search.get("day") ?? "");
  const [kind, setKind] = useState("SLAT");
  const [paper, setPaper] = useState("A4");
  const [parts, setParts] = useState(PARTS.map(([key]) => key));
  const [own, setOwn] = useState<Record<string, string>>({});
  const [columns, setColumns] = useState("");
  const [rows, setRows] = useState("");
  const query = () => {
    const asked = new URLSearchParams({ kind, paper, parts: parts.join(",") });
    if (codes.trim()) asked.set("codes", codes.trim());
    else asked.set("day", isDay(day) ? day : today);
    if (columns.trim()) asked.set("columns", columns.trim());
    if (rows.trim()) asked.set("rows", rows.trim());
    for (const [key, words] of OWN) {
      const mm = readLength(own[key] ?? "", length);
      if (mm === undefined) continue;
      if (Number.isNaN(mm)) throw new Error(`${words}: this cannot be read as a length.`);
      asked.set(key, String(mm));
    }
    return asked.toString();
  };
  // Fetched first: what cannot be printed is said here, not in an empty window.
  const print = () =>
    send(async () => {
      const answer = await fetch(`/api/labels.pdf?${query()}`, { headers: { "Lantern-Units": unitWords() } });
      if (!answer.ok) throw new Error((await answer.json()).detail);
      const link = document.createElement("a");
      link.href = URL.createObjectURL(await answer.blob());
      link.download = "labels.pdf";
      link.click();
      URL.revokeObjectURL(link.href);
    });
  const strips = () =>
    send(() =>
      printer.print({
        codes: codes.trim() ? [codes] : undefined,
        day: isDay(day) ? day : today,
        kind: kind as Schemas["day.PrintEntry"]["kind"],
        parts: parts as Schemas["day.PrintEntry"]["parts"],
      }),
    );
  return (
    <div className="mx-auto max-w-[860px] px-[26px] py-5 max-sm:px-4">
      <Statement title="Labels">
        A sheet to print and cut. The square code opens the graft, lot or plant by a photo or a scanner in
        Find.
      </Statement>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          print();
        }}
      >
        <div className="grid grid-cols-2 gap-x-5 gap-y-3 max-sm:grid-cols-1">
          <Field
            label="Codes"
            hint="of grafts, lots and plants; left empty, the grafts of a day and those numbered for it"
          >
            <Input
              value={codes}
              placeholder="TE-26-001, TE-26-W04, AV-124"
              onChange={(e) => setCodes(e.target.value)}
            />
          </Field>
          <Field label="Grafts of the day">
            <DayBox value={day} placeholder="today" onChange={setDay} />
          </Field>
          <Field label="Label">
            <Select value={kind} onChange={(e) => setKind(e.target.value)}>
              {KINDS.map(([key, words, wideMm, highMm]) => (
                <option key={key} value={key}>
                  {words}, {lengthNumber(wideMm, length)} × {lengthWords(highMm, length)}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="Paper">
            <Select value={paper} onChange={(e) => setPaper(e.target.value)}>
              <option value="A4">A4</option>
              <option value="LETTER">Letter</option>
            </Select>
          </Field>
        </div>
        <PartHeading>On the label, besides variety and code</PartHeading>
        <div className="flex flex-wrap gap-x-5 gap-y-1">
          {PARTS.map(([key, words]) => (
            <label key={key} className="flex min-h-9 items-center gap-2 max-sm:min-h-11">
              <input
                type="checkbox"
                checked={parts.includes(key)}
                onChange={(e) =>
                  setParts((before) =>
                    PARTS.map(([k]) => k).filter((k) => (k === key ? e.target.checked : before.includes(k))),
                  )
                }
              />
              {words}
            </label>
          ))}
        </div>
        <details className="mt-4">
          <summary className="text-sea underline">Sheets of your own measure</summary>
          <div className="mt-2 grid grid-cols-4 gap-3 max-sm:grid-cols-2">
            <Field label="Columns">
              <Input inputMode="numeric" value={columns} onChange={(e) => setColumns(e.target.value)} />
            </Field>
            <Field label="Rows">
              <Input inputMode="numeric" value={rows} onChange={(e) => setRows(e.target.value)} />
            </Field>
            {OWN.map(([key, words]) => (
              <Field key={key} label={`${words}, ${lengthUnit(length)}`}>
                <Input
                  inputMode="decimal"
                  value={own[key] ?? ""}
                  onChange={(e) => setOwn((before) => ({ ...before, [key]: e.target.value }))}
                />
              </Field>
            ))}
          </div>
          <p className="mt-1 text-[14px] text-soft">What is left empty is as with the label chosen above.</p>
        </details>
        <Trouble problem={problem} />
        <div className="mt-4 flex flex-wrap gap-3">
          <Button strong type="submit" disabled={busy} className="min-h-11 px-6">
            Make the sheet (PDF)
          </Button>
          <Button data-does="POST /api/printer" disabled={busy} className="min-h-11" onClick={strips}>
            Print on the label printer
          </Button>
        </div>
      </form>
      <PrinterWindow printer={printer} />
    </div>
  );
}
