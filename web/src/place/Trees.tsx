import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { usePlants, useVarieties } from "../api/queries";
import { MONTHS } from "../days";
import { Input, Select } from "../ui/fields";
import { Button, Statement, Teach, Trouble } from "../ui/parts";
import { SameAs } from "../ui/SameAs";
import { useMarks } from "../ui/useMarks";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { lengthWords, useChoices } from "../units";
import { AwayButton, useIsAway } from "./away";
import { PlantForm } from "./PlantForm";
import { PlantList } from "./PlantList";
import { PlantRight } from "./PlantRight";
import { KIND_OF } from "./plantEntry";
import { SpotOptions } from "./SpotOptions";
import { VarietyForm } from "./VarietyForm";

/** Plants and varieties. */
export function Trees() {
  const [search, setSearch] = useSearchParams();
  const tab = search.get("tab") ?? "plants";
  const [text, setText] = useState(search.get("search") ?? "");
  // What is typed stays here; the address only says where one was led to.
  const set = (tabName: string, searchText: string) => {
    setText(searchText);
    if (tabName !== tab) setSearch(tabName === "plants" ? {} : { tab: tabName }, { replace: true });
  };
  const asked = search.get("search");
  useEffect(() => {
    if (asked !== null) setText(asked);
  }, [asked]);
  const [adding, setAdding] = useState(false);
  const plants = usePlants(tab === "plants" ? text : "");
  const varieties = useVarieties();
  if (!plants.data || !varieties.data) return <Trouble page problem={plants.error ?? varieties.error} />;
  const onVarieties = tab === "varieties";
  return (
    <div className="flex h-full flex-col px-[26px] py-5 max-sm:px-4">
      <Statement title={onVarieties ? `${varieties.data.length} varieties` : `${plants.data.total} plants`}>
        {onVarieties
          ? "What you graft; the two letters begin every code."
          : "Stocks, field trees and mothers, in walking order."}
      </Statement>
      <div className="mb-3 flex flex-wrap items-center gap-2">
        <div className="flex gap-1" role="tablist" aria-label="What to show">
          {[
            ["plants", "Plants"],
            ["varieties", "Varieties"],
          ].map(([key, words]) => (
            <button
              key={key}
              type="button"
              role="tab"
              aria-selected={tab === key}
              className={`min-h-9 px-3 max-sm:min-h-11 ${tab === key ? "border-sea border-b-2 font-semibold" : "text-soft"}`}
              onClick={() => {
                setAdding(false);
                set(key, "");
              }}
            >
              {words}
            </button>
          ))}
        </div>
        <Input
          aria-label="Find here"
          placeholder="code, variety or place"
          className="max-w-60"
          value={text}
          onChange={(e) => set(tab, e.target.value)}
        />
        <Button
          data-does={onVarieties ? "POST /api/varieties" : "POST /api/plants/paste"}
          onClick={() => setAdding(!adding)}
          aria-expanded={adding}
        >
          {adding ? "Close" : onVarieties ? "Add a variety" : "Add plants"}
        </Button>
      </div>
      {adding && (
        <div className="mb-4 border-line border-y bg-surface p-4">
          {onVarieties ? <VarietyForm onSaved={() => {}} /> : <PlantForm onSaved={() => {}} />}
        </div>
      )}
      {onVarieties ? (
        <VarietyTable all={varieties.data} text={text} />
      ) : (
        <PlantTable list={plants.data} text={text} />
      )}
    </div>
  );
}

function PlantTable({ list, text }: { list: Schemas["place.PlantList"]; text: string }) {
  const [right, setRight] = useState<Schemas["place.Plant"]>();
  const { marked, mark, setMarks } = useMarks<number>();
  const box = useRef<HTMLDivElement>(null);
  const { length } = useChoices();
  const rows = useVirtualizer({
    count: list.plants.length,
    getScrollElement: () => box.current,
    estimateSize: () => 37,
    overscan: 12,
  });
  if (list.plants.length === 0) {
    return (
      <Teach title={text ? "No plant is called that" : "No plants yet"}>
        Add stocks by typing or pasting a line for each: a code, and the diameter where you measured it.
      </Teach>
    );
  }
  const stems = new Map<number, Schemas["place.Stem"][]>();
  for (const stem of list.stems) stems.set(stem.plantId, [...(stems.get(stem.plantId) ?? []), stem]);
  return (
    <>
      <section
        ref={box}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolled list must be reachable by keys
        tabIndex={0}
        aria-label="Plants"
        className="min-h-0 flex-1 overflow-auto border-ink border-t-2"
      >
        <div style={{ height: rows.getTotalSize(), position: "relative" }}>
          {rows.getVirtualItems().map((item) => {
            const plant = list.plants[item.index];
            const sizes = (stems.get(plant.id) ?? [])
              .map((s) => lengthWords(s.diameterMm, length))
              .filter(Boolean);
            return (
              <div
                key={plant.id}
                className="absolute grid w-full grid-cols-[24px_120px_1fr_1fr_1fr_110px_70px] items-center gap-3 border-line border-b px-1 max-sm:grid-cols-[28px_96px_1fr_66px]"
                style={{ height: item.size, transform: `translateY(${item.start}px)` }}
              >
                <input
                  type="checkbox"
                  aria-label={`Mark ${plant.code}`}
                  className="size-5 accent-[var(--sea)] max-sm:size-6"
                  checked={marked.has(plant.id)}
                  onChange={() => mark(plant.id)}
                />
                <Link
                  to={`/flush/${encodeURIComponent(plant.code)}`}
                  aria-label={`${plant.code}: its buds`}
                  className="code text-[14.5px] text-sea underline"
                >
                  {plant.code}
                </Link>
                <span className="truncate">
                  {plant.speciesKey} {KIND_OF[plant.kind]}
                </span>
                <span className="truncate max-sm:hidden">{plant.spotName}</span>
                <span className="truncate text-soft max-sm:hidden">
                  {plant.varietyName ?? plant.stockKind ?? ""}
                </span>
                <span className="text-right max-sm:hidden">{sizes.join(", ")}</span>
                <button
                  data-does="PUT /api/plants/{id}"
                  type="button"
                  className="min-h-8 text-right text-[14px] text-sea underline"
                  onClick={() => setRight(plant)}
                >
                  put right<span className="sr-only"> {plant.code}</span>
                </button>
              </div>
            );
          })}
        </div>
      </section>
      <PlantList list={list} />
      {marked.size > 0 && <PutAt ids={[...marked]} onDone={() => setMarks([])} />}
      <PlantRight
        key={right?.id}
        plant={right}
        stems={(right && stems.get(right.id)) ?? []}
        onClose={() => setRight(undefined)}
      />
      {list.plants.length < list.total && (
        <p className="mt-1 text-[14px] text-soft">
          {list.plants.length} of {list.total} are shown; type to find others.
        </p>
      )}
    </>
  );
}

