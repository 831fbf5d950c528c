import { useEffect, useRef } from "react";
import { watched } from "./watched";

/** Something a key does: the same entry answers the key and stands in the help. */
export interface Command {
  /** As the browser names it, letters small: "g", "ArrowDown", " ", "Ctrl Enter". Several are alternatives. */
  key: string | string[];
  words: string;
  run: (event: KeyboardEvent) => void;
  /** Which way of the farm it goes, as its button says: where that way is closed it is no key. */
  does?: string;
}

type Holder = { current: Command[] };

const holders: Holder[] = [];
const { tell, useNow } = watched();
let version = 0;

let closed: string[] = [];

/** From now on these ways are closed to whoever sits here. */
export function closeWays(ways: string[]) {
  closed = ways;
  told();
}

const isOpen = ({ does }: Command) => !does || !closed.includes(does);

const keysOf = (command: Command) => (Array.isArray(command.key) ? command.key : [command.key]);

function told() {
  version++;
  tell();
}

const WRITTEN = new Set(["checkbox", "radio", "button", "submit", "range", "file", "color"]);

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target.tagName === "TEXTAREA" ||
    (target.getAttribute("role") === "combobox" && target.getAttribute("aria-expanded") === "true") ||
    (target instanceof HTMLInputElement && !WRITTEN.has(target.type)));

// Enter and Space do what a link or button that has the focus says.
const saysItself = (event: KeyboardEvent) =>
  (event.key === "Enter" || event.key === " ") &&
  event.target instanceof Element &&
  event.target.closest("a,button,summary,input,[role=button],[role=tab],[role=checkbox],[tabindex='0']") !==
    null;

// A sheet listens only once it has been drawn: an Escape that was quicker is said to it again.
function sayAgain(event: KeyboardEvent) {
  if (event.key !== "Escape" || !event.isTrusted) return;
  setTimeout(() => document.dispatchEvent(new KeyboardEvent("keydown", { key: "Escape", cancelable: true })));
}

function onKey(event: KeyboardEvent) {
  if (event.metaKey || event.altKey || event.defaultPrevented) return;
  if (document.querySelector('[role="dialog"][data-state="open"]')) {
    sayAgain(event);
    return;
  }
  if (typing(event.target) && event.key === "Escape") {
    (event.target as HTMLElement).blur();
    event.preventDefault();
    return;
  }
  if (!event.ctrlKey && (typing(event.target) || saysItself(event))) return;
  const plain = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const pressed = event.ctrlKey ? `Ctrl ${plain}` : plain;
  // The screen opened last comes first.
  for (const holder of [...holders].reverse()) {
    const command = holder.current.find((c) => isOpen(c) && keysOf(c).includes(pressed));
    if (command) {
      event.preventDefault();
      command.run(event);
      return;
    }
  }
}

/** Makes keys do something while this part of the screen stands; they rest while something is typed or laid over it. */
export function useCommands(commands: Command[], active = true) {
  const holder = useRef(commands);
  holder.current = commands;
  useEffect(() => {
    if (!active) return;
    if (holders.length === 0) window.addEventListener("keydown", onKey);
    holders.push(holder);
    told();
    return () => {
      holders.splice(holders.indexOf(holder), 1);
      if (holders.length === 0) window.removeEventListener("keydown", onKey);
      told();
    };
  }, [active]);
}

/** Everything a key does on the screen as it stands: its own first, then what works everywhere. */
export function useAllCommands(): Command[] {
  useNow(() => version);
  return [...holders].reverse().flatMap((holder) => holder.current.filter(isOpen));
}

const LOOKS: Record<string, string> = {
  ArrowLeft: "←",
  ArrowRight: "→",
  ArrowUp: "↑",
  ArrowDown: "↓",
  " ": "Space",
  Escape: "Esc",
};

/** The keys of a command as they are printed on the board: "↑ ↓", "Ctrl Enter", "G". */
export const keyWords = (command: Command) =>
  keysOf(command)
    .map((key) => LOOKS[key] ?? (key.length === 1 ? key.toUpperCase() : key))
    .join(" ");
