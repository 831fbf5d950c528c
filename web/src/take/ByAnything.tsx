import { useSearchParams } from "react-router";
import { partOf, useScope } from "../frame/scope";
import { useCommands } from "../ui/commands";
import { Select } from "../ui/fields";
import { Coming, Statement, Teach, Trouble } from "../ui/parts";
import { FactSheet } from "./FactSheet";
import { type FactGroup, useAspects, useFactGroups } from "./factApi";
import { TakeLine } from "./TakeLine";
import { TakeParts } from "./TakeParts";

const keyOf = (group: FactGroup) => `${group.kind}|${group.thenKind ?? ""}`;

/** Takes by anything that is known of a graft, one thing or two, and one kind against another. */
export function ByAnything() {
  const { scope } = useScope();
  const part = partOf(scope);
  const [params, setParams] = useSearchParams();
  const first = params.get("by") ?? "technique";
  const then = params.get("and") ?? undefined;
  const open = params.get("open") ?? undefined;
  const aspects = useAspects();
  const view = useFactGroups(first, then, part);
  const put = (changed: Record<string, string | undefined>) =>
    setParams(
      (before) => {
        const after = new URLSearchParams(before);
        for (const [name, value] of Object.entries(changed)) {
          if (value) after.set(name, value);
          else after.delete(name);
        }
        return after;
      },
      { replace: true },
    );
  const groups = view.data?.groups ?? [];
  const index = groups.findIndex((g) => keyOf(g) === open);
  const move = (to: number) => groups[to] && put({ open: keyOf(groups[to]) });
  useCommands([
    { key: "ArrowDown", words: "next group", run: () => move(index + 1) },
    { key: "ArrowUp", words: "last group", run: () => move(Math.max(0, index - 1)) },
  ]);
  if (view.error) return <Trouble page problem={view.error} />;
  if (!view.data || !aspects.data) return <Coming what="the takes" />;
  const group = groups[index];
  const { all } = view.data;
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] pb-5 max-sm:px-4">
        <TakeParts />
        <Statement
          title={`Takes by ${view.data.first.words}${view.data.then ? `, then ${view.data.then.words}` : ""}`}
        >
          {all.taken} of {all.taken + all.failed} decided grafts took. What was known when they were made, and
          the weather after; kinds with few grafts lean on the others.
        </Statement>
        <div className="mb-2 flex flex-wrap items-center gap-2 text-[15px]">
          <span className="text-soft">By</span>
          <span className="w-56">
            <Select
              aria-label="By"
              value={first}
              onChange={(e) =>
                put({ by: e.target.value, open: undefined, and: then === e.target.value ? undefined : then })
              }
            >
              {aspects.data.map((a) => (
                <option key={a.key} value={a.key}>
                  {a.words}
                </option>
              ))}
            </Select>
          </span>
          <span className="text-soft">and then</span>
          <span className="w-56">
            <Select
              aria-label="and then"
              value={then ?? ""}
              onChange={(e) => put({ and: e.target.value, open: undefined })}
            >
              <option value="">nothing more</option>
              {aspects.data
                .filter((a) => a.key !== first)
                .map((a) => (
                  <option key={a.key} value={a.key}>
                    {a.words}
                  </option>
                ))}
            </Select>
          </span>
          <span className="ml-auto flex gap-3">
            <a className="text-sea underline" href="/api/takes/facts.csv">
              All facts, CSV
            </a>
            <a className="text-sea underline" href="/api/takes/facts-columns.csv">
              What its columns mean
            </a>
          </span>
        </div>
        {groups.length === 0 ? (
          <Teach title="Every graft counts once here">
            As soon as grafts are logged, they can be told apart by anything that was written down of them.
          </Teach>
        ) : (
          <ol aria-label="Groups">
            {groups.map((g) => (
              <TakeLine
                key={keyOf(g)}
                group={g}
                depth={g.thenKind ? 3 : 1}
                open={open === keyOf(g)}
                onOpen={() => put({ open: keyOf(g) })}
              />
            ))}
          </ol>
        )}
      </section>
      {group && (
        <FactSheet
          key={`${first} ${then} ${open}`}
          aspect={first}
          then={then}
          part={part}
          group={group}
          others={groups.filter((g) => !g.thenKind)}
          onClose={() => put({ open: undefined })}
        />
      )}
    </div>
  );
}
