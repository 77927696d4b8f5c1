/** The armhole is set in at its middle: 1/2 in at the back, 3/4 in at the front, which is hollower as arms move forward (common practice, no source). */
export const ARMHOLE_INSET_MM = { back: 12.7, front: 19.05 } as const;
