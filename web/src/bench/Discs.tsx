import type { Schemas } from "../api/client";
import { lengthWords, useChoices } from "../units";
import { onArrows } from "./Rods";
import { PX_PER_MM } from "./rods";

type Disc = Schemas["bench.Disc"];

const HIGH = 56;
const WIDE = 62;
const RING = 4;
/** A stock nobody measured is drawn as thick as this, and dashed. */
const UNKNOWN_MM = 9;

export interface Here {
  disc: Disc;
  code: string;
  at: number;
}

interface Props {
  species: string;
  discs: (Disc | Here)[];
  busy: boolean;
  onGraft: (disc: Disc, at: number) => void;
}

/** The free stocks as discs of their true thickness, in the order they stand; a tap grafts, what is grafted goes hollow. */
export function Discs({ species, discs, busy, onGraft }: Props) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: stocks in a row, no fields
    <div role="group" aria-label="Free stocks" className="flex flex-wrap gap-y-1.5" onKeyDown={onArrows}>
      {discs.map((one, at) =>
        "code" in one ? (
          <span key={one.disc.stemId} className="w-[62px] text-center">
            <Drawn disc={one.disc} hollow />
            <span className="code block truncate text-[12px] text-leaf" title={one.code}>
              {one.code.replace(/^(\w+)-\d+-/, "$1 ")}
            </span>
          </span>
        ) : (
          <OneDisc
            key={one.stemId}
            species={species}
            disc={one}
            busy={busy}
            onGraft={() => onGraft(one, at)}
          />
        ),
      )}
    </div>
  );
}

function OneDisc({
  species,
  disc,
  busy,
  onGraft,
}: {
  species: string;
  disc: Disc;
  busy: boolean;
  onGraft: () => void;
}) {
  const { length } = useChoices();
  const where = [disc.speciesKey, disc.stockKind, disc.spotName].filter(Boolean).join(", ");
  const meets = disc.share === undefined ? "" : `, ${Math.round(disc.share * 100)} % meets`;
  const speaks = disc.refused ?? disc.mind;
  return (
    <button
      type="button"
      title={`${where}${meets}${speaks ? `. ${disc.refused ? "Not: " : "Mind: "}${speaks}` : ""}`}
      aria-disabled={disc.refused !== undefined || busy}
      className={`w-[62px] rounded text-center hover:bg-surface ${disc.refused ? "cursor-not-allowed opacity-45" : ""}`}
      onClick={() => !busy && !disc.refused && onGraft()}
    >
      <Drawn disc={disc} />
      <span className="code block truncate text-[12.5px]">
        {disc.plantCode}
        {disc.label !== "1" ? `·${disc.label}` : ""}
      </span>
      <span className="block text-[12px] text-soft leading-tight">
        {disc.diameterMm ? lengthWords(disc.diameterMm, length) : "?"}
        {disc.speciesKey !== species ? ` ${disc.speciesKey}` : ""}
      </span>
    </button>
  );
}

function Drawn({ disc, hollow = false }: { disc: Disc; hollow?: boolean }) {
  const r = Math.min(((disc.diameterMm ?? UNKNOWN_MM) * PX_PER_MM) / 2, 23);
  const cx = WIDE / 2;
  const cy = HIGH / 2;
  const round = 2 * Math.PI * (r + RING);
  return (
    <svg width={WIDE} height={HIGH} aria-hidden className="mx-auto block">
      <circle
        cx={cx}
        cy={cy}
        r={r}
        fill={hollow ? "none" : disc.mind ? "var(--ground)" : "var(--bark)"}
        stroke="var(--edge)"
        strokeDasharray={hollow || !disc.diameterMm ? "3 3" : undefined}
      />
      {!hollow && !disc.mind && <circle cx={cx} cy={cy} r={r * 0.72} fill="var(--wood)" />}
      {!hollow && disc.share !== undefined && (
        <circle
          cx={cx}
          cy={cy}
          r={r + RING}
          fill="none"
          stroke={disc.mind ? "var(--edge)" : "var(--cambium)"}
          strokeWidth={RING}
          strokeDasharray={`${round * disc.share} ${round}`}
          transform={`rotate(-90 ${cx} ${cy})`}
        />
      )}
    </svg>
  );
}
