import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import api, { told } from "../api/client";
import { lastOf } from "../api/queries";
import { dated, dayWords } from "../days";
import { Button, Coming, Statement, Teach, Trouble } from "../ui/parts";
import { hourWords, takeBack } from "../undo";

const useActs = (own: boolean) =>
  useQuery({
    queryKey: ["acts", own],
    placeholderData: lastOf("acts"),
    queryFn: () => told(api.GET("/api/acts", { params: { query: { own } } })),
  });

/** Everything done on the farm that can still be taken back, the newest first. */
export function WasDone() {
  const [own, setOwn] = useState(false);
  const [busy, setBusy] = useState<number>();
  const acts = useActs(own);
  if (acts.error) return <Trouble problem={acts.error} />;
  if (!acts.data) return <Coming what="what was done" />;
  const back = async (id: number) => {
    setBusy(id);
    await takeBack(id);
    setBusy(undefined);
  };
  return (
    <section className="max-w-[880px] px-[26px] py-5 max-sm:px-4">
      <Statement title="What was done">
        The newest first. Each can be taken back as long as nothing later hangs on it; U takes back your own
        last one.
      </Statement>
      <label className="flex min-h-9 items-center gap-2 text-[15px] max-sm:min-h-11">
        <input
          type="checkbox"
          className="size-4 accent-[var(--sea)]"
          checked={own}
          onChange={() => setOwn(!own)}
        />
        only what I did
      </label>
      {acts.data.length === 0 && (
        <Teach title="Nothing yet">
          Whatever is written down from now on stands here: a note, a graft, a walk in another order.
        </Teach>
      )}
      <ol className="mt-2 text-[15px]">
        {acts.data.map((act, i) => (
          <li
            key={act.id}
            className="grid grid-cols-[92px_1fr_auto] items-center gap-x-3 border-line border-t py-1.5 max-sm:grid-cols-[1fr_auto]"
          >
            <span className="text-soft max-sm:col-span-2">
              {act.farmDay === acts.data[i - 1]?.farmDay ? "" : dayWords(act.farmDay)}
            </span>
            <span>
              {dated(act.sentence)}
              <span className="block text-[13.5px] text-soft">
                {act.personName ?? "nobody named"}
                {act.device && ` on ${act.device}`}, {hourWords(act.doneAt)}
              </span>
            </span>
            <Button
              data-does="POST /api/acts/{id}/undo"
              disabled={busy !== undefined}
              aria-label={`Take back: ${dated(act.sentence)}`}
              onClick={() => back(act.id)}
            >
              Take back
            </Button>
          </li>
        ))}
      </ol>
    </section>
  );
}
