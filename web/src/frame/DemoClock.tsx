import api, { told } from "../api/client";
import { dayWords } from "../days";
import { done, failed } from "../undo";

/** Moves the demo's day; stepping back takes back what was done on later days. */
export function DemoClock({ today }: { today: string }) {
  const step = async (days: number) => {
    try {
      const { takenBack } = await told(api.POST("/api/demo-clock", { body: { days } }));
      if (takenBack > 0)
        done(`The clock went back; ${takenBack} ${takenBack === 1 ? "act was" : "acts were"} taken back.`);
    } catch (problem) {
      failed(problem);
    }
  };
  const button = (days: number, words: string, sign: string) => (
    <button
      data-does="POST /api/demo-clock"
      type="button"
      title={words}
      className="code min-w-6 rounded border border-line px-1 leading-5 hover:border-sea"
      onClick={() => step(days)}
    >
      <span className="sr-only">{words}, </span>
      {sign}
    </button>
  );
  return (
    <div className="flex items-center gap-1" title="The demo’s own clock">
      <span className="contents max-sm:hidden">
        {button(-7, "Demo clock: a week back", "−7")}
        {button(-1, "Demo clock: a day back", "−1")}
      </span>
      <b className="mx-1 whitespace-nowrap">{dayWords(today)}</b>
      {button(1, "Demo clock: a day on", "+1")}
      <span className="contents max-sm:hidden">{button(7, "Demo clock: a week on", "+7")}</span>
    </div>
  );
}
