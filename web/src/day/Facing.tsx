import type { Schemas } from "../api/client";
import { stepWords } from "../fit/words";
import { lengthWords, useChoices } from "../units";
import type { Sizes } from "./Otherwise";

interface Props {
  facing: Schemas["day.Facing"];
  lotId?: number;
  sizes: Sizes;
}

const CAUTION: Record<string, string> = {
  bark: "Saw with both feet on the ground.",
  "v-tool": "Fingers clear of the tool's blade.",
};

/** The graft at hand: on what, of what, how; large enough to read from the bench. */
export function Facing({ facing, lotId, sizes }: Props) {
  const { length } = useChoices();
  const lot = facing.others.find((other) => other.lotId === lotId);
  const stockMm = sizes.stockMm ?? facing.stockMm;
  const scionMm = sizes.scionMm ?? facing.scionMm;
  return (
    <>
      <p className="text-[17px] text-soft">
        {facing.spotName}
        {facing.stemLabel !== "1" ? `, stem ${facing.stemLabel}` : ""}
      </p>
      <h1 className="code font-bold text-[64px] leading-none max-sm:text-[48px]">{facing.plantCode}</h1>
      {facing.code && (
        <p className="mt-1 text-[17px]">
          label <b className="code">{facing.code}</b>
        </p>
      )}
      <p className="big mt-2 text-[34px] leading-tight max-sm:text-[27px]">{facing.varietyName}</p>
      <p className="mt-1 text-[19px]">
        from <b className="code">{lot?.code ?? facing.lotCode}</b>, {facing.techniqueName},{" "}
        {facing.coverWords}
      </p>
      {facing.trial && (
        <p className="mt-2 max-w-xl border-sea border-l-4 pl-3 text-[19px]">
          This one: <b>{facing.trial.words}</b>
          <span className="block text-[15px] text-soft">
            trial {facing.trial.number}, pair {facing.trial.pair}
            {facing.trial.hidden ? "; tell nobody who will look at it" : ""}
          </span>
        </p>
      )}
      <p className="mt-1 text-[17px] text-soft">
        {stockMm !== undefined ? `stock ${lengthWords(stockMm, length)}` : "stock not measured"}
        {scionMm !== undefined ? `, stick ${lengthWords(scionMm, length)}` : ""}
      </p>
      {facing.cut && (
        <p className="mt-2 max-w-xl text-[19px]">
          {facing.cut.atMm !== undefined
            ? `Cut ${lengthWords(facing.cut.atMm, length)} over the soil${facing.cut.why ? ` (${facing.cut.why})` : ""}. `
            : ""}
          {facing.cut.side === "middle"
            ? "Set the scion in the middle."
            : `Even on the ${facing.cut.side}, cambium on cambium; the tape wound ${facing.cut.side === "right" ? "clockwise" : "counter-clockwise"} pulls it home.`}
        </p>
      )}
      {facing.cut && facing.cut.cuts.length > 0 && (
        <dl className="mt-3 grid max-w-xl grid-cols-[1fr_auto] gap-x-4 text-[17px]">
          {facing.cut.cuts.map((step) => (
            <div key={step.key} className="contents">
              <dt className="border-line border-t py-0.5">{step.name}</dt>
              <dd className="code border-line border-t py-0.5 text-right">{stepWords(step, length)}</dd>
            </div>
          ))}
        </dl>
      )}
      <p className="mt-3 max-w-xl text-[15px] text-soft">
        {facing.schools.map((s) => `${s.question}: ${s.school}`).join(". ")}. Cut away from you, the other
        hand behind the blade. {CAUTION[facing.techniqueKey] ?? ""}
      </p>
    </>
  );
}
