import { Link } from "react-router";
import { TakeStrip, takeWords } from "../drawings/TakeStrip";
import { Coming, Trouble } from "../ui/parts";
import { useFactGroups } from "./factApi";

/** A season's grafts by something else; each line opens to its grafts. */
export function LetterTook({ season, then }: { season: string; then: string }) {
  const view = useFactGroups("season", then);
  if (view.error) return <Trouble problem={view.error} />;
  if (!view.data) return <Coming what="what took" />;
  const rows = view.data.groups.filter((g) => g.kind === season && g.thenKind);
  return (
    <ul className="text-[15px]">
      {rows.map((row) => (
        <li key={row.thenKind}>
          <Link
            to={`/takes/by?by=season&and=${then}&open=${encodeURIComponent(`${season}|${row.thenKind}`)}`}
            className="grid grid-cols-[180px_224px_1fr] items-center gap-3 border-line border-t py-0.5 hover:bg-surface max-sm:grid-cols-1 max-sm:gap-0"
          >
            <span className="truncate">{row.label}</span>
            <TakeStrip group={row} width={220} />
            <span>
              {takeWords(row)}
              {row.count.waiting > 0 && <span className="text-soft"> · {row.count.waiting} wait</span>}
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
