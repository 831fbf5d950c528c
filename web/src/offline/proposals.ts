import api, { type Schemas, told } from "../api/client";
import { dayWords } from "../days";
import { SIGNS } from "../drawings/signs";
import { farmHere } from "./farm";
import { learnVersions, pathOf } from "./outbox";
import type { Entry } from "./store";

/** What could be done about something that does not fit any more. */
export interface Proposal {
  words: string;
  /** What has to be told first: a day, or one of these. */
  asks?: "day" | [value: string, words: string][];
  label?: string;
  /** What becomes of it. */
  change: (told: string) => Partial<Entry>;
}

const CONFLICT = 409;
const isLook = ({ path }: Entry) => path === "/api/looks";
const isMade = ({ path }: Entry) => /\/jobs\/\d+\/made$/.test(pathOf(path));
const codesOf = ({ on }: Entry) => on.filter((one) => !one.includes(":"));
const sheetOf = (code: string) => told(api.GET("/api/grafts/{code}", { params: { path: { code } } }));

// The farm's own sentence says who came first, and with what.
const tellsOf = ({ unfit }: Entry, words: string) => unfit?.sentence.includes(words) ?? false;

/** How what it is about stands on the farm now, as far as its sentence does not say so. */
export async function farmNow(entry: Entry): Promise<string[]> {
  if (pathOf(entry.path).endsWith("/notes"))
    return sheetOf(codesOf(entry)[0]).then(
      ({ stop }) => [`notes now: “${stop.graft.notes}”`],
      () => [],
    );
  if (!isLook(entry)) return [];
  const lines = await Promise.all(
    codesOf(entry)
      .slice(0, 3)
      .map(async (code) => {
        const last = (await sheetOf(code)).past.at(-1);
        return last && !tellsOf(entry, SIGNS[last.sign].words)
          ? `${code}: ${SIGNS[last.sign].words}, ${last.who ?? "nobody named"} on ${dayWords(last.day)}`
          : "";
      }),
  ).catch(() => []);
  return lines.filter(Boolean);
}

const with_ = (entry: Entry, more: object): Partial<Entry> => ({
  body: JSON.stringify({ ...JSON.parse(String(entry.body)), ...more }),
});

/** What can be done about it, the likeliest first. */
export async function proposals(entry: Entry, away: boolean): Promise<Proposal[]> {
  const fields = entry.unfit?.fields ?? [];
  const farm = await farmHere();
  if (fields.includes("seenOn"))
    return [
      {
        words: "It was then",
        asks: "day",
        change: (day) => ({ day, ...(isLook(entry) ? with_(entry, { seenOn: day }) : {}) }),
      },
    ];
  if (fields.includes("personId"))
    return [
      {
        words: "Write it as mine",
        change: () => ({ personId: farm.personId, ...with_(entry, { personId: farm.personId }) }),
      },
    ];
  if (fields.includes("sure")) return [{ words: "It is so", change: () => with_(entry, { sure: true }) }];
  if (entry.farm !== farm.mark)
    return [{ words: "It means the same here: write it", change: () => ({ farm: farm.mark }) }];
  if (entry.unfit?.status === CONFLICT && codesOf(entry).length > 0) return second(entry, away);
  if (isMade(entry)) return otherWood(entry);
  return [{ words: "Send it again", change: () => ({}) }];
}

// Who comes second has looked too: it is written after what the other one saw, which only the farm can tell.
async function second(entry: Entry, away: boolean): Promise<Proposal[]> {
  const sheets = away ? [] : await Promise.all(codesOf(entry).map(sheetOf)).catch(() => []);
  await learnVersions(Object.fromEntries(sheets.map(({ stop }) => [stop.graft.code, stop.graft.version])));
  return [
    { words: isLook(entry) ? "Write mine as one look more" : "Write mine instead", change: () => ({}) },
  ];
}

async function otherWood(entry: Entry): Promise<Proposal[]> {
  const shelf = await told(api.GET("/api/lots", { params: { query: {} } })).catch(() => undefined);
  const lots = likely(shelf?.lots ?? [], entry.words);
  return [
    {
      words: "It was made of this",
      label: "Of which wood",
      asks: lots.map((lot): [string, string] => [
        String(lot.id),
        `${lot.code}, ${lot.varietyName}, ${lot.sticksLeft} left`,
      ]),
      change: (lotId) => with_(entry, { lotId: Number(lotId) }),
    },
    { words: "Send it again", change: () => ({}) },
  ];
}

// Wood of the same variety first, and none of another species.
function likely(shelf: Schemas["wood.LotView"][], words: string) {
  const same = (lot: Schemas["wood.LotView"]) => words.startsWith(`${lot.varietyName} on `);
  const species = shelf.find(same)?.speciesKey;
  return shelf
    .filter((lot) => !lot.refusal && lot.sticksLeft > 0 && (!species || lot.speciesKey === species))
    .sort((one, other) => Number(same(other)) - Number(same(one)));
}
