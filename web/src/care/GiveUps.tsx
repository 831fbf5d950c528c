import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import api, { told } from "../api/client";
import { chanceWords } from "./Hope";

const MOST_NAMED = 12;

/** Silent grafts for which waiting stopped paying: their stocks could be grafted again. */
export function GiveUps() {
  const waiting = useQuery({
    meta: { what: "for which waiting stopped paying" },
    queryKey: ["give-ups"],
    queryFn: () => told(api.GET("/api/waiting")),
  });
  const grafts = waiting.data?.grafts ?? [];
  if (grafts.length === 0) return null;
  return (
    <p className="mt-1 text-[15px] max-sm:px-4 print:hidden">
      Waiting stopped paying for{" "}
      {grafts.slice(0, MOST_NAMED).map((hope, i) => (
        <span key={hope.code}>
          {i > 0 && ", "}
          <Link
            className="code text-[14px] text-sea underline"
            to={`/graft/${hope.code}`}
            title={`${chanceWords(hope.chance)} still take`}
          >
            {hope.code}
          </Link>
        </span>
      ))}
      {grafts.length > MOST_NAMED && ` and ${grafts.length - MOST_NAMED} more`}:{" "}
      {grafts.length === 1 ? "its stock" : "their stocks"} could be grafted again.
    </p>
  );
}
