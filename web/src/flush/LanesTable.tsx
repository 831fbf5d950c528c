import type { Schemas } from "../api/client";
import { dayWords } from "../days";
import { rangeWords } from "../drawings/Lane";
import { STAGES } from "../drawings/stages";

const BASIS = { SPECIES_PRIOR: "species prior", FARM: "this farm", OWN: "its own" };

/** The lanes and windows read as tables. */
export function LanesTable(props: {
  lanes: Schemas["season.LaneRow"][];
  pairings: Schemas["season.PairingView"][];
}) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keys
    <section aria-label="Lanes read as table" tabIndex={0} className="min-h-0 flex-1 overflow-auto">
      <table className="w-full text-[15px]">
        <caption className="sr-only">Watched trees with their last stage and next flushes</caption>
        <thead className="text-left text-soft">
          <tr>
            {["tree", "variety", "place", "last seen", "next flush", "second", "third", "rests on"].map(
              (head) => (
                <th key={head} scope="col" className="py-1 pr-3 font-normal">
                  {head}
                </th>
              ),
            )}
          </tr>
        </thead>
        <tbody>
          {props.lanes.map((lane) => (
            <tr key={lane.plantId} className="border-line border-t">
              <th scope="row" className="code whitespace-nowrap py-1 pr-3 text-left font-normal">
                {lane.code}
              </th>
              <td className="pr-3">{lane.varietyName ?? lane.speciesKey}</td>
              <td className="pr-3">{lane.spotName}</td>
              <td className="whitespace-nowrap pr-3">
                {lane.last ? `${STAGES[lane.last.stage].words}, ${dayWords(lane.last.day)}` : "never"}
              </td>
              {[0, 1, 2].map((i) => (
                <td key={i} className="whitespace-nowrap pr-3">
                  {lane.coming[i] ? rangeWords(lane.coming[i]) : ""}
                </td>
              ))}
              <td>{BASIS[lane.basis]}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <table className="mt-6 w-full text-[15px]">
        <caption className="text-left font-semibold">Windows</caption>
        <thead className="text-left text-soft">
          <tr>
            {["wood", "stocks", "first", "best", "last", "how sure"].map((head) => (
              <th key={head} scope="col" className="py-1 pr-3 font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {props.pairings.flatMap((pairing) =>
            pairing.windows.map((window) => (
              <tr
                key={`${pairing.varietyId}${pairing.spotId}${window.first}`}
                className="border-line border-t"
              >
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {pairing.varietyName}
                </th>
                <td className="pr-3">{pairing.spotName}</td>
                <td className="pr-3">{dayWords(window.first)}</td>
                <td className="pr-3">{dayWords(window.best)}</td>
                <td className="pr-3">{rangeWords(window.ends)}</td>
                <td>{Math.round(window.confidence * 100)} of 100</td>
              </tr>
            )),
          )}
        </tbody>
      </table>
    </section>
  );
}
