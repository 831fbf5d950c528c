import { Link } from "react-router";
import { dayWords } from "../days";
import { PartHeading } from "../ui/parts";
import { useLookNext } from "./flushApi";

/** Which trees to look at next, and when, so that the coming flushes are known best. */
export function LookNext({ today, most = 3 }: { today: string; most?: number }) {
  const looks = useLookNext();
  const rows = (looks.data ?? []).slice(0, most);
  if (rows.length === 0) return null;
  return (
    <section aria-label="Buds to look at next" className="mb-6">
      <PartHeading>Buds to look at next</PartHeading>
      <ul>
        {rows.map((look) => (
          <li key={look.code}>
            <Link
              to={`/flush/${look.code}`}
              className="grid grid-cols-[1fr_auto] gap-x-3 border-line border-t py-1.5 text-[15px] hover:bg-ground"
            >
              <span>
                <b className="code font-normal">{look.code}</b> {look.spotName}
              </span>
              <span className="font-semibold text-[14px]">
                {look.on === today ? "today" : dayWords(look.on)}
              </span>
              <span className="col-span-2 text-[13.5px] text-soft">
                its flush is then known to {Math.round(look.afterDays)} days, not{" "}
                {Math.round(look.spreadDays)}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
