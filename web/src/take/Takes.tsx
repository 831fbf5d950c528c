import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { lastOf } from "../api/queries";
import { dayAndYear, dayOfYear } from "../days";
import { takeWords } from "../drawings/TakeStrip";
import { partOf, useScope } from "../frame/scope";
import { percent } from "../percent";
import { Beside } from "../ui/Beside";
import { useCommands } from "../ui/commands";
import { Select } from "../ui/fields";
import { Button, Coming, Statement, Teach, Trouble } from "../ui/parts";
import { useMarks } from "../ui/useMarks";
import { TakeLine } from "./TakeLine";
import { TakeParts } from "./TakeParts";
import { TimeToPush } from "./TimeToPush";
import { TogetherRight } from "./TogetherRight";

type By = Schemas["take.TakeView"]["by"];
type Group = Schemas["take.Group"];

const WAYS: [By, string][] = [
  ["SEASON", "variety and season"],
  ["VARIETY_TECHNIQUE", "variety and technique"],
  ["TECHNIQUE", "technique"],
  ["SPECIES", "species"],
  ["MAKER", "maker"],
  ["SOURCE", "source of wood"],
];

/** What works here, and how sure one may be. */
export function Takes() {
  const { scope, setScope } = useScope();
  const [by, setBy] = useState<By>("SEASON");
  const [asTable, setAsTable] = useState(false);
  const [openKey, setOpenKey] = useState<string>();
  // A part of the year is asked for in all years at once: what it teaches, one year alone cannot.
  const part = partOf(scope);
  const takes = useQuery({
    queryKey: ["takes", by, part],
    placeholderData: lastOf("takes"),
    queryFn: () => told(api.GET("/api/takes", { params: { query: { by, part } } })),
  });
  const groups = takes.data?.groups ?? [];
  const index = groups.findIndex((g) => keyOf(g) === openKey);
  const move = (to: number) => groups[to] && setOpenKey(keyOf(groups[to]));
  useCommands([
    { key: "ArrowDown", words: "next group", run: () => move(index + 1) },
    { key: "ArrowUp", words: "last group", run: () => move(Math.max(0, index - 1)) },
    {
      key: "Enter",
      words: "open the grafts of the group",
      run: () => document.querySelector<HTMLElement>("aside a[href^='/graft/']")?.focus(),
    },
    { key: "t", words: "read as table", run: () => setAsTable((before) => !before) },
  ]);
  if (takes.error) return <Trouble page problem={takes.error} />;
  if (!takes.data) return <Coming what="the takes" />;
  const open = groups[index];
  const query = new URLSearchParams(Object.entries({ by, part }).filter(([, v]) => v) as [string, string][]);
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] pb-5 max-sm:px-4">
        <TakeParts />
        <Statement title={headline(takes.data)}>
          {scope.from && scope.to ? (
            <>
              Grafts made from {dayOfYear(scope.from)} to {dayOfYear(scope.to)}, in every year.{" "}
              <button type="button" className="text-sea underline" onClick={() => setScope({})}>
                The whole record
              </button>
            </>
          ) : (
            "Waiting grafts are neither takes nor failures. The range holds the true rate nine times in ten."
          )}
        </Statement>
        {groups.length === 0 ? (
          <Teach title="Takes tells what works here">
            As soon as grafts are logged and looked at, each variety and season shows its count and the range
            in which its true rate is likely to lie.
          </Teach>
        ) : (
          <>
            <div className="mb-2 flex flex-wrap items-center gap-2">
              <div className="flex items-center gap-2 text-[15px]">
                <span className="text-soft">By</span>
                <Select aria-label="By" value={by} onChange={(e) => setBy(e.target.value as By)}>
                  {WAYS.map(([key, words]) => (
                    <option key={key} value={key}>
                      {words}
                    </option>
                  ))}
                </Select>
              </div>
              <Button aria-pressed={asTable} onClick={() => setAsTable(!asTable)}>
                {asTable ? "Read as drawing" : "Read as table"}
              </Button>
              <a className="ml-auto text-sea underline" href={`/api/takes.csv?${query}`}>
                CSV
              </a>
            </div>
            {takes.data.untold > 0 && (
              <p className="mb-2 text-[13.5px] text-soft">
                Not counted by technique: grafts of a trial that still runs ({takes.data.untold}). What each
                way took stands under{" "}
                <Link className="text-sea underline" to="/takes/trials">
                  Trials
                </Link>{" "}
                once it may be read.
              </p>
            )}
            {asTable ? (
              <TakeTable groups={groups} />
            ) : (
              <TakeList groups={groups} thinUnder={takes.data.thinUnder} open={openKey} onOpen={setOpenKey} />
            )}
          </>
        )}
      </section>
      {open && <GroupSheet key={openKey} group={open} onClose={() => setOpenKey(undefined)} />}
    </div>
  );
}

