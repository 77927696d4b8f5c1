/** A pleat at the crown takes up twice its depth; half an inch deep is usual (common practice, no source). */
const PLEAT_DEPTH_MM = 12.7;

/** How many pleats of the usual depth take up a surplus, and how deep each then is, in millimetres. */
export function pleatsFor(surplus: number): { readonly count: number; readonly depth: number } {
  const count = Math.max(1, Math.round(surplus / (2 * PLEAT_DEPTH_MM)));
  return { count, depth: surplus / (2 * count) };
}
