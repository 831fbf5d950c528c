/** A share as whole points of a hundred. */
export const percent = (share: number) => Math.round(share * 100);
