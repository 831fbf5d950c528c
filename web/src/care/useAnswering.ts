import { useState } from "react";
import type { Schemas } from "../api/client";
import { keysOfSign, SIGNS, type Sign } from "../drawings/signs";
import type { Command } from "../ui/commands";
import { readLength, useChoices } from "../units";
import { answer, type More } from "./answer";
import type { Key } from "./keysFor";

type Graft = Schemas["bench.Graft"];

/** As long as what everybody has with them, mm. */
export const AS_LONG_AS = [
  { key: "q", words: "a thumb", mm: 60 },
  { key: "k", words: "a hand", mm: 180 },
  { key: "f", words: "a foot", mm: 300 },
];

interface Waiting {
  question: string;
  grafts: Graft[];
  key: Key;
}

/**
 * Answers with what is told beside: a length, a few words. What does not fit is asked back before it is written; the dead
 * are asked what was found.
 */
export function useAnswering(more: More, onTaken?: () => void) {
  const { length } = useChoices();
  const [size, setSize] = useState("");
  const [note, setNote] = useState("");
  const [waiting, setWaiting] = useState<Waiting>();
  const [dead, setDead] = useState<{ actId: number; codes: string }>();
  const mm = readLength(size, length);
  const unread = size.trim() !== "" && !(mm !== undefined && mm > 0 && mm <= 5000);

  const send = async (grafts: Graft[], key: Key, sure: boolean): Promise<boolean> => {
    if (unread) return false;
    const answered = await answer(grafts, key.sign, {
      ...more,
      note: note.trim() || undefined,
      lengthMm: mm,
      found: key.found,
      sure: sure || undefined,
    });
    if ("refused" in answered) return false;
    if ("asked" in answered) {
      setWaiting({ question: answered.asked, grafts, key });
      return false;
    }
    setWaiting(undefined);
    setSize("");
    setNote("");
    const codes = grafts.length === 1 ? grafts[0].code : `${grafts.length} grafts`;
    setDead(key.sign === "DEAD" && answered.actId ? { actId: answered.actId, codes } : undefined);
    onTaken?.();
    return true;
  };

  return {
    say: (grafts: Graft[], key: Key) => send(grafts, key, false),
    size,
    setSize,
    note,
    setNote,
    unread,
    waiting,
    itIsSo: async () => (waiting ? send(waiting.grafts, waiting.key, true) : false),
    notSo: () => setWaiting(undefined),
    dead,
    told: () => setDead(undefined),
  };
}

/** The keys of an answer, those that are not shown too. */
export const keyCommands = (first: Key[], rare: Key[], say: (key: Key) => void): Command[] =>
  [...first, ...rare].map((key) => {
    const also = key.found || key.key === "=" ? [key.key] : keysOfSign(key.sign as Sign);
    return {
      key: also,
      words: key.found || key.key === "=" ? key.words : SIGNS[key.sign].words,
      run: () => say(key),
      does: "POST /api/looks",
    };
  });

/** While something is asked back, these come before all others. */
export const askedCommands = (answering: ReturnType<typeof useAnswering>): Command[] =>
  answering.waiting
    ? [
        { key: "Enter", words: "it is so", run: answering.itIsSo },
        { key: "Escape", words: "it was a slip", run: answering.notSo },
      ]
    : [];
