import { allChanged, factsChanged, keptChanged, whoChanged } from "../api/cache";
import { changedSince, page, step } from "../api/client";
import "./patience";

const FEED = "/api/changes";
const ONE_LISTENS = "bay-lantern-listens";
const AGAIN_MS = 10_000;

/** The newest change there is, and, where one is told, which request changed what. */
interface News {
  mark: string;
  changed?: string;
}

const others = new BroadcastChannel(FEED);
let known = step.mark;
let behind = 0;
let listening = false;

/** Marks count on: "4f1c-12" follows "4f1c-11". */
function follows(mark: string, before: string) {
  const cut = mark.lastIndexOf("-");
  return before === mark.slice(0, cut + 1) + (Number(mark.slice(cut + 1)) - 1);
}

function take({ mark, changed }: News) {
  if (mark === known) return;
  const before = known || step.mark;
  known = mark;
  if (before !== "" && !(changed && follows(mark, before))) {
    catchUp(before);
    return;
  }
  if (changed) heardOf(new Set(changed.split(" ").slice(1)), changed.startsWith(page));
  if (behind === 0) step.mark = mark;
}

// What this page changed itself is told by its own answers, but perhaps later than this.
const heardOf = (changed: ReadonlySet<string>, own: boolean) =>
  own ? keptChanged(changed) : factsChanged(changed);

/** Some changes were missed: the farm is asked which, so that what did not change need not be read anew. */
async function catchUp(before: string) {
  behind++;
  try {
    const { mark, changed } = await changedSince(before);
    if (changed) factsChanged(changed);
    else allChanged();
    step.mark = mark;
  } catch {
    allChanged();
  } finally {
    behind--;
  }
}

function tell(news: News) {
  take(news);
  others.postMessage(news);
}

others.onmessage = ({ data }: MessageEvent<News | "where are we?">) => {
  if (data !== "where are we?") take(data);
  else if (listening) others.postMessage({ mark: known });
};

function listen() {
  listening = true;
  const feed = new EventSource(FEED);
  feed.addEventListener("here", ({ data }) => tell({ mark: data }));
  feed.addEventListener("changed", ({ data, lastEventId }) => tell({ mark: lastEventId, changed: data }));
  let broke = false;
  // The farm lets a line go where somebody may do something else from now on.
  feed.addEventListener("open", () => {
    if (broke) whoChanged();
    broke = false;
  });
  // A line that broke is taken up again by the browser; one that was refused is not.
  feed.addEventListener("error", () => {
    broke = true;
    if (feed.readyState !== EventSource.CLOSED) return;
    whoChanged();
    setTimeout(listen, AGAIN_MS);
  });
}

// Where a page is not served as secure there is no such lock, and each page listens for itself.
if (navigator.locks) navigator.locks.request(ONE_LISTENS, () => new Promise<never>(listen));
else listen();
others.postMessage("where are we?");

/**
 * Keeps this page in step with what others write, from when it is first fetched. One page of a browser listens for all of
 * them, since a browser holds only a few lines open to one place; when that page is closed, another listens.
 */
export const InStep = () => null;
