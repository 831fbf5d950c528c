import type { Schemas } from "../api/client";

type Turn = Schemas["day.Turn"];

/** The day standing upright: block after block, filling as it is done. */
export function Turns({ turns, at }: { turns: Turn[]; at: number }) {
  const blocks: Turn[][] = [];
  for (const turn of turns) {
    const last = blocks[blocks.length - 1];
    if (last && last[0].block === turn.block) last.push(turn);
    else blocks.push([turn]);
  }
  return (
    <section
      aria-label="The day"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keys
      tabIndex={0}
      className="w-[236px] shrink-0 overflow-auto border-line border-l bg-surface px-4 py-3 max-sm:h-[132px] max-sm:w-full max-sm:border-t max-sm:border-l-0"
    >
      {blocks.map((block) => (
        <div key={block[0].jobId} className="mb-3">
          <p className="text-[14px]">
            <b>{block[0].varietyName}</b>{" "}
            <span className="text-soft">
              {block.filter((turn) => turn.state === "MADE").length} of {block.length}
            </span>
          </p>
          <ol className="mt-1 flex flex-wrap gap-1">
            {block.map((turn) => (
              <li
                key={turn.jobId}
                title={`${turn.plantCode}${turn.graftCode ? `, ${turn.graftCode}` : turn.state === "LEFT_OUT" ? ", left out" : ""}`}
                className={`h-[18px] w-[18px] rounded-[3px] border text-center text-[12px] leading-[15px] ${LOOK[turn.state]} ${turn.jobId === at ? "outline-2 outline-(--lamp) outline-offset-1" : ""}`}
              >
                <span className="sr-only">
                  {turn.plantCode}: {WORDS[turn.state]}
                </span>
                <span aria-hidden>{turn.state === "LEFT_OUT" ? "–" : ""}</span>
              </li>
            ))}
          </ol>
        </div>
      ))}
    </section>
  );
}

const LOOK: Record<Turn["state"], string> = {
  MADE: "border-leaf bg-leaf",
  OPEN: "border-edge",
  LEFT_OUT: "border-line text-soft",
};

const WORDS: Record<Turn["state"], string> = { MADE: "made", OPEN: "to make", LEFT_OUT: "left out" };
