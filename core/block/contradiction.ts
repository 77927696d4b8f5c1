import type { LengthRange } from "./neckline-curve";
import type { ReadingPath } from "./readings";

/** One reading changed alone, by which the contradiction would be gone. */
export type WayOut = { readonly path: ReadingPath; readonly from: number; readonly to: number };

/** Readings that no curve can honour together: which, by how much, and every single reading whose change resolves it. */
export type Contradiction = {
  readonly about:
    | "armhole.front"
    | "armhole.back"
    | "neckline.front"
    | "neckline.back"
    | "neckline"
    | "shoulder"
    | "crossing";
  /** The readings concerned, the one that is out of range first. */
  readonly readings: readonly { readonly path: ReadingPath; readonly value: number }[];
  /** What the first of them may be while the others stand. */
  readonly range: LengthRange;
  /** Smallest change first. */
  readonly ways: readonly WayOut[];
};

/** Ways out are given to this step, on the possible side, so that taking one resolves the matter. */
const STEP_MM = 0.1;

export function wayDown(path: ReadingPath, from: number, bound: number): WayOut {
  return { path, from, to: Math.floor(bound / STEP_MM - 1e-6) * STEP_MM };
}

export function wayUp(path: ReadingPath, from: number, bound: number): WayOut {
  return { path, from, to: Math.ceil(bound / STEP_MM + 1e-6) * STEP_MM };
}

export function smallestFirst(ways: readonly (WayOut | null)[]): readonly WayOut[] {
  return ways
    .filter((way): way is WayOut => way !== null && Number.isFinite(way.to) && way.to > 0)
    .sort((a, b) => Math.abs(a.to - a.from) - Math.abs(b.to - b.from));
}
