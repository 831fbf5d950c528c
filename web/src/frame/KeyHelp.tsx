import { useState } from "react";
import { Link } from "react-router";
import { keyWords, useAllCommands } from "../ui/commands";
import { Overlay } from "../ui/Overlay";

import { choose, useChoices } from "../units";
import { PLACES } from "./manifest";
import { wordsHere } from "./touched";

/** The keys that work on this screen, the way to the other stations, and the two themes. */
export function KeyHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { theme } = useChoices();
  const commands = useAllCommands();
  return (
    <Overlay open={open} onClose={onClose} title="Keys and more">
      <table className="w-full text-[15px]">
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
      <WordsHere />
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

/** The trade words of the screen that lies below; a touch on one explains it there too. */
function WordsHere() {
  const [words] = useState(wordsHere);
  if (words.length === 0) return null;
  return (
    <>
      <h3 className="mt-4 mb-1 font-semibold text-[14px] text-soft">
        Words on this screen; touched, they say what they mean
      </h3>
      <dl className="text-[15px]">
        {words.map(([word, says]) => (
          <div key={says} className="grid grid-cols-[10rem_1fr] border-line border-t py-1 max-sm:grid-cols-1">
            <dt className="font-semibold">{word}</dt>
            <dd>{says}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
