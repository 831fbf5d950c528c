import type { Schemas } from "../api/client";
import { dayAndYear } from "../days";
import { ToldAndCame } from "../drawings/ToldAndCame";
import { PartHeading } from "../ui/parts";

type Learned = Schemas["season.PlantSheetLearning"];

/** What a tree goes by, the chance of the coming days, and how past ranges fared. */
export function Learning({ learned }: { learned: Learned }) {
  const soon = Math.round(learned.near.reduce((sum, chance) => sum + chance, 0) * 100);
  const last = learned.told.slice(-12);
  return (
    <>
      <PartHeading>What it goes by</PartHeading>
      <p className="text-[15px]">{learned.goesBy}</p>
      <ul className="mt-1 text-[14px]">
        {learned.accounts
          .filter((part) => part.share >= 0.05)
          .map((part) => (
            <li key={part.account} className="grid grid-cols-[1fr_64px_44px] items-center gap-2">
              <span>{part.words}</span>
              <span className="h-1.5 rounded-sm bg-line" aria-hidden="true">
                <span
                  className="block h-full rounded-sm bg-leaf"
                  style={{ width: `${Math.round(part.share * 100)}%` }}
                />
              </span>
              <span className="whitespace-nowrap text-right text-soft tabular-nums">
                {Math.round(part.share * 100)} %
              </span>
            </li>
          ))}
      </ul>
      <p className="mt-2 text-[14px] text-soft">{learned.stages}</p>
      <p className="mt-2 text-[15px]">
        {soon < 1
          ? "No new flush is likely to begin in the next 30 days."
          : `A new flush begins in the next 30 days in ${soon} of 100 possible years.`}
      </p>
      {last.length > 0 && (
        <>
          <PartHeading>Told before, and what came</PartHeading>
          <ToldAndCame told={last} />
          <p className="text-[13.5px] text-soft">
            Each line is a look, the newest below: the range told then about the day the flush came. Since{" "}
            {dayAndYear(last[0].on)}.
          </p>
        </>
      )}
    </>
  );
}
