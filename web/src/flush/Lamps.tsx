import { type CSSProperties, useId, useState } from "react";
import type { Schemas } from "../api/client";
import { dated } from "../days";
import { Lamp, lampWords } from "../drawings/Lamp";
import { standingWords } from "./words";

interface LampsProps {
  pairings: Schemas["season.PairingView"][];
  today: string;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The lamps of the leading pairings side by side; each tells its three reasons. */
export function Lamps({ pairings, today }: LampsProps) {
  return (
    <div className="grid grid-cols-3 gap-x-6 gap-y-4 max-xl:grid-cols-2 max-sm:grid-cols-1">
      {pairings.map((pairing) => (
        <LampWithReasons
          key={`${pairing.spotId}${pairing.varietyId}`}
          pairing={pairing}
          words={standingWords(pairing, today)}
        />
      ))}
    </div>
  );
}

function LampWithReasons({ pairing, words }: { pairing: Schemas["season.PairingView"]; words: string }) {
  const id = useId();
  const [open, setOpen] = useState(false);
  const anchor = `--lamp${id.replace(/\W/g, "")}`;
  return (
    <div>
      <button
        type="button"
        popoverTarget={id}
        className="flex items-start gap-3 rounded text-left hover:bg-surface"
        style={{ anchorName: anchor } as CSSProperties}
      >
        <Lamp lamp={pairing.lamp} />
        <span className="min-w-0">
          <b className="block leading-tight">
            {capital(pairing.woodSpecies)}: {pairing.varietyName}
          </b>
          <span className="block text-[14.5px]">on {pairing.spotName} stocks</span>
          <span className="mt-0.5 block text-[14.5px] text-soft">{words}</span>
          <span className="sr-only">{lampWords(pairing.lamp)}. Reasons</span>
        </span>
      </button>
      <div
        id={id}
        popover="auto"
        onBeforeToggle={(e) => setOpen(e.newState === "open")}
        className="by-anchor w-[360px] max-w-[92vw] rounded-md border border-line bg-surface p-4 text-ink shadow-xl"
        style={{ positionAnchor: anchor } as CSSProperties}
      >
        {open && <Reasons lamp={pairing.lamp} />}
      </div>
    </div>
  );
}

const LEVEL_WORDS = { LIT: "lit", LOW: "burns low", OUT: "out" };

/** The three wicks read in words. */
export function Reasons({ lamp }: { lamp: Schemas["season.Lamp"] }) {
  return (
    <dl className="grid gap-2 text-[15px]">
      {(["stock", "wood", "weather"] as const).map((name) => (
        <div key={name}>
          <dt className="font-semibold">
            {capital(name)} {LEVEL_WORDS[lamp[name].level]}{" "}
            <span className="font-normal text-soft">· {Math.round(lamp[name].score * 100)} of 100</span>
          </dt>
          <dd className="text-soft">{dated(lamp[name].words)}</dd>
        </div>
      ))}
    </dl>
  );
}
