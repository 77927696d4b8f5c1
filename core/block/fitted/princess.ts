import type { DraftLine } from "../../draft";
import { type Cubic, distance, findRoot, line, type Path, type Point, pathLength, SOLVED_MM } from "../../geometry";
import type { Side } from "../half";

/** How far a princess line keeps straight down where it arrives at the bust point, as a share of its height. */
const ARRIVING = 0.45;
/** The outer edge's handles may be so long, as shares of its chord. */
const OUTER = { least: 0.05, most: 0.75 } as const;

/**
 * Both edges of a princess seam from its top to where it turns: over the bust point on one tangent. The outer one is drawn as long as the
 * inner one where its curve can be; else the difference is eased.
 */
export function princessAbove(
  side: Side,
  inner: Point,
  outer: Point,
  turn: Point,
  /** The level at which the shaping below begins: straight down to it from the turn. */
  begins: number,
): readonly DraftLine[] {
  const down = begins > turn.y ? line(turn, { x: turn.x, y: begins }) : [];
  const plain = over(inner, turn, ARRIVING);
  const id = `${side}.princess`;
  if (distance(inner, outer) < 1e-6) return [{ id, kind: "seam", path: [...plain, ...down] }];
  const whole = pathLength(plain);
  const found = findRoot((share) => pathLength(over(outer, turn, share)) - whole, OUTER.least, OUTER.most, SOLVED_MM);
  return [
    { id, kind: "seam", path: [...plain, ...down] },
    { id: `${id}Outer`, kind: "seam", path: [...over(outer, turn, found.value), ...down] },
  ];
}

/** From a start in a bow to the turn, where it arrives straight down. */
function over(start: Point, turn: Point, arriving: number): Path {
  const fall = turn.y - start.y;
  const cubic: Cubic = [
    start,
    { x: start.x + (turn.x - start.x) / 3, y: start.y + fall / 3 },
    { x: turn.x, y: turn.y - fall * arriving },
    turn,
  ];
  return [cubic];
}
