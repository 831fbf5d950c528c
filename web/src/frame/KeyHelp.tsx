import { Link, useLocation } from "react-router";
import { Overlay } from "../ui/parts";
import { choose, useChoices } from "../units";
import { KEYS, STATIONS } from "./stations";

/** The keys of this station, the way to the other stations, and the two themes. */
export function KeyHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { pathname } = useLocation();
  const { theme } = useChoices();
  const station = Object.keys(KEYS).find((path) => path !== "" && pathname.startsWith(path)) ?? "";
  const rows = [...(station ? KEYS[station] : []), ...KEYS[""]];
  return (
    <Overlay open={open} onClose={onClose} title="Keys and more">
      <table className="w-full text-[15px] max-sm:hidden">
        <tbody>
          {rows.map(([key, words]) => (
            <tr key={key} className="border-line border-t">
              <th scope="row" className="code w-40 py-1.5 text-left font-normal">
                {key}
              </th>
              <td>{words}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-4 flex flex-wrap gap-x-5 gap-y-2">
        {[...STATIONS, { name: "Farm", path: "/farm" }].map((station) => (
          <Link
            key={station.path}
            to={station.path}
            onClick={onClose}
            className="min-h-6 text-sea underline max-sm:min-h-11"
          >
            {station.name}
          </Link>
        ))}
        <button
          type="button"
          className="text-sea underline max-sm:min-h-11"
          onClick={() => choose({ theme: theme === "day" ? "lamplight" : "day" })}
        >
          {theme === "day" ? "Lamplight for evenings" : "Daylight"}
        </button>
      </div>
    </Overlay>
  );
}
