import { Link } from "react-router";
import { keyWords, useAllCommands } from "../ui/commands";
import { Overlay } from "../ui/Overlay";

import { choose, useChoices } from "../units";
import { PLACES } from "./manifest";

/** The keys that work on this screen, the way to the other stations, and the two themes. */
export function KeyHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { theme } = useChoices();
  const commands = useAllCommands();
  return (
    <Overlay open={open} onClose={onClose} title="Keys and more">
      <table className="w-full text-[15px] max-sm:hidden">
        <tbody>
          {commands.map((command) => (
            <tr key={keyWords(command)} className="border-line border-t">
              <th scope="row" className="code w-40 py-1.5 text-left font-normal">
                {keyWords(command)}
              </th>
              <td>{command.words}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-4 flex flex-wrap gap-x-5 gap-y-2">
        {PLACES.map((station) => (
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
