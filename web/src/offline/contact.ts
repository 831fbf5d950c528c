import { watched } from "../ui/watched";
import { about, setAbout } from "./store";

/** How this device stands with the farm. */
export interface Contact {
  /** Since when there was no contact, by this device's clock; 0 while there is. */
  lostAt: number;
  /** How many things done here the farm has not taken. */
  kept: number;
  /** How many of these it would not take. */
  unfit: number;
  /** Goes on with every change of what is kept, so that whatever shows it is read anew. */
  turn: number;
}

let now: Contact = { lostAt: 0, kept: 0, unfit: 0, turn: 0 };
const { tell, useNow } = watched();

export const contact = () => now;

export function stands(change: Partial<Contact>) {
  now = { ...now, ...change };
  tell();
}

/** How contact is sought again; the keeper says how. */
export const seek = { again: () => {} };
const SEEK_MS = 3_000;
const PATIENCE_MS = 10_000;
/** Answers from here on are of a farm that is not ready, or not there. */
export const BROKEN = 500;

/** Nothing came back: from now on this device answers, until there is contact again. */
export function lost() {
  if (now.lostAt) return;
  stands({ lostAt: Date.now() });
  setTimeout(() => seek.again(), SEEK_MS);
}

export const useContact = () => useNow(contact);

/** By how much the farm's clock is ahead of this device's, ms, as the last answer told; the farm's time is what counts. */
export const clock = { lead: 0 };

/** An answer tells the hour in whole seconds; less than this is no news. */
const NEWS_MS = 2_000;

/** Reads the hour of an answer, and keeps how far it is off: a page opened without contact has nobody else to ask. */
export function tellsTime(response: Response) {
  const lead = Date.parse(response.headers.get("Date") ?? "") - Date.now();
  if (!(Math.abs(lead - clock.lead) > NEWS_MS)) return;
  clock.lead = lead;
  setAbout("lead", lead).catch(() => {});
}

/** Asks the farm whether it is there, and what its hour is; fails where it is not. */
export async function reach(headers: Record<string, string> = {}): Promise<Response> {
  const response = await fetch("/api/farm", { headers, signal: AbortSignal.timeout(PATIENCE_MS) });
  if (response.status >= BROKEN) throw new TypeError("not yet");
  tellsTime(response);
  return response;
}

export const readLead = async () => {
  clock.lead = (await about<number>("lead")) ?? 0;
};
