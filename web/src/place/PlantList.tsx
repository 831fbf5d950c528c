import type { Schemas } from "../api/client";
import { Paper, PaperTable } from "../ui/Paper";
import { lengthWords, useChoices } from "../units";
import { KIND_OF } from "./plantEntry";

/** The plants on paper, in walking order, with room for a measure. */
export function PlantList({ list }: { list: Schemas["place.PlantList"] }) {
  const { length } = useChoices();
  return (
    <Paper title={`Plants, ${list.plants.length} of ${list.total}`}>
      {() => (
        <>
          <PaperTable heads={["code", "what", "place", "variety or kind", "thick", "today"]}>
            {list.plants.map((plant) => (
              <tr key={plant.id}>
                <td className="code font-semibold">{plant.code}</td>
                <td>
                  {plant.speciesKey} {KIND_OF[plant.kind]}
                </td>
                <td>{plant.spotName}</td>
                <td>{plant.varietyName ?? plant.stockKind ?? ""}</td>
                <td>
                  {list.stems
                    .filter((s) => s.plantId === plant.id)
                    .map((s) => lengthWords(s.diameterMm, length))
                    .filter(Boolean)
                    .join(", ")}
                </td>
                <td className="w-[14%]" />
              </tr>
            ))}
          </PaperTable>
        </>
      )}
    </Paper>
  );
}
