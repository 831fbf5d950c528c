import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import api, { told } from "../api/client";
import { DaysAhead } from "../day/DaysAhead";
import { useScope } from "../frame/scope";
import { Beside } from "../ui/Beside";
import { PartHeading } from "../ui/parts";

/** What lies ahead and what was logged, beside the bench. */
export function BenchLog() {
  const { scope } = useScope();
  const list = useQuery({
    queryKey: ["log", scope],
    queryFn: () => told(api.GET("/api/grafts", { params: { query: { from: scope.from, to: scope.to } } })),
  });
  if (!list.data) return null;
  return (
    <Beside width="w-[340px]">
      <DaysAhead />
      <h2 className="font-semibold text-[14px] text-soft">
        The log · {list.data.total} {list.data.total === 1 ? "graft" : "grafts"}
        {scope.from ? " in the span" : ""}
      </h2>
      {list.data.total === 0 && <p className="mt-2 text-soft">What you log stands here, newest first.</p>}
      <ol className="mt-1">
        {list.data.grafts.slice(0, 40).map((graft) => (
          <li key={graft.id}>
            <Link
              to={`/graft/${graft.code}`}
              className="flex gap-3 border-line border-t py-1 text-[14.5px] hover:bg-ground"
            >
              <span className="code w-24 shrink-0 text-[13.5px]">{graft.code}</span>
              <span className="min-w-0 flex-1 truncate">{graft.varietyName}</span>
              <span className="text-soft">{graft.plantCode}</span>
            </Link>
          </li>
        ))}
      </ol>
      <PartHeading>Take it with you</PartHeading>
      <a className="text-sea underline" href="/api/exchange/grafts.csv">
        The whole log as CSV
      </a>
    </Beside>
  );
}
