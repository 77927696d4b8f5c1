import type { Bounds } from "./field";

/** Refused is only what cannot be a person or a garment: nothing, less than nothing, or more than 3 m. */
export const READING: Bounds = { least: 0.1, most: 3000 };
export const EASE: Bounds = { least: -100, most: 1000 };
export const CHANGE: Bounds = { least: -500, most: 500 };
export const ALLOWANCE: Bounds = { least: 0, most: 300 };
export const SLOPE: Bounds = { least: 0, most: 300 };
export const QUARTER_EASE: Bounds = { least: -60, most: 300 };
export const LOWER_EASE: Bounds = { least: -20, most: 40 };
export const upTo = (most: number): Bounds => ({ least: 0, most });

/** No cloth takes half of its own length again. */
export const EASE_SHARE = { least: 0, most: 0.5 };
/** Nobody alters one block more often; more is a broken file. */
export const MOST_ALTERATIONS = 40;
/** A curve of some thousand segments; far beyond any edge a person draws. */
export const LONGEST_PATH = 60_000;
export const LONGEST_NAME = 200;
