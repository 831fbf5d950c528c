import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { dated } from "../days";
import { Beside } from "../ui/Beside";
import { useCommands } from "../ui/commands";
import { Button, Coming, LinkButton, Statement, Trouble } from "../ui/parts";
import { STANDING_WORDS } from "../wood/words";
import { LineageField } from "./LineageField";
import { LineageTable } from "./LineageTable";
import { placed, stackId } from "./layout";
import { useLineage } from "./lineageApi";
import { MemberSheet, StackSheet } from "./MemberSheet";
import { Overview } from "./Overview";

/** Where does it come from, where did it go, what must be held. */
export function Lineage() {
  const { key } = useParams();
  const lineage = useLineage(key);
  if (!key) return <Overview />;
  if (lineage.error) return <Trouble page problem={lineage.error} />;
  if (!lineage.data) return <Coming what="the lineage" />;
  return <Around key={lineage.data.focus.member.key} view={lineage.data} />;
}

function Around({ view }: { view: NonNullable<ReturnType<typeof useLineage>["data"]> }) {
  const navigate = useNavigate();
  const [marked, setMarked] = useState(view.focus.member.key);
  const [table, setTable] = useState(false);
  const focus = view.focus.member;
  const goTo = (to: string) => navigate(`/lineage/${to}`);
  const { cards } = placed(view);
  const at = cards.find((card) => card.id === marked);
  const near = (by: number) => {
    const next = cards
      .filter((card) => at && card.column === at.column + by)
      .sort((a, b) => Math.abs(a.y - (at?.y ?? 0)) - Math.abs(b.y - (at?.y ?? 0)))[0];
    if (next) setMarked(next.id);
  };
  const along = (by: number) => {
    const own = cards.filter((card) => card.column === at?.column).sort((a, b) => a.y - b.y);
    const next = at && own[own.indexOf(at) + by];
    if (next) setMarked(next.id);
  };
  useCommands([
    { key: "ArrowLeft", words: "to where it came from", run: () => near(-1) },
    { key: "ArrowRight", words: "to where it went", run: () => near(1) },
    { key: "ArrowUp", words: "last in its column", run: () => along(-1) },
    { key: "ArrowDown", words: "next in its column", run: () => along(1) },
    { key: "Enter", words: "look around from there", run: () => at?.member && navigate(`/lineage/${at.id}`) },
    { key: "t", words: "read as table", run: () => setTable((now) => !now) },
    { key: "Escape", words: "all holds and recalls", run: () => navigate("/lineage") },
  ]);
  const member = view.members.find((m) => m.member.key === marked);
  const stack = view.stacks.find((s) => stackId(s) === marked);
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] py-5 max-sm:px-4">
        <Statement title={`${focus.code}: ${focus.words}`}>
          {view.heldWords ? (
            <b className="text-alarm">Held: {dated(view.heldWords)}.</b>
          ) : (
            <>
              {STANDING_WORDS[view.focus.standing].replace(/^./, (c) => c.toUpperCase())}.{" "}
              {dated(view.focus.reason)}
            </>
          )}
        </Statement>
        <p className="mb-2 text-[15px] text-soft">
          {view.forebears === 0 ? "Nothing known before it" : `${view.forebears} before it`},{" "}
          {view.descendants === 0 ? "nothing came of it" : `${view.descendants} came of it`}.{" "}
          {view.cleanPath.length > 0 ? (
            <span className="text-leaf">
              Came from a clean source: {view.cleanPath.map((m) => m.code).join(" → ")}.
            </span>
          ) : (
            "No source before it holds a clear test."
          )}
        </p>
        <div className="flex flex-wrap gap-2">
          <LinkButton to="/lineage">All holds and recalls</LinkButton>
          <Button onClick={() => setTable(!table)}>{table ? "Draw it" : "Read as table"}</Button>
        </div>
        {table ? (
          <LineageTable view={view} onFocus={goTo} />
        ) : (
          <LineageField view={view} marked={marked} onMark={setMarked} onFocus={goTo} />
        )}
        <p className="text-[13.5px] text-soft">
          Wood went from left to right. The strong green line is the way from the nearest clean source.
        </p>
      </section>
      <Beside width="w-[330px]" shows={marked === focus.key ? undefined : marked}>
        {member && <MemberSheet drawn={member} focused={member.member.key === focus.key} />}
        {stack && <StackSheet stack={stack} />}
      </Beside>
    </div>
  );
}
