/** How the cloth is laid on the table: folded along its length, selvedge to selvedge, or open in one layer. */
export type ClothFold = "folded" | "open";
/** Whether body and sleeves are cut of a lining too. */
export type Lining = "none" | "whole";
/** Whether all tops have to point the same way. */
export type Nap = "either-way" | "one-way";
/** As it is drawn, upside down, seen from its other side, or both. */
export type LayWay = "as-drawn" | "turned" | "flipped" | "turned-flipped";

/** The widths that outer cloth and lining, and interfacing, are usually sold in (common practice, no source). Millimetres. */
export const USUAL_WIDTH_MM = 1400;
export const USUAL_INTERFACING_MM = 900;
