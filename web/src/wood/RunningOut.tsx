import { Link } from "react-router";
import { KeepingBar } from "../drawings/KeepingBar";
import { PartHeading } from "../ui/parts";
import { Countdown } from "./Countdown";
import { useWoodToday } from "./woodApi";
import { leftWords, sticksWords } from "./words";

/** Wood that runs out, and pinched shoots to look at. */
export function RunningOut() {
  const wood = useWoodToday();
  if (!wood.data || (wood.data.runningOut.length === 0 && wood.data.shoots.length === 0)) return null;
  const { runningOut, shoots } = wood.data;
  return (
    <>
      {runningOut.length > 0 && (
        <>
          <h2 className="font-semibold text-[14px] text-soft">Wood running out</h2>
          {runningOut.slice(0, 4).map((lot) => (
            <Link key={lot.id} to={`/wood/lot/${lot.code}`} className="mt-1.5 block hover:bg-ground">
              <span className="flex items-baseline gap-2 text-[15px]">
                <b className="code shrink-0 font-normal text-[13.5px]">{lot.code}</b>
                <span className="min-w-0 truncate">
                  {lot.varietyName}, {sticksWords(lot.sticksLeft)}
                </span>
                <span className="ml-auto whitespace-nowrap font-semibold text-[14px] text-alarm">
                  {leftWords(lot)}
                </span>
              </span>
              <KeepingBar lot={lot} className="mt-0.5" />
            </Link>
          ))}
          {runningOut.length > 4 && (
            <Link to="/wood" className="text-[14px] text-sea underline">
              and {runningOut.length - 4} more lots
            </Link>
          )}
        </>
      )}
      {shoots.length > 0 && (
        <>
          <PartHeading>Pinched shoots to look at</PartHeading>
          {shoots.slice(0, 3).map((shoot) => (
            <Link
              key={shoot.id}
              to="/wood/shoots"
              className="block border-line border-t py-1.5 hover:bg-ground"
            >
              <Countdown shoot={shoot} />
            </Link>
          ))}
        </>
      )}
      <div className="h-5" />
    </>
  );
}
