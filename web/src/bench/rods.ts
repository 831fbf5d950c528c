/** Rods and discs are drawn to one scale. */
export const PX_PER_MM = 3.2;

/** A stick of the lot: its diameter in mm where it was measured; used up in this sitting or not. */
export interface Rod {
  key: number;
  mm?: number;
  used: boolean;
}

/** So many sticks are drawn; of more it is said how many. */
const DRAWN = 6;

/**
 * The sticks of a lot as they lie there: those measured first.
 *
 * @param left sticks left in the lot
 * @param used diameters of sticks used up in this sitting, undefined for those not measured
 */
export function rodsOf(
  diametersMm: number[],
  left: number,
  used: (number | undefined)[],
): { rods: Rod[]; more: number } {
  const spent = [...used];
  const all = left + used.length;
  const rods: Rod[] = [];
  for (let key = 0; key < Math.min(all, DRAWN); key++) {
    const mm = diametersMm[key];
    const at = spent.indexOf(mm);
    if (at >= 0) spent.splice(at, 1);
    rods.push({ key, mm, used: at >= 0 });
  }
  return { rods, more: Math.max(0, all - DRAWN) };
}
