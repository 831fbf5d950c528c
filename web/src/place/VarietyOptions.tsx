import { useVarieties } from "../api/queries";
import { Options } from "./away";

/** The varieties of a species, to choose from. */
export function VarietyOptions({ species }: { species: string }) {
  const own = (useVarieties().data ?? []).filter((variety) => variety.speciesKey === species);
  return (
    <Options
      kind="VARIETY"
      all={own}
      words={(variety) => `${variety.name}${variety.flowering ? ` (${variety.flowering})` : ""}`}
    />
  );
}
