import { useState } from "react";
import { ProblemError } from "../api/client";

/** Sends something and keeps the problem for the form to show. */
export function useSend() {
  const [problem, setProblem] = useState<ProblemError>();
  const [busy, setBusy] = useState(false);
  const send = async <T>(work: () => Promise<T>): Promise<T | undefined> => {
    setBusy(true);
    setProblem(undefined);
    try {
      return await work();
    } catch (e) {
      setProblem(e instanceof ProblemError ? e : new ProblemError({ detail: String(e) }, 0));
      return undefined;
    } finally {
      setBusy(false);
    }
  };
  const errorOf = (field: string) => problem?.fields.find((f) => f.field === field)?.sentence;
  return { send, problem, busy, errorOf };
}
