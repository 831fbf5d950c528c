import type { CauseTold, Pile } from "./causeApi";
import { NEVER_KNOWN } from "./causeApi";

const YEAR_BEGINS = 3;

/** Confirmed causes season by season: a square for each tree that was lost. */
export function CauseStrip({ pile }: { pile: Pile }) {
  if (pile.confirmed.length === 0) return null;
  const season = (c: Pile["confirmed"][number]) => (c.month >= YEAR_BEGINS ? c.year : c.year - 1);
  const seasons = [...new Set(pile.confirmed.map(season))].sort((a, b) => a - b);
  const counts = (cause: string, year: number) =>
    pile.confirmed
      .filter((c) => c.cause === cause && season(c) === year)
      .reduce((sum, c) => sum + c.grafts, 0);
  const all = (cause: string) => seasons.reduce((sum, year) => sum + counts(cause, year), 0);
  const causes: Pick<CauseTold, "key" | "name">[] = [
    ...pile.causes.filter((c) => all(c.key) > 0).sort((a, b) => all(b.key) - all(a.key)),
    ...(all(NEVER_KNOWN) > 0 ? [{ key: NEVER_KNOWN, name: "never known" }] : []),
  ];
  return (
    <table className="mt-2 text-[14.5px]">
      <caption className="pb-1 text-left text-[14px] text-soft">
        What was confirmed, by the year from March on; each count is trees lost.
      </caption>
      <thead>
        <tr>
          <td />
          {seasons.map((year) => (
            <th key={year} scope="col" className="px-3 text-left font-normal text-soft">
              {year}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {causes.map((cause) => (
          <tr key={cause.key} className="border-line border-t">
            <th scope="row" className="py-1 pr-3 text-left font-normal">
              {cause.name}
            </th>
            {seasons.map((year) => {
              const n = counts(cause.key, year);
              return (
                <td key={year} className="px-3">
                  {n > 0 && (
                    <span className="flex items-center gap-1.5">
                      <svg width={Math.min(90, n * 7)} height={9} aria-hidden="true">
                        {Array.from({ length: Math.min(12, n) }, (_, i) => (
                          // biome-ignore lint/suspicious/noArrayIndexKey: squares in a row are all alike
                          <rect key={i} x={i * 7} width={5.4} height={9} fill="var(--alarm)" />
                        ))}
                      </svg>
                      {n}
                    </span>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
