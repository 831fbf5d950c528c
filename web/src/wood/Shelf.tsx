import { useNavigate } from "react-router";
import { GradeMark } from "../drawings/GradeMark";
import { KeepingBar } from "../drawings/KeepingBar";
import { Standing } from "./Standing";
import type { Lot } from "./woodApi";
import { leftWords } from "./words";

/** The lots, those to be used first in front. */
export function Shelf({ lots, chosen }: { lots: Lot[]; chosen?: string }) {
  const navigate = useNavigate();
  return (
    <table className="w-full text-[15px]">
      <caption className="sr-only">Lots on the shelf, use-first</caption>
      <thead className="text-left text-[13.5px] text-soft max-sm:sr-only">
        <tr>
          {["lot", "wood", "grade", "keeps well for", "left"].map((head) => (
            <th key={head} scope="col" className="py-1 pr-3 font-normal first:pl-2 last:pr-1 last:text-right">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {lots.map((lot) => (
          <tr
            key={lot.id}
            className={`border-line border-t align-top ${lot.code === chosen ? "bg-surface shadow-[inset_3px_0_0_var(--sea)] max-sm:shadow-[-8px_0_0_var(--surface),-11px_0_0_var(--sea)]" : "hover:bg-surface"} max-sm:grid max-sm:grid-cols-[auto_1fr_auto] max-sm:gap-x-3 max-sm:py-2`}
          >
            <th scope="row" className="py-1.5 pr-3 pl-2 text-left max-sm:p-0">
              <button
                type="button"
                aria-current={lot.code === chosen}
                className="code whitespace-nowrap text-left font-semibold text-[14px] text-sea underline max-sm:min-h-11"
                onClick={() => navigate(`/wood/lot/${lot.code}`)}
              >
                {lot.code}
              </button>
            </th>
            <td className="py-1.5 pr-3 max-sm:p-0">
              <b className="font-semibold">{lot.varietyName}</b>
              <span className="block text-[13.5px] text-soft">
                {lot.fromName}, cut {lot.ageDays === 0 ? "today" : `${lot.ageDays} d ago`}
                {lot.store ? `, ${lot.store}` : ""}
                <Standing lot={lot} />
              </span>
            </td>
            <td className="py-1.5 pr-3 max-sm:p-0">
              <GradeMark grade={lot.grade} />
            </td>
            <td className="w-[24%] py-1.5 pr-3 max-sm:col-span-3 max-sm:w-auto max-sm:p-0">
              <KeepingBar lot={lot} className="mt-1.5" />
              <span
                className={`block text-[13.5px] ${lot.runsOut ? "font-semibold text-alarm" : "text-soft"}`}
              >
                {leftWords(lot)}
              </span>
            </td>
            <td className="whitespace-nowrap py-1.5 pr-1 text-right max-sm:col-span-3 max-sm:p-0 max-sm:text-left">
              {lot.sticksLeft} of {lot.sticksIn}
              <span className="sr-only"> sticks, </span>
              <span className="block text-[13.5px] text-soft max-sm:ml-2 max-sm:inline">
                {lot.budsLeft} buds
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
