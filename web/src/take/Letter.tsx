import { useSearchParams } from "react-router";
import { useFarm } from "../api/queries";
import { Select } from "../ui/fields";
import { Button, Coming, PartHeading, Statement, Teach, Trouble } from "../ui/parts";
import { type FactGroup, useFactGroups } from "./factApi";
import { LetterLearned } from "./LetterLearned";
import { LetterTook } from "./LetterTook";
import { TakeParts } from "./TakeParts";
import { KindsToPush } from "./TimeToPush";

const total = (group: FactGroup) => group.count.taken + group.count.failed + group.count.waiting;

/** The season's letter: what was made, what took, what was learned, what to do next season. To read, and to print. */
export function Letter() {
  const farm = useFarm();
  const [params, setParams] = useSearchParams();
  const view = useFactGroups("season", "variety");
  if (view.error) return <Trouble page problem={view.error} />;
  if (!view.data || !farm.data?.site) return <Coming what="the season’s letter" />;
  const all = view.data.groups.filter((g) => !g.thenKind && g.kind !== "?");
  // The latest season stands first.
  const own = all.find((g) => g.kind === params.get("season")) ?? all[0];
  return (
    <div className="mx-auto max-w-[860px] px-[26px] pb-8 max-sm:px-4 print:max-w-none">
      <TakeParts />
      {!own ? (
        <Teach title="The season’s letter is written from grafts">
          As soon as grafts are logged, a letter for each season tells what was made, what took and what was
          learned.
        </Teach>
      ) : (
        <>
          <Statement title={`${farm.data.site.name}: ${own.label}`}>
            {total(own)} grafts made; {own.count.taken} of {own.count.taken + own.count.failed} decided took
            {own.count.waiting > 0 ? `, ${own.count.waiting} still wait` : ""}.
          </Statement>
          <div className="mb-2 flex flex-wrap items-center gap-2 print:hidden">
            <span className="w-56">
              <Select
                aria-label="Season"
                value={own.kind}
                onChange={(e) => setParams({ season: e.target.value }, { replace: true })}
              >
                {all.map((g) => (
                  <option key={g.kind} value={g.kind}>
                    {g.label}
                  </option>
                ))}
              </Select>
            </span>
            <Button onClick={() => window.print()}>Print, or keep as PDF</Button>
          </div>
          <PartHeading>What took, by variety</PartHeading>
          <LetterTook season={own.kind} then="variety" />
          <PartHeading>By technique</PartHeading>
          <LetterTook season={own.kind} then="technique" />
          <KindsToPush of={{ first: "season", kind: own.kind }} />
          <LetterLearned own={own} />
        </>
      )}
    </div>
  );
}
