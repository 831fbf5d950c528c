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
  // Several lines of one box can be at fault.
  const errorOf = (field: string) =>
    problem?.fields
      .filter((f) => f.field === field)
      .map((f) => f.sentence)
      .join(" ") || undefined;
  return { send, problem, busy, errorOf };
}
