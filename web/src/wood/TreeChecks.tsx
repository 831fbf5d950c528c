import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import api, { told } from "../api/client";
import { dayWords } from "../days";
import { GradeMark } from "../drawings/GradeMark";
import { PartHeading } from "../ui/parts";
import { useSources } from "./woodApi";

/** Sticks looked at while still on their trees: which are ready, which want waiting for. */
export function TreeChecks() {
  const sources = useSources();
  const checks = useQuery({
    queryKey: ["tree-checks"],
    queryFn: () => told(api.GET("/api/stick-checks")),
  });
  if (!checks.data || checks.data.length === 0) return null;
  return (
    <>
      <PartHeading>Looked at on the tree</PartHeading>
      <ul className="text-[15px]">
        {checks.data.slice(0, 12).map((check) => {
          const plant = sources.data?.find((s) => s.plantId === check.plantId);
          return (
            <li key={check.id} className="grid grid-cols-[76px_1fr] gap-x-3 border-line border-t py-1.5">
              <GradeMark grade={check.grade.grade} />
              <span>
                <Link className="code text-[14px] text-sea underline" to={`/wood/check?plant=${plant?.name}`}>
                  {plant?.name}
                </Link>{" "}
                {plant?.varietyName}, {dayWords(check.onDay)}
                {check.grade.actions.length > 0 ? `: ${check.grade.actions.join("; ")}` : ""}
                {check.grade.readyFrom && check.grade.readyTo && (
                  <span className="text-soft">
                    , ready {dayWords(check.grade.readyFrom).slice(4)} to{" "}
                    {dayWords(check.grade.readyTo).slice(4)}
                  </span>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </>
  );
}
