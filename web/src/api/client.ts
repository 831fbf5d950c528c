import createClient from "openapi-fetch";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

const api = createClient<paths>({ baseUrl: "" });

/** What the server says when it cannot do something. */
export interface Problem {
  detail: string;
  fields: { field: string; sentence: string; valid: string }[];
}

export class ProblemError extends Error {
  readonly fields: Problem["fields"];
  readonly status: number;

  constructor(problem: Partial<Problem>, status: number) {
    super(problem.detail ?? "The farm did not answer. Is the application still running?");
    this.fields = problem.fields ?? [];
    this.status = status;
  }
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or a problem told in a sentence. */
export async function told<T>(answer: Promise<Answer<T>>): Promise<T> {
  let settled: Answer<T>;
  try {
    settled = await answer;
  } catch {
    throw new ProblemError({}, 0);
  }
  if (!settled.response.ok) {
    throw new ProblemError((settled.error ?? {}) as Partial<Problem>, settled.response.status);
  }
  return settled.data as T;
}

/** Sends a file as it is. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  const sending = fetch(path, {
    method: "POST",
    headers: { "Content-Type": "application/octet-stream" },
    body: file,
  }).then(async (response) => {
    const body = await response.json().catch(() => ({}));
    return response.ok ? { data: body as T, response } : { error: body, response };
  });
  return told<T>(sending);
}

export default api;
