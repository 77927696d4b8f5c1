import { at } from "@core/data/index";
import type { Path, Point } from "@core/geometry/index";
import { point3d } from "@tarikjabiri/dxf";

const DEGREE = 3;

/** Cubics end to end as one spline of degree 3, exactly, y up: its inner knots stand three times. */
export function splineOf(path: Path) {
  const turnedUp = (p: Point) => point3d(p.x, -p.y, 0);
  const controlPoints = [turnedUp(at(path, 0)[0]), ...path.flatMap(([, b, c, d]) => [b, c, d].map(turnedUp))];
  const inner = path.slice(1).flatMap((_, i) => [i + 1, i + 1, i + 1]);
  const knots = [0, 0, 0, 0, ...inner, path.length, path.length, path.length, path.length];
  return { controlPoints, degreeCurve: DEGREE, knots };
}
