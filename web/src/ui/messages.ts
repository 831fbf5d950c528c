import { watched } from "./watched";

/** A line that tells what was done or could not be done, for a while. */
export interface Message {
  id: number;
  words: string;
  trouble: boolean;
  action?: { words: string; run: () => void };
}

const SHOWN_MS = 5_000;
const TROUBLE_MS = 9_000;
const MOST = 3;

let messages: Message[] = [];
let next = 1;
const { tell, useNow } = watched();

function put(now: Message[]) {
  messages = now;
  tell();
}

/** Takes a message away. */
export const dismiss = (id: number) => put(messages.filter((m) => m.id !== id));

// What says the same and leads to the same is the same.
const sayTheSame = (one: Message, other: Message) =>
  one.words === other.words && one.action?.run === other.action?.run;

/** Shows a message until its time is over; the newest few stay, and what is said again stands once. */
export function say(words: string, more: Partial<Pick<Message, "trouble" | "action">> = {}) {
  const message: Message = { id: next++, words, trouble: more.trouble ?? false, action: more.action };
  put([...messages.filter((m) => !sayTheSame(m, message)), message].slice(-MOST));
  setTimeout(() => dismiss(message.id), message.trouble ? TROUBLE_MS : SHOWN_MS);
}

export const useMessages = () => useNow(() => messages);
