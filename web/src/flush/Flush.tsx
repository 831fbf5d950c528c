import { useEffect, useMemo, useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import type { Schemas } from "../api/client";
import { useRules } from "../api/queries";
import { PlanSheet } from "../day/PlanSheet";
import { PlansAside } from "../day/PlansAside";
import { daysOn } from "../days";
import { StageTextures } from "../drawings/StageTextures";
import { useScope } from "../frame/scope";
import { Beside } from "../ui/Beside";
import { useCommands } from "../ui/commands";
import { Button, Coming, NotReckoned, Statement, Teach, Trouble } from "../ui/parts";
import { usePhone } from "../ui/usePhone";
import { useWidth } from "../ui/useWidth";
import { type Draft, draftFor, draftOf, entryOf } from "./draft";
import { Legend, Tools, View } from "./FlushTools";
import { useAround, useLamps, useLanes, usePairings, usePlans } from "./flushApi";
import { LABEL, LaneField } from "./LaneField";
import { LanesTable } from "./LanesTable";
import { LookNext } from "./LookNext";
import { NoteStage } from "./NoteStage";
import { PhoneWatch } from "./PhoneWatch";
import { PlantSheet } from "./PlantSheet";
import { laneRows, speciesOf } from "./rows";
import { laneDays, type Zoom } from "./span";
import { Windows } from "./Windows";
import { headline, leading, pairKey, standingWords } from "./words";

const REACH_DAYS = 149;

/** A day held between two others. */
function within(day: string, least: string, most: string): string {
  if (day < least) return least;
  return day > most ? most : day;
}

/** When each tree will be ready, which day to graft, when to pinch. */
export function Flush() {
  const lanes = useLanes();
  if (lanes.error) return <Trouble page problem={lanes.error} />;
  if (!lanes.data) return <Coming what="the bud watch" />;
  if (lanes.data.lanes.length === 0) return <NothingWatched />;
  return (
    <>
      <div className="px-[26px] max-sm:px-4">
        <NotReckoned sentences={lanes.data.notReckoned} />
      </div>
      <Station lanes={lanes.data.lanes} today={lanes.data.today} />
    </>
  );
}

function NothingWatched() {
  const { code } = useParams();
  const navigate = useNavigate();
  return (
    <div className="px-[26px] py-5 max-sm:px-4">
      <Statement title="Flush tells when each tree is ready" />
      {code ? (
        <PlantSheet code={code} onClose={() => navigate("/flush")} />
      ) : (
        <Teach
          title="Begin with one look at one tree"
          action={
            <Link to="/trees">
              <Button strong>Choose a tree</Button>
            </Link>
          }
        >
          Note what its buds show: resting, swelling, pushing, flushing, hardening or mature. From the first
          note on, the next flush is forecast; every further look sharpens it. For instance: AV-014, swelling.
          Watch some stocks and the trees you cut wood from, and their windows for grafting light up here.
        </Teach>
      )}
    </div>
  );
}

function Station({ lanes, today }: { lanes: Schemas["season.LaneRow"][]; today: string }) {
  const { code } = useParams();
  const navigate = useNavigate();
  const { scope } = useScope();
  const phone = usePhone();
  const { ref, width } = useWidth(900);
  const all = useMemo(() => speciesOf(lanes), [lanes]);
  const lamps = useLamps();
  const [picked, setPicked] = useState<string | undefined>();
  const species = picked ?? lamps.data?.pairings[0]?.woodSpecies ?? all[0];
  const [zoom, setZoom] = useState<Zoom>("season");
  const [table, setTable] = useState(false);
  const [draft, setDraft] = useState<Draft>();
  const [noting, setNoting] = useState<Schemas["season.LaneRow"][]>();
  const rules = useRules();
  const technique = rules.data?.techniques.find((t) => t.key === draft?.techniqueKey);
  const slipping = technique?.bark === "YES";
  const pairings = usePairings(slipping);
  const plans = usePlans();
  const around = useAround(entryOf(draft), draft?.planNo);
  // What is not known yet is not said to be nothing.
  const title = (of: Schemas["season.PairingView"][]) => {
    if (pairings.data) return headline(of, today);
    return pairings.error ? "Which days are lit cannot be told now" : "Fetching the lit days …";
  };
  const own = (pairings.data?.pairings ?? []).filter((p) => species === "all" || p.woodSpecies === species);
  const rows = useMemo(() => laneRows(lanes, species === "all" ? undefined : species), [lanes, species]);
  const x = laneDays(today, zoom, Math.max(240, width - LABEL - 14), scope);
  const last = daysOn(today, REACH_DAYS);
  const chosenPair = draft && pairKey(draft);
  const lead = leading(own);
  const pairing = own.find((p) => pairKey(p) === chosenPair);
  const choose = (to?: string) => {
    setDraft(undefined);
    navigate(to ? `/flush/${to}` : "/flush");
  };
  const take = (p: Schemas["season.PairingView"]) => {
    if (code) navigate("/flush");
    setDraft((before) => draftFor(p, today, before && pairKey(before) === pairKey(p) ? before : undefined));
  };
  const day = (to: string) => setDraft((before) => (before ? { ...before, day: to } : before));
  // Keys may come faster than the address changes.
  const at = useRef(code);
  useEffect(() => {
    at.current = code;
    // A tree opened from elsewhere takes the place of the graft day thought about.
    if (code) setDraft(undefined);
  }, [code]);
  const step = (by: number) => {
    const codes = rows.flatMap((row) => (row.kind === "lane" ? [row.lane.code] : []));
    const next = codes.indexOf(at.current ?? "") + by;
    at.current = codes[Math.max(0, Math.min(codes.length - 1, next))];
    choose(at.current);
  };
  const shift = (by: number) =>
    setDraft((before) => {
      if (!before) return before;
      return { ...before, day: within(daysOn(before.day, by), today, last) };
    });
  useCommands([
    { key: "ArrowDown", words: "next tree", run: () => step(1) },
    { key: "ArrowUp", words: "last tree", run: () => step(-1) },
    {
      key: "n",
      words: "note a stage of the tree chosen; then R S P F H M",
      run: () => setNoting(lanes.filter((lane) => lane.code === code)),
      does: "POST /api/flush/notes",
    },
    { key: "d", words: "think about a graft day", run: () => lead && take(pairing ?? lead) },
    {
      key: "ArrowRight",
      words: "the graft day a day on, with Shift a week",
      run: (e) => shift(e.shiftKey ? 7 : 1),
    },
    {
      key: "ArrowLeft",
      words: "the graft day a day back, with Shift a week",
      run: (e) => shift(e.shiftKey ? -7 : -1),
    },
    { key: "z", words: "a season or the year", run: () => setZoom(zoom === "season" ? "year" : "season") },
    { key: "t", words: "read as table", run: () => setTable(!table) },
    { key: "Escape", words: "close the sheet", run: () => choose(undefined) },
  ]);
  const aside = draft || code;
  if (phone && !code)
    return (
      <section className="px-4 py-4">
        <Statement title={title(pairings.data?.pairings ?? [])}>
          Tap a tree, then what its buds show.
        </Statement>
        <LookNext today={today} />
        <PhoneWatch lanes={lanes} today={today} />
      </section>
    );
  return (
    <div className="flex h-full max-lg:block max-lg:h-auto">
      <StageTextures />
      <section className="relative flex min-w-0 flex-1 flex-col px-[26px] pt-5 max-sm:hidden" hidden={phone}>
        <Statement title={title(own)}>
          {lead ? `${lead.varietyName} on ${lead.spotName} stocks: ${standingWords(lead, today)}` : ""}
        </Statement>
        <Tools
          species={species}
          all={all}
          onSpecies={(s) => {
            setPicked(s);
            setDraft(undefined);
          }}
        />
        <div ref={ref} className="flex min-h-0 flex-1 flex-col">
          {table && <View zoom={zoom} onZoom={setZoom} table={table} onTable={setTable} />}
          {table ? (
            <LanesTable
              lanes={lanes.filter((l) => species === "all" || l.speciesKey === species)}
              pairings={own}
            />
          ) : (
            <LaneField
              rows={rows}
              x={x}
              today={today}
              graftDay={draft?.day}
              chosen={code}
              onChoose={choose}
              onNote={setNoting}
              view={<View zoom={zoom} onZoom={setZoom} table={table} onTable={setTable} />}
              head={
                <Windows
                  pairings={own}
                  plans={(plans.data ?? []).filter((p) => species === "all" || p.speciesKey === species)}
                  x={x}
                  today={today}
                  last={last}
                  chosen={chosenPair}
                  graftDay={draft?.day}
                  around={around.data}
                  onPair={take}
                  onDay={day}
                />
              }
            />
          )}
        </div>
        <Legend species={species} waves={all} />
      </section>
      {aside ? (
        <Beside width="w-[344px]" shows={draft ? chosenPair : code} className="overflow-auto">
          {draft ? (
            <PlanSheet
              draft={draft}
              today={today}
              around={around.data}
              problem={around.error}
              pairing={pairing}
              slipping={slipping}
              onDraft={(change) => setDraft({ ...draft, ...change })}
              onClose={() => setDraft(undefined)}
            />
          ) : (
            code && <PlantSheet key={code} code={code} onClose={() => choose(undefined)} />
          )}
        </Beside>
      ) : (
        <PlansAside plans={plans.data ?? []} onPlan={(plan) => setDraft(draftOf(plan))}>
          <LookNext today={today} most={5} />
        </PlansAside>
      )}
      <NoteStage
        open={noting !== undefined && noting.length > 0}
        onClose={() => setNoting(undefined)}
        plants={(noting ?? []).map((lane) => ({ id: lane.plantId, code: lane.code }))}
      />
    </div>
  );
}
