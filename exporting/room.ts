import { at } from "@core/data/index";
import { contains, type Point } from "@core/geometry/index";
import type { TextMark } from "./mark";

/** Letters of the text face are at most so wide on the mean, as a share of their size. */
const LETTER_SHARE = 0.56;
/** What a line of text reaches above and below its foot, as shares of its size. */
const ABOVE = 0.8;
const BELOW = 0.25;

/** What text has to keep clear of: lines, and other text as the outline of its box. */
export type Obstacle = readonly Point[];

/** The corners of the box that a line of text stands in, closed. Millimetres. */
export function boxOfText({ at, text, size, anchor, turn }: TextMark): Obstacle {
  const width = text.length * size * LETTER_SHARE;
  const left = anchor === "middle" ? -width / 2 : 0;
  const angle = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const place = (x: number, y: number): Point => ({ x: at.x + x * cos - y * sin, y: at.y + x * sin + y * cos });
  const [top, bottom] = [-size * ABOVE, size * BELOW];
  return [
    place(left, top),
    place(left + width, top),
    place(left + width, bottom),
    place(left, bottom),
    place(left, top),
  ];
}

/** Does the text lie within the piece, and clear of everything that is drawn or written already? */
export function hasRoom(
  text: TextMark,
  outline: readonly Point[],
  lines: readonly Obstacle[],
  texts: readonly Obstacle[],
): boolean {
  const box = boxOfText(text);
  return (
    box.every((corner) => contains(outline, corner)) &&
    !lines.some((line) => overlaps(box, line)) &&
    !texts.some((other) => overlaps(box, other) || box.some((corner) => contains(other, corner)))
  );
}

function overlaps(box: Obstacle, other: Obstacle): boolean {
  if (!boxesMeet(box, other)) return false;
  if (other.some((p) => contains(box, p))) return true;
  return box.slice(1).some((q, i) => {
    const p = at(box, i);
    return other.slice(1).some((s, k) => cross(p, q, at(other, k), s));
  });
}

function boxesMeet(a: Obstacle, b: Obstacle): boolean {
  const range = (of: Obstacle, by: "x" | "y") => {
    const values = of.map((p) => p[by]);
    return [Math.min(...values), Math.max(...values)] as const;
  };
  return (["x", "y"] as const).every((by) => {
    const [[low, high], [from, to]] = [range(a, by), range(b, by)];
    return low <= to && from <= high;
  });
}

function cross(p: Point, q: Point, r: Point, s: Point): boolean {
  const side = (a: Point, b: Point, c: Point) => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
  return side(p, q, r) * side(p, q, s) <= 0 && side(r, s, p) * side(r, s, q) <= 0;
}