const keyOf = (group: Group) => JSON.stringify([group.depth, group.under, group.label]);

function headline(view: Schemas["take.TakeView"]): string {
  const { farm } = view;
  const decided = farm.count.taken + farm.count.failed;
  return decided === 0 ? "No graft is decided yet" : `${farm.count.taken} of ${decided} grafts took`;
}

interface ListProps {
  groups: Group[];
  thinUnder: number;
  open?: string;
  onOpen: (key: string) => void;
}

function TakeList({ groups, thinUnder, open, onOpen }: ListProps) {
  const thin = groups.some((g) => g.thin && !g.allWaiting);
  return (
    <>
      <ol>
        {groups.map((group) => (
          <TakeLine
            key={keyOf(group)}
            group={group}
            depth={group.depth}
            open={open === keyOf(group)}
            onOpen={() => onOpen(keyOf(group))}
          />
        ))}
      </ol>
      <p className="mt-3 text-[13.5px] text-soft">
        The dot is the likeliest rate, the bar its 90 % range, from 0 at the left to 100 % at the right. Open
        circles wait.
        {thin ? ` Hatched bars rest on fewer than ${thinUnder} decided grafts and lean on their kin.` : ""}
      </p>
    </>
  );
}

function TakeTable({ groups }: { groups: Group[] }) {
  return (
    <table className="w-full text-[15px]">
      <thead className="text-left text-[14px] text-soft">
        <tr>
          {["group", "under", "taken", "failed", "waiting", "lost", "likeliest %", "from %", "to %"].map(
            (heading) => (
              <th key={heading} scope="col" className="py-1 font-normal">
                {heading}
              </th>
            ),
          )}
        </tr>
      </thead>
      <tbody>
        {groups.map((g) => (
          <tr key={keyOf(g)} className="border-line border-t">
            <th scope="row" className="py-1 text-left font-normal">
              {g.label}
            </th>
            <td>{g.under}</td>
            <td>{g.count.taken}</td>
            <td>{g.count.failed}</td>
            <td>{g.count.waiting}</td>
            <td>{g.count.lost}</td>
            <td>{percent(g.mean)}</td>
            <td>{percent(g.low)}</td>
            <td>{percent(g.high)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function GroupSheet({ group, onClose }: { group: Group; onClose: () => void }) {
  const grafts = useQuery({
    queryKey: ["group", group.key],
    queryFn: () => told(api.GET("/api/grafts", { params: { query: group.key } })),
  });
  const { marked, mark, setMarks } = useMarks<string>();
  const chosen = (grafts.data?.grafts ?? []).filter((graft) => marked.has(graft.code));
  return (
    <Beside width="w-[330px]" shows={group.label} label={`Grafts of ${group.label}`}>
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="big text-xl">
          {group.under && group.depth === 3 ? `${group.under}, ` : ""}
          {group.label}
        </h2>
        <button type="button" className="min-h-9 text-sea underline" onClick={onClose}>
          close
        </button>
      </div>
      <p className="text-soft">
        {takeWords(group)}.{group.count.waiting > 0 ? ` ${group.count.waiting} still waiting.` : ""}
        {group.count.lost > 0 ? ` ${group.count.lost} lost, not counted.` : ""}
      </p>
      <TimeToPush groupKey={group.key} />
      {chosen.length > 0 && <TogetherRight grafts={chosen} onDone={() => setMarks([])} />}
      <ol className="mt-2">
        {(grafts.data?.grafts ?? []).map((graft) => (
          <li key={graft.id} className="flex items-center gap-2 border-line border-t">
            <input
              type="checkbox"
              aria-label={`Mark ${graft.code} to be put right`}
              className="size-5 accent-[var(--sea)] max-sm:size-6"
              checked={marked.has(graft.code)}
              onChange={() => mark(graft.code)}
            />
            <Link
              to={`/graft/${graft.code}`}
              className="flex min-w-0 flex-1 gap-2 py-1 text-[14.5px] hover:bg-ground"
            >
              <span className="code w-[86px] shrink-0 text-[13.5px]">{graft.code}</span>
              <span className="min-w-0 flex-1 truncate text-soft">{dayAndYear(graft.madeOn)}</span>
              <span>{graft.state.toLowerCase().replace("_", " ")}</span>
            </Link>
          </li>
        ))}
      </ol>
    </Beside>
  );
}
