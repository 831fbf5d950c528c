import { Suspense, useEffect, useState } from "react";
import { Navigate, NavLink, Route, Routes, useLocation, useNavigate } from "react-router";
import { isSignedOut } from "../api/client";
import { useFarm, useToLookAt } from "../api/queries";
import { dated, dayWords } from "../days";
import { useCommands } from "../ui/commands";
import { Coming, Trouble } from "../ui/parts";
import { takeBack } from "../undo";
import { choose, chosen } from "../units";
import { DemoClock } from "./DemoClock";
import { Failing } from "./Failing";
import { Later } from "./Later";
import { PAGES, PHONE_STATIONS, pageAt, STATIONS, spans } from "./manifest";
import { markPages } from "./pageMarks";
import { part } from "./part";
import { Reckoning } from "./Reckoning";
import { SeasonBand } from "./SeasonBand";
import { moved, useScope } from "./scope";

const ASKED = "What was asked for";
const ASIDE = "Something beside the page";

// What is laid over the table is fetched when it is first asked for.
const NoSuchPage = part(() => import("./NoSuchPage"), "NoSuchPage");
const Find = part(() => import("./Find"), "Find", ASKED);
const SawSomething = part(() => import("./SawSomething"), "SawSomething", ASKED);
const MoreSheet = part(() => import("./MoreSheet"), "MoreSheet", ASKED);
const KeyHelp = part(() => import("./KeyHelp"), "KeyHelp", ASKED);
const SignIn = part(() => import("../share/SignIn"), "SignIn");
const InStep = part(() => import("./InStep"), "InStep", ASIDE);
const Contact = part(() => import("../offline/Contact"), "Contact", ASIDE);
const TradeWord = part(() => import("./TradeWord"), "TradeWord", ASIDE);
const Begin = PAGES.find((page) => page.path === "/begin")?.Shown ?? NoSuchPage;

export type Laid = "find" | "saw" | "keys" | "more" | undefined;

/** The frame of every screen: season band above, stations at the left, the work table in the rest. */
export function Frame() {
  const farm = useFarm();
  const [laid, setLaid] = useState<Laid>();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const { scope, setScope } = useScope();
  const spanned = spans(pathname);
  const begun = farm.data?.site !== undefined;
  useCommands(
    [
      {
        key: STATIONS.filter((s) => s.digit).map((s) => s.digit),
        words: "a station by its number",
        run: (event) => {
          const station = STATIONS.find((s) => s.digit === event.key);
          if (station) navigate(station.path);
        },
      },
      { key: ",", words: "find a code, name, place or note", run: () => setLaid("find") },
      { key: ".", words: "I saw something", run: () => setLaid("saw"), does: "POST /api/looks" },
      {
        key: "[",
        words: "the span on the band a week back",
        run: () => scope.from && spanned && setScope(moved(scope, -7)),
      },
      {
        key: "]",
        words: "the span on the band a week on",
        run: () => scope.from && spanned && setScope(moved(scope, 7)),
      },
      {
        key: "u",
        words: "take back the last thing you did",
        run: () => takeBack(),
        does: "POST /api/acts/{id}/undo",
      },
      { key: "?", words: "these keys", run: () => setLaid("keys") },
    ],
    begun,
  );
  const who = farm.data?.who;
  useEffect(() => {
    if (who && chosen().personId !== who.personId) choose({ personId: who.personId });
  }, [who]);
  // Who has gone on no longer wants what was laid over the last page, be it still on its way.
  // biome-ignore lint/correctness/useExhaustiveDependencies: gone on is told by the address
  useEffect(() => setLaid(undefined), [pathname]);
  const name = farm.data?.site?.name;
  const today = farm.data?.today;
  useEffect(() => {
    if (name && today) markPages(name, today);
  }, [name, today]);
  if (isSignedOut(farm.error))
    return (
      <Suspense fallback={<Coming />}>
        <SignIn />
      </Suspense>
    );
  if (farm.error) return <Trouble problem={farm.error} />;
  if (!farm.data) return null;
  if (!begun && pathname !== "/begin") return <Navigate to="/begin" replace />;
  if (pathname === "/begin")
    return (
      <Suspense fallback={<Coming />}>
        <Begin />
      </Suspense>
    );
  return (
    <div className="flex h-dvh flex-col print:block print:h-auto">
      <button
        type="button"
        className="fixed top-2 left-2 z-50 -translate-y-24 rounded bg-ink px-4 py-2 text-ground focus:translate-y-0"
        onClick={() => document.getElementById("table")?.focus()}
      >
        To the work table
      </button>
      <header className="print:hidden grid h-16 shrink-0 grid-cols-[188px_1fr_auto] border-line border-b bg-surface max-sm:h-14 max-sm:grid-cols-[1fr_auto]">
        <NavLink to="/farm" className="px-[18px] py-2.5 leading-tight hover:underline max-sm:py-1.5">
          <b className="block text-[18px]">Bay Lantern</b>
          <span className="block truncate text-[13px] text-soft">
            {who &&
              `${farm.data.people.find((p) => p.id === who.personId)?.name}${who.role === "GUEST" ? " looks on" : ""}, `}
            {farm.data.unread > 0 ? `${farm.data.unread} not understood` : farm.data.site?.name}
          </span>
        </NavLink>
        <SeasonBand spanned={spanned} />
        <div className="flex flex-col items-end justify-center gap-1 px-4 text-[13.5px]">
          {farm.data.demo ? <DemoClock today={farm.data.today} /> : <b>{dayWords(farm.data.today)}</b>}
        </div>
      </header>
      <div className="flex min-h-0 flex-1 print:block">
        <StationList onLay={setLaid} />
        <main
          id="table"
          tabIndex={-1}
          className="min-w-0 outline-none flex-1 overflow-auto print:overflow-visible"
        >
          {who && (
            <Suspense>
              <Contact />
            </Suspense>
          )}
          <Reckoning />
          <Failing />
          {farm.data.amiss && (
            <p role="alert" className="px-[26px] pt-3 font-semibold text-alarm max-sm:px-4 print:hidden">
              {dated(farm.data.amiss)}
            </p>
          )}
          <Suspense fallback={<Coming />}>
            <Routes key={pageAt(pathname)}>
              <Route path="/" element={<Navigate to="/today" replace />} />
              {PAGES.map(({ path, Shown }) => (
                <Route key={path} path={path} element={<Shown />} />
              ))}
              <Route path="*" element={<NoSuchPage />} />
            </Routes>
          </Suspense>
        </main>
      </div>
      <BottomBar onMore={() => setLaid("more")} />
      <Suspense fallback={null}>
        <Later>
          <TradeWord />
          <InStep />
        </Later>
      </Suspense>
      {/* By itself: what is fetched later must not hide what is laid over the table meanwhile. */}
      <Suspense fallback={null}>
        {laid === "find" && <Find open onClose={() => setLaid(undefined)} />}
        {laid === "saw" && <SawSomething open onClose={() => setLaid(undefined)} />}
        {laid === "more" && <MoreSheet onLay={setLaid} />}
        {laid === "keys" && <KeyHelp open onClose={() => setLaid(undefined)} />}
      </Suspense>
    </div>
  );
}

