import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { dayAndYear } from "../days";
import { LineageGlyph } from "../drawings/LineageGlyph";
import { PartHeading } from "../ui/parts";

type Held = Schemas["lineage.HeldView"];

const GROUPS: { why: Held["why"]; title: string; says: string }[] = [
  { why: "TESTED", title: "Tested", says: "Isolate it first." },
  {
    why: "DESCENDS",
    title: "Descends from it",
    says: "Cut from it since its last clear test, or grafted with such wood.",
  },
  {
    why: "EXPOSED",
    title: "Exposed",
    says: "Stands on the same plant, or was cut with a blade not cleaned after suspect wood, or was taken from such since.",
  },
];

const WIDTHS = ["15%", "31%", "13%", "17%", "16.5%", "7.5%"];

function through(held: Held): string {
  if (held.why === "TESTED") return "";
  return held.blade ? `blade, after ${held.byCode}` : `from ${held.byCode}`;
}

/** What a recall holds, by reason; made for the screen and for paper. */
export function HeldList({ held, onRelease }: { held: Held[]; onRelease?: (key: string) => void }) {
  return (
    <>
      {GROUPS.map((group) => {
        const own = held.filter((h) => h.why === group.why);
        if (own.length === 0) return null;
        return (
          <section key={group.why} aria-label={group.title}>
            <PartHeading>
              {group.title} · {own.length}
            </PartHeading>
            <p className="mb-1 text-[14.5px] text-soft">{group.says}</p>
            <table className="w-full table-fixed text-[15px]">
              <colgroup>
                {WIDTHS.map((width) => (
                  <col key={width} style={{ width }} />
                ))}
              </colgroup>
              <caption className="sr-only">{group.title}</caption>
              <tbody>
                {own.map((h) => (
                  <tr
                    key={h.member.key}
                    className={`border-line border-t align-top ${h.releasedOn ? "text-soft line-through" : ""}`}
                  >
                    <th scope="row" className="py-1 text-left font-normal">
                      <span className="flex items-center gap-1.5">
                        <LineageGlyph kind={h.member.kind} />
                        <Link className="code text-[14px] text-sea underline" to={`/lineage/${h.member.key}`}>
                          {h.member.code}
                        </Link>
                      </span>
                    </th>
                    <td className="py-1 pr-3">{h.member.words}</td>
                    <td className="py-1 pr-3 text-soft">{h.member.where}</td>
                    <td className="py-1 pr-3 text-soft">{through(h)}</td>
                    <td className="py-1 text-right text-soft">
                      {h.releasedOn
                        ? `released ${dayAndYear(h.releasedOn)}`
                        : h.since
                          ? `since ${dayAndYear(h.since)}`
                          : ""}
                    </td>
                    {onRelease && (
                      <td className="py-1 pl-3 text-right print:hidden">
                        {!h.releasedOn && (
                          <button
                            type="button"
                            className="text-sea underline"
                            aria-label={`Release ${h.member.code}`}
                            onClick={() => onRelease(h.member.key)}
                          >
                            release
                          </button>
                        )}
                      </td>
                    )}
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        );
      })}
    </>
  );
}

/** "1 plant, 2 lots, 5 grafts; 3 of them exposed only". */
export function countWords(view: Schemas["lineage.RecallView"]): string {
  const of = (n: number, what: string) => (n === 0 ? "" : `${n} ${what}${n === 1 ? "" : "s"}`);
  const all = [of(view.plants, "plant"), of(view.lots, "lot"), of(view.grafts, "graft")].filter(Boolean);
  return `${all.join(", ")}${view.exposed > 0 ? `; ${view.exposed} of them exposed only` : ""}`;
}
