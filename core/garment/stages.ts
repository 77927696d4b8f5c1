/** How far a garment has come, in the order of the work. */
export const STAGES = ["measured", "drafted", "cut", "sewn", "fitted", "done"] as const;
export type Stage = (typeof STAGES)[number];