function useCounts(): Record<string, string> {
  const looks = useToLookAt();
  const farm = useFarm();
  const due = looks.data?.due;
  const { lots = 0, held = 0 } = farm.data ?? {};
  return {
    "/today": due === undefined ? "" : `${due} due`,
    "/rounds": due ? `${due}` : "",
    "/wood": lots > 0 ? `${lots} ${lots === 1 ? "lot" : "lots"}` : "",
    "/lineage": held > 0 ? `${held} held` : "",
  };
}

function StationList({ onLay }: { onLay: (laid: Laid) => void }) {
  const counts = useCounts();
  return (
    <nav
      aria-label="Stations"
      className="print:hidden flex w-[188px] shrink-0 flex-col overflow-y-auto border-line border-r py-3.5 max-sm:hidden"
    >
      {STATIONS.map((station) => (
        <NavLink
          key={station.path}
          to={station.path}
          className={({ isActive }) =>
            `flex items-baseline gap-3 px-[18px] py-[7px] ${isActive ? "bg-surface font-semibold shadow-[inset_3px_0_0_var(--sea)]" : "hover:bg-surface"}`
          }
        >
          <span className="w-3.5 text-[12.5px] text-soft">{station.digit}</span>
          {station.name}
          <span className="ml-auto text-[12.5px] text-soft">{counts[station.path]}</span>
        </NavLink>
      ))}
      <div className="mt-auto flex flex-col items-start gap-1.5 px-[18px] pt-4 text-[14px] text-soft">
        <button type="button" className="hover:underline" onClick={() => onLay("find")}>
          <kbd className="code">,</kbd> Find
        </button>
        <button
          data-does="POST /api/looks"
          type="button"
          className="hover:underline"
          onClick={() => onLay("saw")}
        >
          <kbd className="code">.</kbd> I saw something
        </button>
        <button type="button" className="hover:underline" onClick={() => onLay("keys")}>
          <kbd className="code">?</kbd> Keys
        </button>
      </div>
    </nav>
  );
}

function BottomBar({ onMore }: { onMore: () => void }) {
  return (
    <nav
      aria-label="Stations"
      className="hidden print:hidden shrink-0 grid-cols-5 border-line border-t bg-surface max-sm:grid"
    >
      {PHONE_STATIONS.map((station) => (
        <NavLink
          key={station.path}
          to={station.path}
          className={({ isActive }) =>
            `flex min-h-12 items-center justify-center text-[15px] ${isActive ? "font-semibold shadow-[inset_0_3px_0_var(--sea)]" : ""}`
          }
        >
          {station.name}
        </NavLink>
      ))}
      <button type="button" className="min-h-12 text-[15px]" onClick={onMore}>
        More
      </button>
    </nav>
  );
}
