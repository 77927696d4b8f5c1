/** Which lines are drawn of a piece. */
export const LINES_SHOWN = ["both", "cutting", "stitching"] as const;
export type LinesShown = (typeof LINES_SHOWN)[number];
