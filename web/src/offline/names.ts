import { about, setAbout } from "./store";

/** What the farm's numbers are called, for sentences told without it. */
let names: Record<string, string> = {};

export const nameOf = (key: string) => names[key] ?? key.replace(":", " ");

export const readNames = async () => {
  names = (await about<Record<string, string>>("names")) ?? {};
};

export async function learnNames(more: [key: string, name: string][]) {
  names = { ...names, ...Object.fromEntries(more) };
  await setAbout("names", names);
}

const KINDS = new Set(["graft", "plant", "lot"]);

/** Codes that begin so, or are just that, by kind. */
export function called(text: string): { kind: string; code: string; whole: boolean }[] {
  const asked = text.toUpperCase().replace(/[^A-Z0-9]/g, "");
  return Object.entries(names)
    .map(([key, code]) => ({
      kind: key.split(":")[0],
      code,
      bare: code.toUpperCase().replace(/[^A-Z0-9]/g, ""),
    }))
    .filter(({ kind, bare }) => KINDS.has(kind) && asked !== "" && bare.includes(asked))
    .map(({ kind, code, bare }) => ({ kind, code, whole: bare === asked }))
    .sort((a, b) => Number(b.whole) - Number(a.whole) || a.code.localeCompare(b.code))
    .slice(0, 12);
}
