import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import api, { keeper, told } from "../api/client";
import { dated, dayWords } from "../days";
import { Button, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { hourWords } from "../undo";
import { decided } from "./shareApi";

const useLeft = () =>
  useQuery({
    meta: { what: "what devices that were taken away still held" },
    queryKey: ["share", "left"],
    queryFn: () => told(api.GET("/api/share/left")),
  });

type Left = NonNullable<ReturnType<typeof useLeft>["data"]>[number];

/** What was done without contact on devices that were then taken away: written by an owner, or not at all. */
export function LeftBehind() {
  const left = useLeft().data ?? [];
  const [open, setOpen] = useState(0);
  if (left.length === 0 && open === 0) return null;
  return (
    <section className="mb-4">
      <PartHeading>Done on devices that were taken away, and not written yet</PartHeading>
      {open > 0 && (
        <Link to="/done/kept" className="text-sea underline">
          {open} of these the farm did not take as they were: decide on them
        </Link>
      )}
      <ul>
        {left.map((one) => (
          <LeftLine key={one.id} left={one} onOpen={() => setOpen((n) => n + 1)} />
        ))}
      </ul>
    </section>
  );
}

function LeftLine({ left, onOpen }: { left: Left; onOpen: () => void }) {
  const { send, problem, busy } = useSend();
  const [sure, setSure] = useState(false);
  const write = () =>
    send(async () => {
      if (!(await (await keeper()).adopt(left))) onOpen();
      await decided(left.id);
    });
  return (
    <li className="border-line border-t py-1.5">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="min-w-60 flex-1 max-sm:basis-full">
          {dated(left.words)}
          <span className="block text-[13.5px] text-soft">
            {left.personName} on {left.device}, {dayWords(left.doneOn)}, {hourWords(left.doneAt)}; in that
            device’s own words
          </span>
        </span>
        <span className="flex gap-4">
          <Button strong disabled={busy} aria-label={`Write: ${left.words}`} onClick={write}>
            Write it
          </Button>
          <Button
            disabled={busy}
            aria-label={`${sure ? "Yes, let go" : "Let go"}: ${left.words}`}
            onClick={() => (sure ? send(() => decided(left.id)) : setSure(true))}
          >
            {sure ? "Yes, let it go" : "Let it go"}
          </Button>
        </span>
      </div>
      <Trouble problem={problem} />
    </li>
  );
}
