/** How a part is had that could not be fetched: told once the first screen stands (see patience). */
export const patience = {
  again: <Part>(_load: () => Promise<Part>, why: unknown): Promise<Part> => Promise.reject(why),
};

/** Fetches a part of the application. */
export const fetched = <Part>(load: () => Promise<Part>) => load().catch((why) => patience.again(load, why));
