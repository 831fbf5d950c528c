import { useState } from "react";
import { Link } from "react-router";
import { dayAndYear } from "../days";
import { takeWords } from "../drawings/TakeStrip";
import { Beside } from "../ui/Beside";
import { Field, Select } from "../ui/fields";
import { Coming, Trouble } from "../ui/parts";
import { Against } from "./Against";
import { type FactGroup, UNKNOWN, useMembers } from "./factApi";
import { KindsToPush } from "./TimeToPush";

interface Props {
  aspect: string;
  then?: string;
  part?: string;
  group: FactGroup;
  /** The groups of the first aspect, to set it against. */
  others: FactGroup[];
  onClose: () => void;
}

/** A group: what it is set against, and its grafts. */
export function FactSheet({ aspect, then, part, group, others, onClose }: Props) {
  const [against, setAgainst] = useState("");
  const members = useMembers(aspect, group, then, part);
  const can = !group.thenKind && group.kind !== UNKNOWN;
  const rivals = others.filter((g) => g.kind !== group.kind && g.kind !== UNKNOWN);
  return (
    <Beside width="w-[350px]" shows={group.label} label={`Grafts of ${group.label}`}>
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="big text-xl">{group.label}</h2>
        <button type="button" className="min-h-9 text-sea underline" onClick={onClose}>
          close
        </button>
      </div>
      <p className="text-soft">{takeWords(group)}.</p>
      {can && rivals.length > 0 && (
        <div className="mt-2">
          <Field label="Set it against">
            <Select value={against} onChange={(e) => setAgainst(e.target.value)}>
              <option value="">nothing</option>
              {rivals.map((g) => (
                <option key={g.kind} value={g.kind}>
                  {g.label}
                </option>
              ))}
            </Select>
          </Field>
          {against && <Against aspect={aspect} first={group.kind} second={against} part={part} />}
        </div>
      )}
      <KindsToPush
        of={{ first: aspect, kind: group.kind, then, thenKind: group.thenKind, part }}
        beside={can && against ? { first: aspect, kind: against, part } : undefined}
        name={rivals.find((g) => g.kind === against)?.label}
      />
      <Trouble problem={members.error} />
      {!members.data && !members.error && <Coming what="its grafts" />}
      {members.data && (
        <>
          <p className="mt-3 text-[14px] text-soft">
            {members.data.count} {members.data.count === 1 ? "graft" : "grafts"}
            {members.data.count > members.data.grafts.length
              ? `, the latest ${members.data.grafts.length}`
              : ""}
          </p>
          <ol>
            {members.data.grafts.map((graft) => (
              <li key={graft.code} className="border-line border-t">
                <Link to={`/graft/${graft.code}`} className="flex gap-2 py-1 text-[14.5px] hover:bg-ground">
                  <span className="code w-[86px] shrink-0 text-[13.5px]">{graft.code}</span>
                  <span className="min-w-0 flex-1 truncate text-soft">{dayAndYear(graft.madeOn)}</span>
                  <span>{graft.end.toLowerCase()}</span>
                </Link>
              </li>
            ))}
          </ol>
        </>
      )}
    </Beside>
  );
}
