import type { Schemas } from "../api/client";
import { awayWords, dayWords } from "../days";
import { rangeWords } from "../drawings/Lane";

type Pairing = Schemas["season.PairingView"];

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const RANK = { LIT: 0, CLOSING: 1, WAITING_FOR_WOOD: 2, WAITING_FOR_STOCK: 2, WAITING_FOR_WEATHER: 2 };

const soon = (p: Pairing) => `${RANK[p.standing]}${p.window?.first ?? "9999"}`;

/** Pairings in the order to speak of them: lit, then closing, then those whose window comes soonest. */
export const inOrderOfWindow = (pairings: Pairing[]) =>
  [...pairings].sort((a, b) => soon(a).localeCompare(soon(b)));

/** The pairing to speak of first. */
export const leading = (pairings: Pairing[]): Pairing | undefined => inOrderOfWindow(pairings)[0];

/** The one large statement: what is lit now, or what comes first. */
export function headline(pairings: Pairing[], today: string): string {
  const lead = leading(pairings);
  const name = capital(lead?.woodSpecies ?? "");
  if (lead?.standing === "LIT") return `${name} is lit${until(lead, " until about")}`;
  if (lead?.standing === "CLOSING") return `${name} is closing${closes(lead, today)}`;
  if (lead?.window) return `${name} comes next, about ${dayWords(lead.window.first)}`;
  const offered = pairings.filter((p) => p.offer).sort((a, b) => offerDay(a).localeCompare(offerDay(b)))[0];
  if (offered?.offer) {
    const by = offered.offer.pinchBy <= today ? "today" : `by ${dayWords(offered.offer.pinchBy)}`;
    return `Pinch ${offered.varietyName} ${by}, and it is lit from about ${dayWords(offerDay(offered))}`;
  }
  return "Nothing is lit, and no window is in sight";
}

const offerDay = (pairing: Pairing) => pairing.offer?.window.first ?? "9999";

function until(pairing: Pairing, words: string): string {
  const end = pairing.window?.ends.mid ?? pairing.window?.last;
  return end ? `${words} ${dayWords(end)}` : "";
}

// A window that lies ahead is not the one that closes.
function closes(pairing: Pairing, today: string): string {
  const { window } = pairing;
  if (!window) return " now";
  return window.first <= today
    ? until(pairing, ", about")
    : ` now, and lit again about ${dayWords(window.first)}`;
}

/** How a pairing stands, in a short sentence or two with its days. */
export function standingWords(pairing: Pairing, today: string): string {
  const window = pairing.window;
  switch (pairing.standing) {
    case "LIT":
      return window
        ? `Lit to ${rangeWords(window.ends)}. Best day ${window.best === today ? "today" : dayWords(window.best)}.`
        : "Lit.";
    case "CLOSING":
      return window && window.first <= today
        ? `Closing: last days to ${dayWords(window.ends.mid ?? window.last)}. Graft now.`
        : "Closing: its buds are opening.";
    case "WAITING_FOR_WOOD":
      return `Waiting for wood. ${nextWords(pairing, today)}`;
    case "WAITING_FOR_STOCK":
      return `Waiting for the stocks. ${nextWords(pairing, today)}`;
    default:
      return `Waiting for warmth. ${nextWords(pairing, today)}`;
  }
}

function nextWords(pairing: Pairing, today: string): string {
  const { window, offer } = pairing;
  const pinch = offer
    ? `Pinch by ${offer.pinchBy <= today ? "today" : dayWords(offer.pinchBy)} and it is lit from about ${dayWords(offer.window.first)}.`
    : "";
  if (!window) return pinch || "No window in the next five months.";
  return `Next window about ${dayWords(window.first)}, ${awayWords(window.first, today)}. ${pinch}`.trim();
}

/** How sure, in words with the number. */
export const sureWords = (share: number) => `${Math.round(share * 100)} of 100 years`;

export const pairKey = (p: { spotId: number; stockSpecies: string; varietyId: number }) =>
  `${p.spotId}:${p.stockSpecies}:${p.varietyId}`;
