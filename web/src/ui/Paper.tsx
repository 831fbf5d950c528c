import type { ReactNode } from "react";
import { createPortal } from "react-dom";
import { usePrinting } from "./usePrinting";

/** A sheet for paper in place of the screen: what is printed while it stands there. */
export function Paper({ title, children }: { title: string; children: () => ReactNode }) {
  if (!usePrinting()) return null;
  return createPortal(
    <div className="paper hidden bg-white text-[13px] text-black print:block">
      <p className="big mb-2 text-[20px]">{title}</p>
      {children()}
    </div>,
    document.body,
  );
}

/** A table for paper: a thin rule a row, the head again on each page. */
export function PaperTable({ heads, children }: { heads: string[]; children: ReactNode }) {
  return (
    <table className="w-full border-collapse">
      <thead>
        <tr>
          {heads.map((head) => (
            <th key={head} scope="col" className="border-black border-b-2 py-1 pr-3 text-left font-semibold">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody className="[&_td]:border-gray-400 [&_td]:border-b [&_td]:py-1 [&_td]:pr-3 [&_tr]:break-inside-avoid">
        {children}
      </tbody>
    </table>
  );
}

/** A box to be ticked by pencil, with its letter. */
export function TickBox({ letter }: { letter: string }) {
  return (
    <span className="mr-1 inline-flex size-[22px] items-center justify-center border border-black text-[11px]">
      {letter}
    </span>
  );
}
