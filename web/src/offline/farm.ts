import { daysBetween, daysOn, isoDay } from "../days";
import { clock } from "./contact";
import { about, store } from "./store";

/** The farm as this device last knew it. */
export interface FarmHere {
  mark: string;
  today: string;
  demo: boolean;
  personId: number | undefined;
  role?: string;
}

const NOWHERE: FarmHere = { mark: "", today: "", demo: false, personId: undefined };

export const farmHere = async () => (await about<FarmHere>("farm")) ?? NOWHERE;

/** Today at the farm, going on by the nights since it last said so; the demo's day stands. */
export async function farmDay(): Promise<string> {
  const { today, demo } = await farmHere();
  const read = await (await store()).get("answers", "/api/farm");
  if (demo || !read) return today;
  const nights = daysBetween(isoDay(new Date(read.at)), isoDay(new Date(Date.now() + clock.lead)));
  return daysOn(today, Math.max(0, nights));
}
