import { StageBadge } from "../drawings/StageBadge";
import { STAGE_ORDER, STAGES } from "../drawings/stages";
import { choose, useChoices } from "../units";
import type { Zoom } from "./span";

const MOST_WAVES = 3;

const choice = (on: boolean) =>
  `rounded px-2 py-0.5 ${on ? "bg-surface font-semibold shadow-[inset_0_-3px_0_var(--sea)]" : "text-soft hover:bg-surface"}`;

interface ToolsProps {
  species: string;
  all: string[];
  onSpecies: (species: string) => void;
}

/** The species one can look at. */
export function Tools(props: ToolsProps) {
  return (
    <div className="-ml-2 mb-1 flex flex-wrap items-center gap-x-0.5 gap-y-1 text-[14.5px]">
      {[...props.all, "all"].map((species) => (
        <button
          key={species}
          type="button"
          aria-pressed={species === props.species}
          className={choice(species === props.species)}
          onClick={() => props.onSpecies(species)}
        >
          {species}
        </button>
      ))}
    </div>
  );
}

interface ViewProps {
  zoom: Zoom;
  onZoom: (zoom: Zoom) => void;
  table: boolean;
  onTable: (table: boolean) => void;
}

/** A season or the year, lanes or a table. */
export function View(props: ViewProps) {
  return (
    <div className="flex text-[13.5px]">
      {(["season", "year"] as const).map((zoom) => (
        <button
          key={zoom}
          type="button"
          aria-pressed={zoom === props.zoom}
          className={choice(zoom === props.zoom)}
          onClick={() => props.onZoom(zoom)}
        >
          {zoom}
        </button>
      ))}
      <button
        type="button"
        aria-pressed={props.table}
        className={choice(props.table)}
        onClick={() => props.onTable(!props.table)}
      >
        table
      </button>
    </div>
  );
}

/** What the colours and marks of the lanes mean. */
export function Legend(props: { species: string; waves: string[] }) {
  const { band = props.waves.slice(0, MOST_WAVES) } = useChoices();
  const on = band.includes(props.species);
  const turn = () =>
    choose({
      band: on ? band.filter((s) => s !== props.species) : [...band, props.species].slice(-MOST_WAVES),
    });
  return (
    <div className="flex flex-wrap items-center gap-x-4 py-2 text-[13px] text-soft">
      {STAGE_ORDER.map((stage) => (
        <span key={stage} className="inline-flex items-center gap-1.5">
          <StageBadge stage={stage} size="small" />
          {STAGES[stage].words}
        </span>
      ))}
      <span>paler: forecast</span>
      <span>dot on a line: when it swells, 8 in 10</span>
      {props.species !== "all" && (
        <label className="ml-auto flex items-center gap-1.5 text-soft">
          <input type="checkbox" className="size-4 accent-[var(--sea)]" checked={on} onChange={turn} />
          its wave on the band
        </label>
      )}
    </div>
  );
}
