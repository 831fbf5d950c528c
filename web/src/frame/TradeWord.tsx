import { useEffect, useState } from "react";
import { markWords, type Touched, touched } from "./touched";

const CALM_MS = 400;
const WIDE_PX = 300;

/** A trade word that is touched is explained where it stands, on every screen. */
export function TradeWord() {
  const [word, setWord] = useState<Touched>();
  useEffect(() => {
    const onClick = (event: MouseEvent) => setWord(touched(event));
    const onKey = (event: KeyboardEvent) => event.key === "Escape" && setWord(undefined);
    document.addEventListener("click", onClick);
    document.addEventListener("keydown", onKey);
    return () => {
      document.removeEventListener("click", onClick);
      document.removeEventListener("keydown", onKey);
    };
  }, []);
  useEffect(() => {
    let timer = window.setTimeout(markWords, CALM_MS);
    const watch = new MutationObserver(() => {
      clearTimeout(timer);
      timer = window.setTimeout(markWords, CALM_MS);
    });
    const table = document.getElementById("table");
    if (table) watch.observe(table, { childList: true, subtree: true, characterData: true });
    return () => {
      clearTimeout(timer);
      watch.disconnect();
    };
  }, []);
  if (!word) return null;
  return (
    <p
      role="status"
      className="fixed z-50 rounded-sm border border-edge bg-surface px-3 py-2 text-[15px] text-ink shadow-xl print:hidden"
      style={{
        width: WIDE_PX,
        left: Math.max(8, Math.min(word.x - 24, window.innerWidth - WIDE_PX - 8)),
        ...(word.y > window.innerHeight / 2
          ? { bottom: window.innerHeight - word.y + 16 }
          : { top: word.y + 16 }),
      }}
    >
      <b>{word.word}</b>: {word.says}
    </p>
  );
}
