import { useFarm } from "../api/queries";
import { Options } from "./away";

/** The people of the farm, to choose one. */
export function PeopleOptions() {
  return <Options kind="PERSON" all={useFarm().data?.people ?? []} words={(person) => person.name} />;
}
