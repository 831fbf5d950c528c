import { Link, useLocation } from "react-router";
import { Statement } from "../ui/parts";
import { STATIONS } from "./manifest";

/** Says that an address leads nowhere, and where one may have wanted to go. */
export function NoSuchPage() {
  const { pathname } = useLocation();
  const station = STATIONS.find((s) => pathname === s.path || pathname.startsWith(`${s.path}/`));
  return (
    <section className="px-[26px] py-5 max-sm:px-4">
      <Statement title="There is no such page">
        <span className="code text-ink">{pathname}</span>{" "}
        {station ? `is not a part of ${station.name}.` : "is not an address of this farm."}
      </Statement>
      <ul className="flex flex-wrap gap-x-5 gap-y-2">
        {(station ? [station] : STATIONS).map((s) => (
          <li key={s.path}>
            <Link className="text-sea underline" to={s.path}>
              {s.name}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
