import { useEffect, useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { Input } from "../ui/fields";
import { typedLength } from "../ui/keptLengths";
import { Button, PartHeading, Trouble } from "../ui/parts";
import { lengthWords, readLength, useChoices } from "../units";
import { Discs, type Here } from "./Discs";
import type { Draft, StemDraft } from "./draft";
import { Listed } from "./Listed";
import { useTray } from "./useTray";

type Disc = Schemas["bench.Disc"];

interface Props {
  draft: Draft;
  species: string;
  here: (search: string) => Here[];
  busy: boolean;
  error?: string;
  onChange: (change: Partial<Draft>) => void;
  onGraft: (disc: Disc, at: number, search: string) => void;
}

/** The stocks: a tap on one grafts it; a column of codes is listed, to be measured and logged together. */
export function Tray({ draft, species, here, busy, error, onChange, onGraft }: Props) {
  const [search, setSearch] = useState("");
  const { length } = useChoices();
  const free = useTray(draft, search);
  const chosen = new Set(draft.stems.map((s) => s.stemId));
  const found = (free.data?.discs ?? []).filter((f) => !chosen.has(f.stemId));
  const made = here(search);
  const shown = laidOut(
    found.filter((disc) => !made.some((one) => one.disc.stemId === disc.stemId)),
    made,
  );
  const listed = (disc: Disc): StemDraft => ({
    stemId: disc.stemId,
    plantCode: disc.plantCode,
    label: disc.label,
    scion: draft.stems[0]?.scion ?? draft.scion,
    stock: typedLength(disc.diameterMm, length),
  });
  const answered = free.isSuccess && !free.isPlaceholderData;
  const take = (all: Disc[]) => {
    if (all.length === 0) return;
    onChange({ stems: [...draft.stems, ...all.map(listed)] });
    setSearch("");
  };
  // What was entered before its answer had come, as a scanner does, is taken when it comes.
  const [entered, setEntered] = useState<string>();
  useEffect(() => {
    if (!answered || entered === undefined) return;
    setEntered(undefined);
    if (entered !== search || search.trim() === "") return;
    // A code is that stock; else all that was found is meant, such as "AV-124 … 135".
    const exact = found.filter((stem) => stem.plantCode.toUpperCase() === search.trim().toUpperCase());
    take(exact.length > 0 ? exact : found);
  });
  const asked = search.trim() !== "";
  return (
    <section aria-label="Stocks" className="min-w-0 flex-1">
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <PartHeading>On which stock</PartHeading>
        <Input
          aria-label="Find a stock by code or place"
          placeholder="by code or place, or AV-124 … 135"
          className="mt-3 mb-1 max-w-[270px] flex-1"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== "Enter") return;
            e.preventDefault();
            setEntered(search);
          }}
        />
        {asked && found.length > 0 && answered && (
          <Button onClick={() => take(found)}>
            {found.length === 1 ? "List it" : `List all ${found.length}`}
          </Button>
        )}
      </div>
      <p className="mb-1 text-[14px] text-soft">
        {draft.techniqueKey && found.some((disc) => disc.share !== undefined)
          ? `Tap a stock to graft it; its ring is the share that meets the stick of ${lengthWords(readLength(draft.scion, length), length)}.`
          : "Tap a stock to graft it. Codes typed and Enter are listed, to be logged together."}
      </p>
      {error && <p className="mb-1 font-semibold text-[14px] text-alarm">{error}</p>}
      {free.error && <Trouble problem={free.error} />}
      <Discs species={species} discs={shown} busy={busy} onGraft={(disc, at) => onGraft(disc, at, search)} />
      {free.data && free.data.total > free.data.discs.length && (
        <p className="mt-1 text-[14px] text-soft">
          And {free.data.total - free.data.discs.length} more, found by code or place.
        </p>
      )}
      {free.data && shown.length === 0 && draft.stems.length === 0 && (
        <p className="text-soft">
          No free stem. Add stocks under{" "}
          <Link to="/trees" className="text-sea underline">
            Trees
          </Link>
          .
        </p>
      )}
      {draft.stems.length > 0 && <Listed stems={draft.stems} onChange={(stems) => onChange({ stems })} />}
    </section>
  );
}

// What was grafted stands hollow where it stood.
function laidOut(free: Disc[], made: Here[]): (Disc | Here)[] {
  const shown: (Disc | Here)[] = [...free];
  for (const one of [...made].sort((a, b) => a.at - b.at))
    shown.splice(Math.min(one.at, shown.length), 0, one);
  return shown;
}
