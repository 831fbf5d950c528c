import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";
import { dated } from "../days";
import { Input } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { ScanLabel } from "./ScanLabel";

type Found = Schemas["bench.Found"];

const PLACES: Record<string, (found: Found) => string> = {
  graft: (found) => `/graft/${encodeURIComponent(found.code)}`,
  label: (found) => `/bench/day/${found.day}`,
  lot: (found) => `/wood/lot/${encodeURIComponent(found.code)}`,
  plant: (found) => `/trees?search=${encodeURIComponent(found.code)}`,
  place: (found) => `/trees?search=${encodeURIComponent(found.code)}`,
  person: () => "/farm",
  variety: (found) => `/trees?tab=varieties&search=${encodeURIComponent(found.code)}`,
};

/** Finds grafts, lots, plants, varieties, places and people. */
export function Find({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const found = useQuery({
    queryKey: ["find", text],
    enabled: open && text.trim().length > 0,
    placeholderData: lastOf("find"),
    queryFn: () => told(api.GET("/api/grafts/find", { params: { query: { q: text.trim() } } })),
  });
  const rows = text.trim() ? (found.data ?? []) : [];
  const go = (row?: Found) => {
    if (!row) return;
    onClose();
    setText("");
    navigate(PLACES[row.kind](row));
  };
  // What stands there while the answer is under way was found for fewer letters, or for none: the answer is waited for.
  const enter = async () => {
    if (!text.trim()) return;
    const answered = found.isSuccess && !found.isPlaceholderData;
    const current = answered
      ? rows.slice(at)
      : (await found.refetch({ cancelRefetch: false })).data?.slice(at);
    go(current?.[0]);
  };
  const onKey = (event: React.KeyboardEvent) => {
    if (event.key === "ArrowDown") setAt((i) => Math.min(i + 1, rows.length - 1));
    else if (event.key === "ArrowUp") setAt((i) => Math.max(i - 1, 0));
    else if (event.key === "Enter") enter();
    else return;
    event.preventDefault();
  };
  return (
    <Overlay
      open={open}
      onClose={onClose}
      title="Find"
      description="A code as you say it, a variety, a place, a person, or words of a note."
    >
      <Input
        aria-label="What to find"
        autoFocus
        value={text}
        maxLength={100}
        onKeyDown={onKey}
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
      />
      <ul className="mt-3">
        {rows.map((row, i) => (
          <li key={`${row.kind}${row.code}`}>
            <button
              type="button"
              onClick={() => go(row)}
              className={`flex w-full gap-3 border-line border-t px-1 py-2 text-left ${i === at ? "bg-ground" : ""}`}
            >
              <span className="code w-32 shrink-0 text-[14px]">{row.code}</span>
              <span className="text-soft">{dated(row.words)}</span>
            </button>
          </li>
        ))}
      </ul>
      <ScanLabel onCode={setText} />
      {text.trim() && found.data?.length === 0 && <p className="text-soft">Nothing here is called that.</p>}
    </Overlay>
  );
}
