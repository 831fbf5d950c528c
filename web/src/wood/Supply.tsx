import { dated, dayWords } from "../days";
import { PartHeading } from "../ui/parts";
import { Countdown } from "./Countdown";
import { useShoots, useSupply } from "./woodApi";
import { sticksWords } from "./words";

/** Sticks the plans need against the shelf and the shoots, and what to do about the rest. */
export function Supply() {
  const supply = useSupply();
  const shoots = useShoots();
  if (!supply.data) return null;
  const { lines, spareSticks } = supply.data;
  return (
    <>
      <h2 className="mb-1 font-semibold text-[14px] text-soft">Needed by the plans</h2>
      {lines.length === 0 && (
        <p className="text-[15px] text-soft">
          No graft day is planned. Plan one under Flush, and the sticks it needs are looked for here.
        </p>
      )}
      <ul>
        {lines.map((line) => (
          <li key={`${line.varietyId}${line.day}`} className="border-line border-t py-2">
            <div className="flex items-baseline justify-between gap-2">
              <b className="font-semibold">{line.varietyName}</b>
              <span className="text-[14px] text-soft">{dayWords(line.day)}</span>
            </div>
            <p className="text-[15px]">
              {sticksWords(line.sticks)} for {line.name}
              {line.shares.length > 0 &&
                `: ${line.shares.map((s) => `${s.sticks} ${s.sure ? "of" : "pinched on"} ${s.name}`).join(", ")}`}
              {line.missing > 0 && (
                <b className="text-alarm">
                  {line.shares.length > 0 ? "; " : ": "}
                  {line.missing} missing
                </b>
              )}
            </p>
            <p className="text-[14.5px] text-soft">{dated(line.advice)}</p>
          </li>
        ))}
      </ul>
      <p className="text-[14.5px] text-soft">{sticksWords(spareSticks)} on the shelf no plan asks for.</p>
      {shoots.data && shoots.data.length > 0 && (
        <>
          <PartHeading>Shoots on their way</PartHeading>
          <ul>
            {shoots.data.map((shoot) => (
              <li key={shoot.id} className="border-line border-t py-2">
                <Countdown shoot={shoot} />
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
