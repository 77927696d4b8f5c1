import { flatten, type Path, type Point, step } from "../../geometry";
import type { FrontOfCollar } from "../collar-kind";

/** A front and its collar as they lie when they are worn, seen from the front: one half, its centre at x = 0, y down. Corners in millimetres. */
export type AsWorn = {
  readonly front: readonly Point[];
  readonly lapel: readonly Point[];
  /** Null where the collar is cut in one with the lapel. */
  readonly collar: readonly Point[] | null;
};

/**
 * The lapel turned over its roll line onto the front, and the collar with it as far as the shoulder; from there both go round the neck, out of
 * sight. Flat: what the body does to it is not shown.
 */
export function asWorn(roll: NonNullable<FrontOfCollar["roll"]>, front: Path, collar: Path | null): AsWorn {
  const { breakPoint, outwards, neck, up } = roll;
  const off = (p: Point) => (p.x - breakPoint.x) * outwards.x + (p.y - breakPoint.y) * outwards.y;
  const turned = (p: Point) => step(p, outwards, -2 * off(p));
  const beforeNeck = (p: Point) => -((p.x - neck.x) * up.x + (p.y - neck.y) * up.y);
  const outside = (path: Path) => clipped(clipped(flatten(path), off), beforeNeck).map(turned);
  return {
    front: clipped(flatten(front), (p) => -off(p)),
    lapel: outside(front),
    collar: collar && outside(collar),
  };
}

/** What of a shape lies where `within` is not negative; it is linear in the place (Sutherland and Hodgman, 1974). */
function clipped(corners: readonly Point[], within: (p: Point) => number): readonly Point[] {
  return corners.flatMap((to, i) => {
    const from = corners[i === 0 ? corners.length - 1 : i - 1] ?? to;
    const [a, b] = [within(from), within(to)];
    const crossing = { x: from.x + ((to.x - from.x) * a) / (a - b), y: from.y + ((to.y - from.y) * a) / (a - b) };
    if (a >= 0) return b >= 0 ? [to] : [crossing];
    return b >= 0 ? [crossing, to] : [];
  });
}
