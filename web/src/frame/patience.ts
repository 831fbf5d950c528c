import { missed } from "../ui/fetched";
import { say } from "../ui/messages";

const SAID_AGAIN = 5;
const openAnew = { words: "Open anew", run: () => location.reload() };

/** Says that this page is of an older version than the farm. */
export const isOlder = () => say("The farm runs a newer version.", { action: openAnew });

// Who waits for a part is told why, now and then. A farm that answers and again does not have it has another in its place.
missed.tell = async (times) => {
  const answers = await fetch("/", { method: "HEAD" }).then(Boolean, () => false);
  if (answers && times % SAID_AGAIN === 2) isOlder();
  if (!answers && times % SAID_AGAIN === 1)
    say("The farm does not answer. What was asked for comes once it does.", { trouble: true });
};
