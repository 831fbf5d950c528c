import { useEffect, useRef, useState } from "react";
import api, { ProblemError, type Schemas, told } from "../api/client";

const ASK_EVERY_MS = 150;

/** Solves a batch at the farm, telling how far it is; a change asks anew and stops the one before. */
export function usePairing(entry: Schemas["fit.PairEntry"] | undefined) {
  const [result, setResult] = useState<Schemas["fit.PairedView"]>();
  const [work, setWork] = useState<Schemas["fit.PairWork"]>();
  const [problem, setProblem] = useState<string>();
  const turn = useRef(0);
  const text = entry ? JSON.stringify(entry) : "";
  useEffect(() => {
    const mine = ++turn.current;
    if (text === "") {
      setResult(undefined);
      setWork(undefined);
      return;
    }
    let id: number | undefined;
    const solve = async () => {
      try {
        let now = await told(api.POST("/api/fit/pairings", { body: JSON.parse(text) }));
        id = now.id;
        while (!now.finished && mine === turn.current) {
          setWork(now);
          await new Promise((wake) => setTimeout(wake, ASK_EVERY_MS));
          now = await told(api.GET("/api/fit/pairings/{id}", { params: { path: { id: now.id } } }));
        }
        if (mine !== turn.current) return;
        setWork(undefined);
        setProblem(now.problem);
        if (now.result) setResult(now.result);
      } catch (e) {
        if (mine !== turn.current) return;
        setWork(undefined);
        setProblem(e instanceof ProblemError ? e.message : String(e));
      }
    };
    const later = setTimeout(solve, ASK_EVERY_MS);
    return () => {
      clearTimeout(later);
      if (id !== undefined) stop(id);
    };
  }, [text]);
  const cancel = () => {
    turn.current++;
    if (work) stop(work.id);
    setWork(undefined);
  };
  return { result, work, problem, cancel };
}

const stop = (id: number) =>
  api.DELETE("/api/fit/pairings/{id}", { params: { path: { id } } }).catch(() => undefined);
