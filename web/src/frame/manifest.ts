import type { ComponentType } from "react";
import { matchPath } from "react-router";
import { part } from "./part";
import stations from "./stations.json";

/**
 * A station: its place in the list, its digit, its pages. A station keeps its digit for good, also while others are not
 * there yet. The same file tells the server which addresses are pages.
 */
export interface Station {
  name: string;
  digit: string;
  path: string;
  pages: string[];
  /** Its place in the bar of the phone, where what is used while walking comes first; 0 where it is not there. */
  phone: number;
  /** True where a span dragged on the season band restricts what is shown; elsewhere there is none. */
  span?: boolean;
  /** True for rooms that are reached from elsewhere than the list. */
  aside?: boolean;
}

const ALL: Station[] = stations;

/** Stations of the list, in working order. */
export const STATIONS = ALL.filter((station) => !station.aside);

/** Stations of the phone's bar, in its order. */
export const PHONE_STATIONS = STATIONS.filter((s) => s.phone > 0).sort((a, b) => a.phone - b.phone);

/** Where the keys and more lead: the list, the farm's own room, what was done. */
export const PLACES = ALL.filter((station) => !station.aside || ["/farm", "/done"].includes(station.path));

/** Whether a span on the season band does something at an address. */
export const spans = (pathname: string) =>
  STATIONS.some((station) => station.span && pathname.split("/")[1] === station.path.slice(1));

const flush = part(() => import("../flush/Flush"), "Flush");
const wood = part(() => import("../wood/Wood"), "Wood");
const fit = part(() => import("../fit/Fit"), "Fit");
const causes = part(() => import("../cause/Causes"), "Causes");
const lineage = part(() => import("../lineage/Lineage"), "Lineage");
const recall = part(() => import("../lineage/RecallPage"), "RecallPage");

// Each page is fetched when it is first gone to.
const SHOWN: Record<string, ComponentType> = {
  "/today": part(() => import("../care/Today"), "Today"),
  "/flush": flush,
  "/flush/:code": flush,
  "/wood": wood,
  "/wood/check": part(() => import("../wood/StickCheck"), "StickCheck"),
  "/wood/lot/:code": wood,
  "/wood/shoots": wood,
  "/wood/sources": wood,
  "/wood/stores": wood,
  "/wood/cleaning": wood,
  "/fit": fit,
  "/fit/pairing": fit,
  "/fit/prepared": fit,
  "/fit/limbs": fit,
  "/bench": part(() => import("../bench/Bench"), "Bench"),
  "/bench/day/:day": part(() => import("../day/BenchDay"), "BenchDay"),
  "/bench/run/:day": part(() => import("../day/Run"), "Run"),
  "/bench/labels": part(() => import("../day/Labels"), "Labels"),
  "/rounds": part(() => import("../care/Rounds"), "Rounds"),
  "/rounds/walks": part(() => import("../care/Walks"), "Walks"),
  "/takes": part(() => import("../take/Takes"), "Takes"),
  "/takes/by": part(() => import("../take/ByAnything"), "ByAnything"),
  "/takes/gains": part(() => import("../take/Gains"), "Gains"),
  "/takes/trials": part(() => import("../trial/Trials"), "Trials"),
  "/takes/letter": part(() => import("../take/Letter"), "Letter"),
  "/causes": causes,
  "/causes/:code": causes,
  "/trees": part(() => import("../place/Trees"), "Trees"),
  "/lineage": lineage,
  "/lineage/recall": part(() => import("../lineage/NewRecall"), "NewRecall"),
  "/lineage/recall/:id": recall,
  "/lineage/:key": lineage,
  "/rules": part(() => import("../rules/RulesRoom"), "RulesRoom"),
  "/farm": part(() => import("../place/FarmRoom"), "FarmRoom"),
  "/farm/weather": part(() => import("../weather/WeatherRoom"), "WeatherRoom"),
  "/farm/notebook": part(() => import("../exchange/Notebook"), "Notebook"),
  "/farm/phones": part(() => import("../share/Phones"), "Phones"),
  "/graft/:code": part(() => import("../care/GraftSheet"), "GraftPage"),
  "/done": part(() => import("./WasDone"), "WasDone"),
  "/done/kept": part(() => import("../offline/KeptHere"), "KeptHere"),
  "/begin": part(() => import("../begin/FirstRun"), "FirstRun"),
};

// Sheets that stand beside a page, and that page.
const SHEETS: [sheet: string, page: string][] = [
  ["/flush/:code", "/flush"],
  ["/wood/lot/:code", "/wood"],
  ["/causes/:code", "/causes"],
];

/** The page at an address. It stays as it is while a sheet beside it is opened, changed and closed; any other begins anew. */
export const pageAt = (pathname: string) =>
  SHEETS.find(([sheet]) => matchPath(sheet, pathname))?.[1] ?? pathname;

/** Every page with what shows it; a page of the file without one stops the application at once. */
export const PAGES = ALL.flatMap((station) =>
  station.pages.map((path) => {
    const Shown = SHOWN[path];
    if (!Shown) throw new Error(`nothing shows ${path}`);
    return { path, Shown };
  }),
);
