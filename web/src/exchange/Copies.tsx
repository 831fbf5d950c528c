import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { dayWords } from "../days";
import { Button, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

type Copy = Schemas["exchange.Copy"];

const KEY = ["copies"];

/** The copies of the farm, day by day, and the way back to one. */
export function Copies() {
  const client = useQueryClient();
  const { send, problem, busy } = useSend();
  const [chosen, setChosen] = useState<string>();
  const kept = useQuery({
    meta: { what: "the copies" },
    queryKey: KEY,
    queryFn: () => told(api.GET("/api/copies")),
  });
  const keepNow = () =>
    send(async () => {
      client.setQueryData(KEY, await told(api.POST("/api/copies")));
      done("A copy of the farm as it is now is kept");
    });
  const goBack = (copy: Copy) =>
    send(async () => {
      await told(api.POST("/api/copies/{name}/back", { params: { path: { name: copy.name } } }));
      setChosen(undefined);
      done(`The farm of ${whenWords(copy)} is back`);
      client.invalidateQueries();
    });
  const copies = kept.data?.copies ?? [];
  return (
    <section aria-label="Copies of the farm">
      <PartHeading>Copies of the farm</PartHeading>
      <p className="text-soft">
        One for each day it changed: the last seven days, then one for each of five weeks and twelve months.
      </p>
      {kept.data?.second && (
        <p className={kept.data.second.amiss ? "font-semibold text-alarm" : "text-soft"}>
          {kept.data.second.amiss
            ? `They could not all be brought to ${kept.data.second.folder}: ${kept.data.second.amiss}. It is tried again.`
            : `They are brought to ${kept.data.second.folder} too.`}
        </p>
      )}
      <ul className="mt-1">
        {copies.map((copy) => (
          <li key={copy.name} className="border-line border-t py-1">
            <div className="flex flex-wrap items-center gap-x-4">
              <span className="min-w-20 flex-1">{whenWords(copy)}</span>
              <span className="code text-soft">{sizeWords(copy.bytes)}</span>
              <button
                data-does="POST /api/copies/{name}/back"
                type="button"
                className="min-h-9 text-sea underline max-sm:min-h-11"
                aria-expanded={chosen === copy.name}
                aria-label={`go back to it, the copy of ${whenWords(copy)}`}
                onClick={() => setChosen(chosen === copy.name ? undefined : copy.name)}
              >
                go back to it
              </button>
            </div>
            {copy.before && <p className="text-[14px] text-soft">made before another was gone back to</p>}
            {chosen === copy.name && (
              <div className="mt-1 mb-2 border-lamp border-l-4 pl-3">
                <p>
                  The whole farm will be as on {whenWords(copy)}. What was written since goes; it is kept as a
                  copy of its own.
                </p>
                <div className="mt-1 flex gap-2">
                  <Button strong disabled={busy} onClick={() => goBack(copy)}>
                    Go back
                  </Button>
                  <Button onClick={() => setChosen(undefined)}>Leave it</Button>
                </div>
              </div>
            )}
          </li>
        ))}
      </ul>
      {kept.data && copies.length === 0 && <p className="mt-1 text-soft">None is kept yet.</p>}
      <div className="mt-2">
        <Button data-does="POST /api/copies" disabled={busy} onClick={keepNow}>
          Keep a copy now
        </Button>
      </div>
      <Trouble problem={kept.error ?? problem} />
    </section>
  );
}

// One made before another was gone back to has its hour in its name, after a T.
function whenWords(copy: Copy): string {
  const hour = /T(\d\d)(\d\d)/.exec(copy.name);
  return dayWords(copy.day) + (hour ? `, ${hour[1]}:${hour[2]}` : "");
}

const KB = 1024;

function sizeWords(bytes: number): string {
  return bytes < KB * KB ? `${Math.ceil(bytes / KB)} KB` : `${(bytes / KB / KB).toFixed(1)} MB`;
}
