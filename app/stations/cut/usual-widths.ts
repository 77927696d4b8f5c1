/** What a shop has where nothing was said. Millimetres; common practice, no source. */
export const USUAL_WIDTH_MM = 1400;
export const USUAL_INTERFACING_MM = 900;
