import { type Cubic, lineCubic } from "./cubic";
import type { Path } from "./path";
import type { Point } from "./point";

const TOKEN = /([A-Za-z])|([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)|([\s,]+)/y;

/** A curve beyond this has nothing to do with a garment. */
const LARGEST_MM = 10_000;
const MOST_CUBICS = 2000;

/**
 * The path that `svgPathData` writes: absolute M, then L and C, one run, not closed, in millimetres. Null for anything else,
 * for figures that are not finite or larger than 10 m, and for more than 2000 segments.
 */
export function readPathData(data: string): Path | null {
  const words = tokens(data);
  if (words?.[0] !== "M") return null;
  const path: Cubic[] = [];
  let at: Point | null = null;
  let command = "";
  let i = 0;
  const take = (): Point | null => {
    const [x, y] = [words[i], words[i + 1]];
    i += 2;
    return typeof x === "number" && typeof y === "number" ? { x, y } : null;
  };
  while (i < words.length) {
    const word = words[i];
    if (typeof word === "string") {
      command = word;
      i++;
    }
    if (command === "M") {
      if (at) return null;
      at = take();
      command = "L";
      if (!at) return null;
    } else if (command === "L" && at) {
      const to = take();
      if (!to) return null;
      path.push(lineCubic(at, to));
      at = to;
    } else if (command === "C" && at) {
      const [p1, p2, to] = [take(), take(), take()];
      if (!p1 || !p2 || !to) return null;
      path.push([at, p1, p2, to]);
      at = to;
    } else return null;
    if (path.length > MOST_CUBICS) return null;
  }
  return path.length > 0 ? path : null;
}

function tokens(data: string): readonly (string | number)[] | null {
  const words: (string | number)[] = [];
  TOKEN.lastIndex = 0;
  while (TOKEN.lastIndex < data.length) {
    const match = TOKEN.exec(data);
    if (!match) return null;
    const [, letter, figure] = match;
    if (letter !== undefined) words.push(letter);
    else if (figure !== undefined) {
      const value = Number(figure);
      if (!(Math.abs(value) <= LARGEST_MM)) return null;
      words.push(value);
    }
  }
  return words;
}
