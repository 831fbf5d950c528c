import { NavLink, useLocation } from "react-router";
import { FitBench } from "./FitBench";
import { Limbs } from "./Limbs";
import { Pairing } from "./Pairing";
import { Prepared } from "./Prepared";

const TABS = [
  { key: "", name: "One graft" },
  { key: "pairing", name: "Pair a batch" },
  { key: "prepared", name: "Prepared" },
  { key: "limbs", name: "Old trees" },
];

/** Which technique, which stick on which stem, where to cut. */
export function Fit() {
  const tab = useLocation().pathname.split("/")[2] ?? "";
  return (
    <div className="flex min-h-full flex-col">
      <nav
        aria-label="Parts of Fit"
        className="flex gap-1 border-line border-b px-[22px] print:hidden max-sm:overflow-x-auto max-sm:px-2"
      >
        {TABS.map((t) => (
          <NavLink
            key={t.key}
            end={t.key === ""}
            to={t.key ? `/fit/${t.key}` : "/fit"}
            className={({ isActive }) =>
              `min-h-9 shrink-0 px-2 pt-2 text-[15px] max-sm:min-h-11 ${isActive || (t.key && tab === t.key) ? "font-semibold shadow-[inset_0_-3px_0_var(--sea)]" : "text-soft hover:text-ink"}`
            }
          >
            {t.name}
          </NavLink>
        ))}
      </nav>
      {tab === "pairing" ? (
        <Pairing />
      ) : tab === "prepared" ? (
        <Prepared />
      ) : tab === "limbs" ? (
        <Limbs />
      ) : (
        <FitBench />
      )}
    </div>
  );
}
