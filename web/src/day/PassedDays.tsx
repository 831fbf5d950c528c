import api, { type Schemas, told } from "../api/client";
import { awayWords, dayWords } from "../days";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

/** Graft days that went by with nothing logged: asked what became of them. */
export function PassedDays({ passed, today }: { passed: Schemas["day.Passed"][]; today: string }) {
  return passed.map((day) => <One key={day.planNo} day={day} today={today} />);
}

function One({ day, today }: { day: Schemas["day.Passed"]; today: string }) {
  const { send, problem, busy } = useSend();
  const path = { planNo: day.planNo };
  const move = () =>
    send(async () => {
      const body = { ...day.plan, day: today };
      const moved = await told(api.PUT("/api/graft-days/{planNo}", { params: { path }, body }));
      done(moved.sentence, moved.actId);
    });
  const drop = () =>
    send(async () => {
      const dropped = await told(api.DELETE("/api/graft-days/{planNo}", { params: { path } }));
      done(dropped.sentence, dropped.actId);
    });
  return (
    <section
      aria-label="A graft day went by"
      className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2 border-alarm border-l-4 pl-3"
    >
      <p className="min-w-0 flex-1">
        <b>{dayWords(day.plan.day)} went by with nothing logged:</b> {day.plan.grafts} {day.varietyName} on{" "}
        {day.spotName}, planned {awayWords(day.plan.day, today)}.
      </p>
      <Button data-does="PUT /api/graft-days/{planNo}" disabled={busy} onClick={move}>
        Graft today
      </Button>
      <Button data-does="DELETE /api/graft-days/{planNo}" disabled={busy} onClick={drop}>
        Drop it
      </Button>
      <Trouble problem={problem} />
    </section>
  );
}
