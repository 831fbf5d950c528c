import { TRADE_WORDS } from "./tradeWords";

const MEANING = new Map(
  TRADE_WORDS.flatMap(([says, ...forms]) => forms.map((form) => [form.toLowerCase(), says] as const)),
);
const FORMS = [...MEANING.keys()].sort((a, b) => b.length - a.length);
const WORD = new RegExp(`(?<![\\p{L}-])(?:${FORMS.join("|")})(?![\\p{L}-])`, "giu");
const ITS_OWN =
  "a, button, input, select, textarea, label, summary, svg, [role=button], [role=tab], [role=dialog]";

export interface Touched {
  word: string;
  says: string;
  x: number;
  y: number;
}

function caretAt(x: number, y: number): { node: Node; offset: number } | undefined {
  const caret = document.caretPositionFromPoint?.(x, y);
  if (caret) return { node: caret.offsetNode, offset: caret.offset };
  const range = document.caretRangeFromPoint?.(x, y);
  return range ? { node: range.startContainer, offset: range.startOffset } : undefined;
}

/** The trade word under a touch, where the touch does nothing else. */
export function touched(event: MouseEvent): Touched | undefined {
  if (!(event.target instanceof Element) || event.target.closest(ITS_OWN)) return undefined;
  const caret = caretAt(event.clientX, event.clientY);
  if (caret?.node.nodeType !== Node.TEXT_NODE) return undefined;
  for (const found of (caret.node.textContent ?? "").matchAll(WORD)) {
    const says = MEANING.get(found[0].toLowerCase());
    const on = caret.offset >= found.index && caret.offset <= found.index + found[0].length;
    if (on && says) return { word: found[0], says, x: event.clientX, y: event.clientY };
  }
  return undefined;
}

/** The first place of each trade word that stands on the work table, where a touch would explain it. */
function places(): Map<string, Range> {
  const table = document.getElementById("table");
  const first = new Map<string, Range>();
  if (!table) return first;
  const texts = document.createTreeWalker(table, NodeFilter.SHOW_TEXT);
  for (let text = texts.nextNode(); text; text = texts.nextNode()) {
    if (text.parentElement?.closest(`${ITS_OWN}, .sr-only`)) continue;
    for (const found of (text.textContent ?? "").matchAll(WORD)) {
      const says = MEANING.get(found[0].toLowerCase()) ?? "";
      if (first.has(says)) continue;
      const range = document.createRange();
      range.setStart(text, found.index);
      range.setEnd(text, found.index + found[0].length);
      first.set(says, range);
    }
  }
  return first;
}

/** Trade words on the screen as they stand, each with what it means. */
export const wordsHere = (): [word: string, says: string][] =>
  [...places()].map(([says, range]) => [range.toString(), says]);

/** Marks the first of each; where the browser cannot mark without changing the page, nothing is marked. */
export function markWords() {
  if (!("highlights" in CSS)) return;
  CSS.highlights.set("trade", new Highlight(...places().values()));
}
