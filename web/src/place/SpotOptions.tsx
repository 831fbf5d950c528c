import { useSpots } from "../api/queries";
import { Options } from "./away";

/** The places of the farm in walking order, to choose from. */
export function SpotOptions() {
  return <Options kind="SPOT" all={useSpots().data ?? []} words={(spot) => spot.name} />;
}
