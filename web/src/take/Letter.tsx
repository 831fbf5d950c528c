import { useSearchParams } from "react-router";
import { useFarm } from "../api/queries";
import { Button, Coming, PartHeading, Select, Statement, Teach, Trouble } from "../ui/parts";
import { type FactGroup, useFactGroups } from "./factApi";
import { LetterLearned } from "./LetterLearned";
import { LetterTook } from "./LetterTook";
import { latestFirst } from "./seasons";
import { TakeParts } from "./TakeParts";
import { KindsToPush } from "./TimeToPush";

const total = (group: FactGroup) => group.count.taken + group.count.failed + group.count.waiting;

/** The season's letter: what was made, what took, what was learned, what to do next season. To read, and to print. */
export function Letter() {
  const farm = useFarm();
  const [params, setParams] = useSearchParams();
  const view = useFactGroups("season", "variety");
  if (view.error) return <Trouble problem={view.error} />;
  if (!view.data || !farm.data?.site) return <Coming what="the season’s letter" />;
  const all = view.data.groups.filter((g) => !g.thenKind && g.kind !== "?");
  const labels = latestFirst(
    all.map((g) => g.kind),
    farm.data.site.latitudeDeg,
  );
  const season = labels.find((label) => label === params.get("season")) ?? labels[0];
  const own = all.find((g) => g.kind === season);
  return (
    <div className="mx-auto max-w-[860px] px-[26px] pb-8 max-sm:px-4 print:max-w-none">
      <TakeParts />
      {season === undefined || !own ? (
        <Teach title="The season’s letter is written from grafts">
          As soon as grafts are logged, a letter for each season tells what was made, what took and what was
          learned.
        </Teach>
      ) : (
        <>
          <Statement title={`${farm.data.site.name}: ${season}`}>
            {total(own)} grafts made; {own.count.taken} of {own.count.taken + own.count.failed} decided took
            {own.count.waiting > 0 ? `, ${own.count.waiting} still wait` : ""}.
          </Statement>
          <div className="mb-2 flex flex-wrap items-center gap-2 print:hidden">
            <span className="w-56">
              <Select
                aria-label="Season"
                value={season}
                onChange={(e) => setParams({ season: e.target.value }, { replace: true })}
              >
                {labels.map((label) => (
                  <option key={label} value={label}>
                    {label}
                  </option>
                ))}
              </Select>
            </span>
            <Button onClick={() => window.print()}>Print, or keep as PDF</Button>
          </div>
          <PartHeading>What took, by variety</PartHeading>
          <LetterTook season={season} then="variety" />
          <PartHeading>By technique</PartHeading>
          <LetterTook season={season} then="technique" />
          <KindsToPush of={{ first: "season", kind: season }} />
          <LetterLearned season={season} own={own} />
        </>
      )}
    </div>
  );
}
