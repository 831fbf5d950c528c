/** A part is asked for again so often. */
export const AGAIN_MS = 2_000;

/** What is done where a part cannot be had: it is asked for again, once the first screen stands with a word to whoever waits. */
export const patience = {
  again: <Part>(load: () => Promise<Part>): Promise<Part> =>
    new Promise((on) => setTimeout(on, AGAIN_MS)).then(() => fetched(load)),
};

/** Fetches a part of the application, as soon as it can be had. */
export const fetched = <Part>(load: () => Promise<Part>) => load().catch(() => patience.again(load));
