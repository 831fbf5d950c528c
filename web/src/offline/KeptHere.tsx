import { useEffect, useState } from "react";
import { dated, dayWords } from "../days";
import { seems } from "../share/seems";
import { Button, PartHeading, Statement, Teach } from "../ui/parts";
import { hourWords } from "../undo";
import { useContact } from "./contact";
import { Decide } from "./Decide";
import { entries, flush, letGo } from "./outbox";
import type { Entry } from "./store";

function useEntries() {
  const { turn } = useContact();
  const [all, setAll] = useState<Entry[]>();
  // biome-ignore lint/correctness/useExhaustiveDependencies: read anew whenever one of them changes
  useEffect(() => {
    entries().then(setAll);
  }, [turn]);
  // Whoever looks at what waits wants it sent.
  useEffect(() => {
    flush();
  }, []);
  return all;
}

/** What was done on this device and is not on the farm: what waits for contact, and what has to be decided on. */
export function KeptHere() {
  const all = useEntries();
  const { lostAt } = useContact();
  // That nothing waits is said once that is known.
  if (!all) return null;
  const open = all.filter(({ unfit }) => unfit);
  const waiting = all.filter(({ unfit }) => !unfit);
  return (
    <section className="max-w-[880px] px-[26px] py-5 max-sm:px-4">
      <Statement title={all.length === 0 ? "Everything is on the farm" : `Kept on this ${seems()}`}>
        {lostAt
          ? "It is sent in this order as soon as there is contact, each once."
          : "What is done without contact waits here, also through a dead battery."}
      </Statement>
      {all.length === 0 && (
        <Teach title="Nothing waits">
          Under the trees you go on as usual: looks, notes, photos, sticks, and grafts of today’s plan are
          kept here and sent when you are back.
        </Teach>
      )}
      {open.length > 0 && (
        <>
          <PartHeading>To be decided on</PartHeading>
          {open.map((entry) => (
            <Decide key={entry.n} entry={entry} />
          ))}
        </>
      )}
      {waiting.length > 0 && (
        <>
          <PartHeading>Waiting for contact</PartHeading>
          <ol className="text-[15px]">
            {waiting.map((entry) => (
              <li
                key={entry.n}
                className="grid grid-cols-[150px_1fr_auto] items-center gap-x-3 border-line border-t py-1.5 max-sm:grid-cols-[1fr_auto]"
              >
                <span className="text-soft max-sm:col-span-2">
                  {dayWords(entry.day)}, {hourWords(new Date(entry.at).toISOString())}
                </span>
                <span>{dated(entry.words)}</span>
                {entry.sent ? (
                  <span className="py-2 text-soft max-sm:py-3">sent, no answer yet</span>
                ) : (
                  <Button aria-label={`Take back: ${entry.words}`} onClick={() => letGo(entry.n)}>
                    Take back
                  </Button>
                )}
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}
