import { useEffect, useRef, useState, useSyncExternalStore } from "react";
import { unitWords, whenChosen } from "../units";
import { useCountBehind } from "./behind";
import { ProblemError } from "./client";

/**
 * Asks about something that keeps changing, such as a stick being dragged. One question is under way at a time and the
 * newest is asked next, so that questions never queue up and an answer never overtakes a later one. What is refused leaves
 * the last good answer standing; with nothing to ask about there is none. An answer that is behind is of an earlier question.
 */
export function useLatest<Q, A>(question: Q | undefined, ask: (question: Q) => Promise<A>) {
  const [answer, setAnswer] = useState<A>();
  const [answered, setAnswered] = useState<string>();
  const [problem, setProblem] = useState<ProblemError>();
  const wanted = useRef<string>(undefined);
  const busy = useRef(false);
  // The answer's sentences are in the units of the device: the same question in other units is another.
  const units = useSyncExternalStore(whenChosen, unitWords);
  const text = question === undefined ? undefined : JSON.stringify({ units, question });
  useEffect(() => {
    wanted.current = text;
    if (text === undefined) {
      setAnswer(undefined);
      setProblem(undefined);
      return;
    }
    const work = async () => {
      if (busy.current) return;
      busy.current = true;
      let asked: string | undefined;
      while (wanted.current !== undefined && asked !== wanted.current) {
        asked = wanted.current;
        try {
          const told = await ask(JSON.parse(asked).question as Q);
          if (wanted.current !== undefined) setAnswer(told);
          setAnswered(asked);
          setProblem(undefined);
        } catch (e) {
          if (wanted.current !== undefined)
            setProblem(e instanceof ProblemError ? e : new ProblemError({ detail: String(e) }, 0));
        }
      }
      busy.current = false;
    };
    work();
  }, [text, ask]);
  const behind = answer !== undefined && answered !== text;
  useCountBehind(behind && !problem);
  return { answer, problem, behind };
}
