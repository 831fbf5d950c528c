import type { Schemas } from "../api/client";
import { Button } from "../ui/parts";
import { lengthWords, useChoices } from "../units";
import { metWords, stepWords } from "./words";

interface Props {
  pair: Schemas["fit.PairedViewOnePair"];
  locked: boolean;
  onBond: (list: "locks" | "apart", bond: Schemas["fit.Bond"]) => void;
}

/** The pair chosen: what meets, what to cut, and the two ways to say otherwise. */
export function PairSheet({ pair, locked, onBond }: Props) {
  const { length } = useChoices();
  return (
    <section aria-label="The pair chosen">
      <h2 className="big text-[20px] leading-tight">
        {pair.stickId} on {pair.stemId}
      </h2>
      <p className="text-[15px] text-soft">
        {lengthWords(pair.scionMm, length)} on {lengthWords(pair.stockMm, length)}, {pair.techniqueName}:{" "}
        {metWords(pair.contact.met, pair.contact.unit, length)} of{" "}
        {metWords(pair.contact.whole, pair.contact.unit, length)} meet.
      </p>
      <dl className="mt-2">
        {pair.cuts.map((cut) => (
          <div key={cut.key} className="flex justify-between gap-3 border-line border-t py-1 text-[15px]">
            <dt>{cut.name}</dt>
            <dd className="code">{stepWords(cut, length)}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          aria-pressed={locked}
          onClick={() => onBond("locks", { stickId: pair.stickId, stemId: pair.stemId })}
        >
          {pair.locked ? "Unlock the pair" : "Lock the pair"}
        </Button>
        <Button onClick={() => onBond("apart", { stickId: pair.stickId, stemId: pair.stemId })}>
          Keep apart
        </Button>
      </div>
    </section>
  );
}
