import { useState } from "react";
import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { dated, dayAndYear } from "../days";
import { KIND_NAMES, LineageGlyph } from "../drawings/LineageGlyph";
import { Input } from "../ui/fields";
import { Button, PartHeading, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { useTests } from "../wood/woodApi";
import { STANDING_WORDS } from "../wood/words";
import { RaisedFrom } from "./RaisedFrom";
import { TestForm } from "./TestForm";

function ownPlace(member: Schemas["lineage.Member"]): string | undefined {
  if (member.kind === "LOT") return `/wood/lot/${member.code}`;
  if (member.kind === "GRAFT") return `/graft/${member.code}`;
  return member.kind === "PLANT" ? `/flush/${member.code}` : "/wood/sources";
}

/** One member: how clean it is held to be and why, its tests, a new test. */
export function MemberSheet({ drawn, focused }: { drawn: Schemas["lineage.DrawnMember"]; focused: boolean }) {
  const { member } = drawn;
  const [testing, setTesting] = useState(false);
  const tested = member.kind === "PLANT" || member.kind === "SOURCE";
  const tests = useTests(tested ? member.key : "");
  const { send, problem } = useSend();
  const removeTest = (id: number) =>
    send(async () => {
      const removed = await told(api.DELETE("/api/tests/{id}", { params: { path: { id } } }));
      done(removed.sentence, removed.actId);
    });
  return (
    <section aria-label={`${KIND_NAMES[member.kind]} ${member.code}`}>
      <h2 className="flex items-center gap-2">
        <LineageGlyph kind={member.kind} />
        <span className="code font-bold text-[20px]">{member.code}</span>
      </h2>
      <p className="text-soft">
        {member.words}
        {member.where ? `, ${member.where}` : ""}
        {member.day ? `, ${dayAndYear(member.day)}` : ""}
      </p>
      <p className="mt-1 flex gap-4 text-[15px]">
        <Link className="text-sea underline" to={ownPlace(member) ?? ""}>
          Its own sheet
        </Link>
        {!focused && (
          <Link className="text-sea underline" to={`/lineage/${member.key}`}>
            Look around from here
          </Link>
        )}
      </p>
      <PartHeading>Clean</PartHeading>
      <p className="text-[15px]">
        <b className={`font-semibold ${drawn.held ? "text-alarm" : ""}`}>
          {drawn.held ? "held" : STANDING_WORDS[drawn.standing]}
        </b>
        . {dated(drawn.reason)}
      </p>
      {tested && (
        <>
          <PartHeading>Tests</PartHeading>
          <ul className="text-[14.5px]">
            {(tests.data ?? []).slice(0, 8).map((test) => (
              <li key={test.id} className="border-line border-t py-1">
                {dayAndYear(test.onDay)}{" "}
                <b className={test.outcome === "CLEAR" ? "font-normal" : "font-semibold text-alarm"}>
                  {test.outcome.toLowerCase()}
                </b>
                , {test.subject}
                {test.outcome === "CLEAR" ? `, holds ${test.validDays} days` : ""}{" "}
                <button
                  data-does="DELETE /api/tests/{id}"
                  type="button"
                  className="text-sea underline"
                  onClick={() => removeTest(test.id)}
                >
                  remove
                </button>
              </li>
            ))}
          </ul>
          <Trouble problem={problem} />
          {testing ? (
            <TestForm member={member} onDone={() => setTesting(false)} />
          ) : (
            <Button data-does="POST /api/tests" className="mt-2" onClick={() => setTesting(true)}>
              Enter a test
            </Button>
          )}
        </>
      )}
      {member.kind === "PLANT" && <RaisedFrom plantKey={member.key} />}
    </section>
  );
}

/** The members of a stack, to be searched and walked to. */
export function StackSheet({ stack }: { stack: Schemas["lineage.DrawnStack"] }) {
  const [search, setSearch] = useState("");
  const found = stack.members.filter((m) =>
    `${m.code} ${m.words}`.toLowerCase().includes(search.toLowerCase()),
  );
  return (
    <section aria-label={`${stack.count} more`}>
      <h2 className="font-semibold">
        {stack.count} {KIND_NAMES[stack.kind]}s not drawn
      </h2>
      <Input
        aria-label="Find among them"
        className="my-2"
        placeholder="code or words"
        value={search}
        onChange={(e) => setSearch(e.target.value)}
      />
      <ul className="max-h-[520px] overflow-auto text-[14.5px]">
        {found.slice(0, 200).map((m) => (
          <li key={m.key} className="border-line border-t">
            <Link to={`/lineage/${m.key}`} className="flex gap-3 py-1 hover:bg-ground">
              <span className="code shrink-0 text-[13.5px] text-sea underline">{m.code}</span>
              <span className="min-w-0 truncate text-soft">{m.words}</span>
            </Link>
          </li>
        ))}
      </ul>
      {stack.count > stack.members.length && (
        <p className="text-[14px] text-soft">
          The first {stack.members.length} are listed; find others by their code with /.
        </p>
      )}
    </section>
  );
}
