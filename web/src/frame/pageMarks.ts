import { dayAndYear, dayWords } from "../days";

const quoted = (text: string) => `"${text.replace(/["\\\n]/g, " ")}"`;

const sheet = new CSSStyleSheet();

/** Lets every printed page carry the farm, the day and its number. */
export function markPages(farm: string, today: string) {
  const head = quoted(`${farm} · ${dayWords(today).slice(0, 3)} ${dayAndYear(today)}`);
  sheet.replaceSync(
    `@page { margin: 16mm 14mm; @top-left { content: ${head}; font: 10pt sans-serif } @top-right { content: "page " counter(page) " of " counter(pages); font: 10pt sans-serif } }`,
  );
  if (!document.adoptedStyleSheets.includes(sheet))
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
}
