import api, { type Schemas, told } from "../api/client";
import { dayWords } from "../days";
import { SIGNS } from "../drawings/signs";
import { farmHere } from "./farm";
import { pathOf } from "./outbox";
import { about, type Entry, setAbout } from "./store";

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

/** How what it is about stands on the farm now. */
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
        return last
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
export async function proposals(entry: Entry): Promise<Proposal[]> {
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
  if (entry.unfit?.status === CONFLICT && codesOf(entry).length > 0) return second(entry);
  if (isMade(entry)) return otherWood(entry);
  return [{ words: "Send it again", change: () => ({}) }];
}

// Who comes second has looked too: it is written after what the other one saw.
async function second(entry: Entry): Promise<Proposal[]> {
  const sheets = await Promise.all(codesOf(entry).map(sheetOf)).catch(() => []);
  await setAbout("versions", {
    ...((await about<Record<string, number>>("versions")) ?? {}),
    ...Object.fromEntries(sheets.map(({ stop }) => [stop.graft.code, stop.graft.version])),
  });
  return [
    { words: isLook(entry) ? "Write mine as one look more" : "Write mine instead", change: () => ({}) },
  ];
}

async function otherWood(entry: Entry): Promise<Proposal[]> {
  const shelf = await told(api.GET("/api/lots", { params: { query: {} } })).catch(() => undefined);
  const lots = (shelf?.lots ?? []).filter(
    (lot: Schemas["wood.LotView"]) => !lot.refusal && lot.sticksLeft > 0,
  );
  return [
    {
      words: "It was made of this",
      label: "Of which wood",
      asks: lots.map((lot): [string, string] => [String(lot.id), `${lot.code}, ${lot.varietyName}`]),
      change: (lotId) => with_(entry, { lotId: Number(lotId) }),
    },
    { words: "Send it again", change: () => ({}) },
  ];
}
