/** How the cloth is laid on the table: folded along its length, selvedge to selvedge, or open in one layer. */
export const CLOTH_FOLDS = ["folded", "open"] as const;
/** Whether body and sleeves are cut of a lining too. */
export const LININGS = ["none", "whole"] as const;
/** Whether all tops have to point the same way. */
export const NAPS = ["either-way", "one-way"] as const;
/** As it is drawn, upside down, seen from its other side, or both. */
export const LAY_WAYS = ["as-drawn", "turned", "flipped", "turned-flipped"] as const;
