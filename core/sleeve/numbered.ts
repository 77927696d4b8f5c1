import type { Side } from "../block";

/** Points of a bodice beside a sleeve are numbered, since the plain sleeve has the letters: the front from 1, the back from 11. */
export function numberOf(side: Side, n: number): string {
  return `${side === "front" ? n : 10 + n}`;
}
