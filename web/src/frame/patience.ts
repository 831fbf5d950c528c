import { AGAIN_MS, patience } from "../ui/fetched";
import { say } from "../ui/messages";

let waiting = 0;

/** Says that this page is of an older version than the farm. */
export const isOlder = () =>
  say("The farm runs a newer version.", { action: { words: "Open anew", run: () => location.reload() } });

/** Says that the farm does not answer, or is another by now, and asks for the part until it can be had. */
patience.again = async (load) => {
  if (waiting++ === 0)
    say("The farm does not answer. What was asked for comes once it does.", { trouble: true });
  for (let refused = 0; ; ) {
    // A farm that answers and twice does not have it has another in its place.
    if (await fetch("/", { method: "HEAD" }).then(Boolean, () => false)) refused++;
    if (refused === 2) isOlder();
    await new Promise((on) => setTimeout(on, AGAIN_MS));
    try {
      const part = await load();
      waiting--;
      return part;
    } catch {}
  }
};
