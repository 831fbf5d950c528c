import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { dayWords } from "../days";
import { Teach } from "../ui/parts";

type Stop = Schemas["care.Stop"];

/** What comes when nothing is due. */
export function Soon({ soon }: { soon: Stop[] }) {
  if (soon.length === 0) {
    return (
      <div className="max-sm:px-4">
        <Teach title="Nothing is due here">
          Rounds lists every graft that wants a look, in the order you walk. Log grafts at the{" "}
          <Link to="/bench" className="text-sea underline">
            bench
          </Link>{" "}
          and their visits come by themselves.
        </Teach>
      </div>
    );
  }
  return (
    <section className="max-sm:px-4">
      <h2 className="mt-3 mb-1 font-semibold text-[14px] text-soft">Coming up within a week</h2>
      {soon.map((stop) => (
        <Link
          key={stop.graft.id}
          to={`/graft/${stop.graft.code}`}
          className="flex items-center gap-3 border-line border-t py-1.5 hover:bg-surface"
        >
          <span className="code w-[100px] text-[14.5px]">{stop.graft.code}</span>
          <span className="min-w-0 flex-1 truncate">
            {stop.graft.varietyName}: {stop.tasks[0]?.name}
          </span>
          <span className="text-[14px] text-soft">{stop.tasks[0] && dayWords(stop.tasks[0].earliest)}</span>
        </Link>
      ))}
    </section>
  );
}