/** The plants marked, put at another place at once. */
function PutAt({ ids, onDone }: { ids: number[]; onDone: () => void }) {
  const { send, problem, busy } = useSend();
  const put = (spotId: string) =>
    send(async () => {
      const kept = await told(api.PUT("/api/plants/spot", { body: { ids, spotId: Number(spotId) } }));
      done(`${ids.length === 1 ? "One plant" : `${ids.length} plants`} put there`, kept.actId);
      onDone();
    });
  return (
    <div
      data-does="PUT /api/plants/spot"
      className="flex flex-wrap items-center gap-3 border-ink border-t-2 bg-surface px-2 py-2"
    >
      <b>{ids.length} marked</b>
      <Select
        aria-label="Put the marked plants at"
        className="max-w-60"
        disabled={busy}
        value=""
        onChange={(e) => e.target.value && put(e.target.value)}
      >
        <option value="">they stand at …</option>
        <SpotOptions />
      </Select>
      <button type="button" className="min-h-9 text-sea underline max-sm:min-h-11" onClick={onDone}>
        mark none
      </button>
      <Trouble problem={problem} />
    </div>
  );
}

function VarietyTable({ all, text }: { all: Schemas["place.Variety"][]; text: string }) {
  const [open, setOpen] = useState<number>();
  const isAway = useIsAway("VARIETY");
  const shown = all.filter((v) =>
    `${v.name} ${v.speciesKey} ${v.letters}`.toLowerCase().includes(text.toLowerCase()),
  );
  if (shown.length === 0) {
    return (
      <Teach title={text ? "No variety is called that" : "No varieties yet"}>Add the first one above.</Teach>
    );
  }
  return (
    <ul>
      {shown.map((v) => (
        <li key={v.id} className="border-line border-t">
          <button
            type="button"
            aria-expanded={open === v.id}
            onClick={() => setOpen(open === v.id ? undefined : v.id)}
            className="grid min-h-9 w-full grid-cols-[44px_180px_110px_160px_1fr] items-center gap-3 text-left hover:bg-surface max-sm:grid-cols-[44px_1fr_1fr]"
          >
            <b className="code">{v.letters}</b>
            <span>
              {v.name}
              {v.flowering ? ` (${v.flowering})` : ""}
              {isAway(v.id) && <span className="text-soft">, put away</span>}
            </span>
            <span>{v.speciesKey}</span>
            <span className="max-sm:hidden">
              {v.harvestMonths
                .split(",")
                .filter(Boolean)
                .map((m) => MONTHS[Number(m) - 1])
                .slice(0, 4)
                .join(" ")}
              {v.harvestMonths.split(",").length > 4 ? " …" : ""}
            </span>
            <span className="truncate text-soft max-sm:hidden">
              {v.protectedRight && <b className="text-alarm">protected </b>}
              {v.notes}
            </span>
          </button>
          {open === v.id && (
            <div className="bg-surface p-4">
              <VarietyForm key={v.version} variety={v} onSaved={() => setOpen(undefined)} />
              <div data-does="POST /api/varieties/{id}/same" className="mt-3 max-w-[420px]">
                <SameAs
                  others={all.filter((o) => o.id !== v.id && o.speciesKey === v.speciesKey)}
                  follows={`Grafts, lots and trees of ${v.name} keep their codes and count for`}
                  onSame={(as) =>
                    told(
                      api.POST("/api/varieties/{id}/same", { params: { path: { id: v.id } }, body: { as } }),
                    )
                  }
                />
                <AwayButton kind="VARIETY" id={v.id} name={v.name} />
              </div>
            </div>
          )}
        </li>
      ))}
    </ul>
  );
}
