import {
  along,
  endOf,
  findRoot,
  line,
  mapPath,
  type Path,
  type Point,
  pathLength,
  reversePath,
  SOLVED_MM,
  startOf,
  subpath,
} from "../geometry";

/**
 * What is folded over an edge lies on the cloth before it: its side is the seam that runs up to the edge, mirrored in the edge. The
 * edge runs from the seam's end `towards` a place; `depth` is measured square to it. From the edge outwards.
 */
export function foldedBeyond(seam: Path, towards: Point, depth: number): Path {
  const end = endOf(seam);
  const size = Math.hypot(towards.x - end.x, towards.y - end.y);
  const u = { x: (towards.x - end.x) / size, y: (towards.y - end.y) / size };
  const away = (p: Point) => u.x * (p.y - end.y) - u.y * (p.x - end.x);
  const whole = pathLength(seam);
  const root = findRoot((far) => Math.abs(away(along(seam, whole - far).point)) - depth, 0, whole, SOLVED_MM);
  if (!root.converged) {
    // A seam too short to be mirrored: the fold's side rises square to the edge.
    const side = away(startOf(seam)) > 0 ? 1 : -1;
    return line(end, { x: end.x + u.y * depth * side, y: end.y - u.x * depth * side });
  }
  const mirrored = (p: Point): Point => ({ x: p.x + 2 * u.y * away(p), y: p.y - 2 * u.x * away(p) });
  return mapPath(reversePath(subpath(seam, whole - root.value, whole)), mirrored);
}
