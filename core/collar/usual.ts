/** The under collar is so much smaller all along its free edges, so that the seam rolls under (from memory). Millimetres. */
export const UNDER_SMALLER_MM = 2.5;

/** A lapel, turned back, keeps an inch inside the armhole (common practice, no source). */
export const LEAST_CLEARANCE_MM = 25.4;

/** How far below the front neck a lapel's tip lies (common practice, no source). Millimetres. */
export const USUAL_DROP_MM = 12.7;
