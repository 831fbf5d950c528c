import { Dialog } from "radix-ui";
import { NavLink } from "react-router";
import { choose, useChoices } from "../units";
import type { Laid } from "./Frame";
import { PHONE_STATIONS, PLACES } from "./manifest";

const TALL = "flex min-h-12 w-full items-center px-4 text-left text-[17px]";

/** What the bar of the phone has no room for, from below: what one does most first, then the stations in working order. */
export function MoreSheet({ onLay }: { onLay: (laid: Laid) => void }) {
  const { theme } = useChoices();
  const close = () => onLay(undefined);
  const others = PLACES.filter((place) => !PHONE_STATIONS.includes(place));
  return (
    <Dialog.Root open onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <Dialog.Content className="fixed inset-x-0 bottom-0 z-50 max-h-[86vh] overflow-auto rounded-t-lg border-line border-t bg-surface pb-3 shadow-xl">
          <Dialog.Title className="big px-4 pt-4 pb-1 text-xl">More</Dialog.Title>
          <Dialog.Description className="sr-only">
            What else can be done, and the other stations
          </Dialog.Description>
          <button
            data-does="POST /api/looks"
            type="button"
            className={`${TALL} border-line border-b font-semibold text-sea`}
            onClick={() => onLay("saw")}
          >
            I saw something
          </button>
          <button
            type="button"
            className={`${TALL} border-ink border-b-2 font-semibold text-sea`}
            onClick={() => onLay("find")}
          >
            Find a code, a place, a note
          </button>
          <ul>
            {others.map((place) => (
              <li key={place.path} className="border-line border-b">
                <NavLink
                  to={place.path}
                  onClick={close}
                  className={({ isActive }) => `${TALL} ${isActive ? "font-semibold" : ""}`}
                >
                  {place.name}
                </NavLink>
              </li>
            ))}
          </ul>
          <button
            type="button"
            className={`${TALL} border-line border-b`}
            onClick={() => choose({ theme: theme === "day" ? "lamplight" : "day" })}
          >
            {theme === "day" ? "Lamplight for evenings" : "Daylight"}
          </button>
          <button type="button" className={TALL} onClick={() => onLay("keys")}>
            The keys of this station
          </button>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
