const AGAIN_MS = 2_000;

/** What is done each time a part could not be had; nothing until the first screen stands (see patience). */
export const missed = { tell: (_times: number): unknown => undefined };

/** Fetches a part of the application; where it cannot be had now, again until it can, so that nothing that stands falls. */
export async function fetched<Part>(load: () => Promise<Part>): Promise<Part> {
  for (let times = 1; ; times++) {
    try {
      return await load();
    } catch {
      missed.tell(times);
      await new Promise((on) => setTimeout(on, AGAIN_MS));
    }
  }
}
