import { at } from "../../data";
import type { Point } from "../../geometry";
import type { Triangulated } from "./triangulate";

/** Three corners of a mesh and how much of each makes up a place. */
export type Located = {
  readonly corners: readonly [number, number, number];
  readonly shares: readonly [number, number, number];
};

/** Finds the triangle that a place lies in; outside the mesh the one that it is nearest to, gone on from. Null for a mesh without triangles. */
export function locator({ points, triangles }: Triangulated): (p: Point) => Located | null {
  const size = cellSize(points, triangles.length);
  const cells = new Map<string, number[]>();
  const key = (x: number, y: number) => `${Math.floor(x / size)},${Math.floor(y / size)}`;
  triangles.forEach((corners, t) => {
    const [xs, ys] = [corners.map((c) => at(points, c).x), corners.map((c) => at(points, c).y)];
    for (let x = Math.floor(Math.min(...xs) / size); x <= Math.floor(Math.max(...xs) / size); x++)
      for (let y = Math.floor(Math.min(...ys) / size); y <= Math.floor(Math.max(...ys) / size); y++) {
        const cell = cells.get(`${x},${y}`);
        if (cell) cell.push(t);
        else cells.set(`${x},${y}`, [t]);
      }
  });
  return (p) => {
    let best: Located | null = null;
    let least = Number.NEGATIVE_INFINITY;
    const tryAll = (of: Iterable<number>) => {
      for (const t of of) {
        const corners = at(triangles, t);
        const shares = sharesIn(at(points, corners[0]), at(points, corners[1]), at(points, corners[2]), p);
        const inside = Math.min(...shares);
        if (inside > least) [least, best] = [inside, { corners, shares }];
      }
    };
    tryAll(cells.get(key(p.x, p.y)) ?? []);
    if (least < -1e-6) tryAll(triangles.keys());
    return best;
  };
}

function cellSize(points: readonly Point[], triangles: number): number {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const area = (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
  return Math.max(1, Math.sqrt(area / Math.max(1, triangles)) * 1.5);
}

function sharesIn(a: Point, b: Point, c: Point, p: Point): readonly [number, number, number] {
  const whole = (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y);
  const second = ((p.x - a.x) * (c.y - a.y) - (c.x - a.x) * (p.y - a.y)) / whole;
  const third = ((b.x - a.x) * (p.y - a.y) - (p.x - a.x) * (b.y - a.y)) / whole;
  return [1 - second - third, second, third];
}
