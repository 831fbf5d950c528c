import { useEffect } from "react";
import { Link, useLocation } from "react-router";
import { headings, keeper, SIGNED_IN } from "../api/client";
import { everyPart } from "../frame/part";
import { isOlder } from "../frame/patience";
import { useBounds } from "../share/bounds";
import { seems } from "../share/seems";
import { fetched } from "../ui/fetched";
import { hourWords } from "../undo";
import { useContact } from "./contact";

// One who stands between this device and the line, so that it opens without one. Where the browser does not trust the farm
// there is none: every page is loaded then, and works as long as this one is open.
function standBy() {
  localStorage.setItem(SIGNED_IN, "yes");
  fetched(keeper).then((kept) => kept.begin(() => headings("GET")));
  const { serviceWorker } = navigator;
  if (!serviceWorker) return everyPart();
  // The first one comes to a page that is of its version; a later one brings a newer farm.
  let newer = serviceWorker.controller !== null;
  serviceWorker.addEventListener("controllerchange", () => {
    if (newer) isOlder();
    newer = true;
  });
  serviceWorker.register("/worker.js").catch(everyPart);
}

let begun = false;

/** Whether there is contact with the farm, and what of what was done here it does not have yet. */
export function Contact() {
  const { lostAt, kept, unfit } = useContact();
  const { pathname } = useLocation();
  useBounds();
  useEffect(() => {
    if (begun) return;
    begun = true;
    standBy();
  }, []);
  if (!lostAt && kept === 0) return null;
  const open = unfit > 0 ? `, ${unfit === kept ? "" : `${unfit} `}to be decided on` : "";
  const words = `kept on this ${seems()} · ${kept}${open}`;
  return (
    <p
      role="status"
      className="flex flex-wrap items-baseline gap-x-4 border-line border-b bg-surface px-[26px] py-1.5 text-[15px] max-sm:px-4 print:hidden"
    >
      {lostAt > 0 && (
        <span>No contact since {hourWords(new Date(lostAt).toISOString())}: this is as it was then.</span>
      )}
      {kept > 0 &&
        (pathname === "/done/kept" ? (
          <b>{words}</b>
        ) : (
          <Link to="/done/kept" className="font-semibold text-sea underline">
            {words}
          </Link>
        ))}
    </p>
  );
}
