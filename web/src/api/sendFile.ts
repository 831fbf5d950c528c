import { ask, headings, heard, told } from "./client";

/** Sends a file as it is. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  const request = new Request(path, {
    method: "POST",
    headers: { "Content-Type": "application/octet-stream", ...headings("POST") },
    body: file,
  });
  const sending = ask(request).then(async (response) => {
    heard(response);
    const body = await response.json().catch(() => ({}));
    return response.ok ? { data: body as T, response } : { error: body, response };
  });
  return told<T>(sending);
}
