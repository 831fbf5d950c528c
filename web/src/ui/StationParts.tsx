import { NavLink } from "react-router";

interface Props {
  station: string;
  parts: { to: string; name: string }[];
  className?: string;
}

/** The parts of a station, one of them shown. */
export const StationParts = ({ station, parts, className = "" }: Props) => (
  <nav
    aria-label={`Parts of ${station}`}
    className={`flex gap-1 print:hidden max-sm:overflow-x-auto ${className}`}
  >
    {parts.map((part) => (
      <NavLink
        key={part.to}
        end
        to={part.to}
        className={({ isActive }) =>
          `min-h-9 shrink-0 px-2 pt-2 text-[15px] max-sm:min-h-11 ${isActive ? "font-semibold shadow-[inset_0_-3px_0_var(--sea)]" : "text-soft hover:text-ink"}`
        }
      >
        {part.name}
      </NavLink>
    ))}
  </nav>
);
