import type { Schemas } from "../api/client";
import { Button } from "../ui/parts";

const WHY: Record<Schemas["wood.CleaningEntry"]["occasion"], string> = {
  START: "The day begins with a clean blade",
  NEW_TREE: "Another tree: clean your blade",
  NEW_LOT: "Another lot: clean your blade",
  SUSPECT: "Clean your blade",
};

interface Props {
  occasion: Schemas["wood.CleaningEntry"]["occasion"];
  facing: Schemas["day.Facing"];
  busy: boolean;
  /** True where something mixed is within its time. */
  mixed: boolean;
  onClean: () => void;
  onWithout: () => void;
}

/** Before another tree, lot or variety: the blade is cleaned, or it is said that it was not. */
export function CleanGate({ occasion, facing, busy, mixed, onClean, onWithout }: Props) {
  return (
    <>
      <h1 className="big text-[34px] leading-tight max-sm:text-[27px]">{WHY[occasion]}</h1>
      <p className="mt-2 max-w-xl text-[17px] text-soft">
        Wipe knife and shears and let it act as long as the label says. Alcohol burns: no flame near it, and
        let it dry.
        {mixed ? "" : " Nothing mixed is within its time: mix it fresh, or use alcohol from the bottle."}
      </p>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button
          strong
          className="min-h-16 min-w-[220px] text-[22px] max-sm:min-h-16 max-sm:w-full"
          disabled={busy}
          onClick={onClean}
        >
          Cleaned
        </Button>
        <Button className="min-h-12" disabled={busy} onClick={onWithout}>
          Go on without
        </Button>
      </div>
      <p className="mt-5 border-line border-t pt-2 text-[19px]">
        Then <b className="code">{facing.plantCode}</b>, {facing.varietyName} from{" "}
        <span className="code">{facing.lotCode}</span>, {facing.techniqueName}, {facing.spotName}
      </p>
      <p className="mt-3 max-w-xl text-[15px] text-soft">
        Without it a recall takes the two for joined: one blade went from one to the other.
      </p>
    </>
  );
}
