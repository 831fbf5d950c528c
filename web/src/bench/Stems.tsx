import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import api, { told } from "../api/client";
import { Button, Input, PartHeading, Trouble } from "../ui/parts";
import { lengthWords, useChoices } from "../units";
import { badLength, type StemDraft } from "./draft";

/** So many free stems fit above the button on a bench screen; the rest are found by typing. */
const OFFERED = 18;

interface Props {
  species: string;
  stems: StemDraft[];
  error?: string;
  onChange: (stems: StemDraft[]) => void;
}

/** The stocks this goes on: tap free stems to add them, then write both diameters at the cut. */
export function Stems({ species, stems, error, onChange }: Props) {
  const [search, setSearch] = useState("");
  const { length } = useChoices();
  const free = useQuery({
    queryKey: ["free", species, search],
    placeholderData: (before) => before,
    queryFn: () =>
      told(
        api.GET("/api/grafts/free-stems", {
          params: { query: { speciesKey: species, search: search || undefined } },
        }),
      ),
  });
  const chosen = new Set(stems.map((s) => s.stemId));
  const found = (free.data ?? []).filter((f) => !chosen.has(f.stemId));
  const offered = found.slice(0, OFFERED);
  const taken = (stem: (typeof found)[number]): StemDraft => ({
    stemId: stem.stemId,
    plantCode: stem.plantCode,
    label: stem.label,
    scion: stems[0]?.scion ?? "",
    stock: shown(stem.diameterMm),
  });
  const take = (all: typeof found) => {
    if (free.isPlaceholderData || all.length === 0) return;
    onChange([...stems, ...all.map(taken)]);
    setSearch("");
  };
  // A code, as a scanner types it, is that stock; else all that was found is meant, such as "AV-124 … 135".
  const enter = () => {
    const said = search.trim().toUpperCase();
    const exact = found.filter((stem) => stem.plantCode.toUpperCase() === said);
    take(said === "" ? [] : exact.length > 0 ? exact : found);
  };
  const shown = (mm?: number) => lengthWords(mm, length).replace(/ (mm|in)$/, "");
  // What is written in one row holds for those below it that say nothing, or what this row said before.
  const change = (at: number, part: "scion" | "stock", text: string) =>
    onChange(
      stems.map((stem, i) => {
        const follows = i > at && part === "scion" && (stem.scion === "" || stem.scion === stems[at].scion);
        return i === at || follows ? { ...stem, placing: undefined, [part]: text } : stem;
      }),
    );
  return (
    <section>
      <PartHeading>On which stock</PartHeading>
      {stems.length > 0 && (
        <table className="mb-2 w-full max-w-[560px] text-[15px]">
          <thead className="text-left text-[14px] text-soft">
            <tr>
              <th className="font-normal">stock</th>
              <th className="font-normal">scion, {length === "mm" ? "mm" : "in"}</th>
              <th className="font-normal">stock at the cut</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {stems.map((stem, at) => (
              <tr key={stem.stemId} className="border-line border-t">
                <td className="code py-1">
                  {stem.plantCode}
                  {stem.label !== "1" ? ` · ${stem.label}` : ""}
                </td>
                {(["scion", "stock"] as const).map((part) => (
                  <td key={part} className="py-1 pr-3">
                    <Input
                      inputMode="decimal"
                      className="max-w-28"
                      aria-label={`${part === "scion" ? "Scion" : "Stock"} diameter for ${stem.plantCode}`}
                      aria-invalid={badLength(stem[part]) !== undefined}
                      value={stem[part]}
                      onChange={(e) => change(at, part, e.target.value)}
                    />
                    {badLength(stem[part]) && (
                      <span className="text-[13px] text-alarm">{badLength(stem[part])}</span>
                    )}
                  </td>
                ))}
                <td className="text-right">
                  <button
                    type="button"
                    className="min-h-9 px-2 text-sea underline"
                    onClick={() => onChange(stems.filter((s) => s.stemId !== stem.stemId))}
                  >
                    leave out
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {error && <p className="mb-1 font-semibold text-[14px] text-alarm">{error}</p>}
      <Input
        aria-label="Find a stock by code or place"
        placeholder="by code or place, or AV-124 … 135"
        className="max-w-[320px]"
        value={search}
        onChange={(e) => setSearch(e.target.value)}
        onKeyDown={(e) => {
          if (e.key !== "Enter") return;
          e.preventDefault();
          enter();
        }}
      />
      {search.trim() !== "" && found.length > 1 && !free.isPlaceholderData && (
        <Button className="ml-2" onClick={() => take(found)}>
          Take all {found.length}
        </Button>
      )}
      {free.error && <Trouble problem={free.error} />}
      <div className="mt-2 flex flex-wrap gap-1.5">
        {offered.map((stem) => (
          <button
            key={stem.stemId}
            type="button"
            title={`${stem.speciesKey}${stem.stockKind ? `, ${stem.stockKind}` : ""}, ${stem.spotName}`}
            className="code min-h-9 rounded border border-edge bg-surface px-2 text-[14px] hover:border-sea max-sm:min-h-11"
            onClick={() => onChange([...stems, taken(stem)])}
          >
            {stem.plantCode}
            {stem.label !== "1" ? `·${stem.label}` : ""}{" "}
            <span className="text-soft">{stem.diameterMm ? shown(stem.diameterMm) : ""}</span>
            {stem.speciesKey !== species && <span className="text-soft"> {stem.speciesKey}</span>}
          </button>
        ))}
        {free.data && offered.length === 0 && (
          <p className="text-soft">
            No free stem. Add stocks under{" "}
            <Link to="/trees" className="text-sea underline">
              Trees
            </Link>
            .
          </p>
        )}
      </div>
    </section>
  );
}
