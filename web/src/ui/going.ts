import type { Command } from "./commands";

/** These keys all go one way of the farm. */
export const going = (does: string, keys: Command[]): Command[] => keys.map((key) => ({ ...key, does }));
