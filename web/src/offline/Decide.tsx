import { useEffect, useState } from "react";
import { dated, dayWords } from "../days";
import { DayBox } from "../ui/DayBox";
import { Field, Select } from "../ui/fields";
import { Button } from "../ui/parts";
import { hourWords } from "../undo";
import { useContact } from "./contact";
import { again, letGo } from "./outbox";
import { farmNow, type Proposal, proposals } from "./proposals";
import type { Entry } from "./store";

/** What the farm would not take as it was done: both sides, and what can be done about it. Nothing goes by itself. */
export function Decide({ entry }: { entry: Entry }) {
  const [now, setNow] = useState<string[]>([]);
  const [offered, setOffered] = useState<Proposal[]>([]);
  const [sure, setSure] = useState(false);
  const [busy, setBusy] = useState(false);
  const away = Boolean(useContact().lostAt);
  useEffect(() => {
    let here = true;
    // What was taken along is older than what the farm said of it.
    const said = away ? Promise.resolve([]) : farmNow(entry);
    said.then((lines) => here && setNow(lines));
    proposals(entry, away).then((some) => here && setOffered(some));
    return () => {
      here = false;
    };
  }, [entry, away]);
  const does = async (work: () => Promise<unknown>) => {
    setBusy(true);
    await work();
    setBusy(false);
  };
  const change = (some: Partial<Entry>) => does(() => again(entry, some));
  return (
    <article aria-label={entry.words} className="border-ink border-t-2 py-3">
      <div className="grid grid-cols-2 gap-x-6 gap-y-2 max-sm:grid-cols-1">
        <div>
          <h3 className="text-[14px] text-soft">Here</h3>
          <p className="font-semibold">{dated(entry.words)}</p>
          <p className="text-[14.5px] text-soft">
            {dayWords(entry.day)}, {hourWords(new Date(entry.at).toISOString())}
          </p>
        </div>
        <div>
          <h3 className="text-[14px] text-soft">On the farm</h3>
          <p className="font-semibold">{dated(entry.unfit?.sentence ?? "")}</p>
          {now.map((line) => (
            <p key={line} className="text-[14.5px]">
              {dated(line)}
            </p>
          ))}
        </div>
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {offered.map((offer, i) => (
          <Offer key={offer.words} offer={offer} strong={i === 0} busy={busy} onTake={change} />
        ))}
        <Button disabled={busy} onClick={() => (sure ? does(() => letGo(entry.n)) : setSure(true))}>
          {sure ? "Yes, let mine go" : "Let mine go"}
        </Button>
      </div>
    </article>
  );
}

function Offer(props: {
  offer: Proposal;
  strong: boolean;
  busy: boolean;
  onTake: (change: Partial<Entry>) => void;
}) {
  const { offer, strong, busy, onTake } = props;
  const [told, setTold] = useState("");
  if (offer.asks === "day")
    return (
      <>
        <Field label="Which day it was">
          <DayBox value={told} onChange={setTold} />
        </Field>
        <Button strong={strong} disabled={busy || !told} onClick={() => onTake(offer.change(told))}>
          {offer.words}
        </Button>
      </>
    );
  if (offer.asks)
    return (
      <>
        <Field label={offer.label ?? ""}>
          <Select value={told} onChange={(e) => setTold(e.target.value)}>
            <option value="">choose one</option>
            {offer.asks.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Select>
        </Field>
        <Button strong={strong} disabled={busy || !told} onClick={() => onTake(offer.change(told))}>
          {offer.words}
        </Button>
      </>
    );
  return (
    <Button strong={strong} disabled={busy} onClick={() => onTake(offer.change(""))}>
      {offer.words}
    </Button>
  );
}
