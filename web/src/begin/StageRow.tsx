import { StageBadge } from "../drawings/StageBadge";
import { STAGE_ORDER, STAGES, type Stage } from "../drawings/stages";

interface Props {
  /** Whose buds: "the stocks". */
  whose: string;
  stage: Stage | "";
  onStage: (stage: Stage | "") => void;
}

/** What buds show, one tap of six; tapped again, nobody has looked. */
export function StageRow({ whose, stage, onStage }: Props) {
  return (
    <fieldset>
      <legend className="mb-0.5 text-[15px] text-soft">
        Buds of {whose} today:{" "}
        <b className="font-semibold text-ink">
          {stage ? `${STAGES[stage].words}, ${STAGES[stage].see}` : "not looked yet"}
        </b>
      </legend>
      <div className="flex gap-1.5">
        {STAGE_ORDER.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === stage}
            aria-label={`${STAGES[each].words}: ${whose}`}
            title={STAGES[each].words}
            className={`flex size-11 items-center justify-center rounded border ${each === stage ? "border-2 border-ink bg-surface" : "border-line"}`}
            onClick={() => onStage(each === stage ? "" : each)}
          >
            <StageBadge stage={each} size="middle" />
          </button>
        ))}
      </div>
    </fieldset>
  );
}
