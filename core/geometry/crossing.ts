import { at, remembered } from "../data";
import { type Cubic, cubicPoint } from "./cubic";
import type { Box, Path } from "./path";
import type { Point } from "./point";

/** Chords a cubic is cut into for finding crossings; a garment's curves bend far less than one chord can hide. */
const CHORDS_A_CUBIC = 24;
/** Ends nearer than this are the same place: edges that are sewn end to end touch there. */
const TOUCHING_MM = 0.05;

/** The path as points along it, `chords` to a cubic; a straight cubic is one chord. */
export function flatten(path: Path, chords = CHORDS_A_CUBIC): readonly Point[] {
  return chords === CHORDS_A_CUBIC ? inChords(path) : flattened(path, chords);
}

const inChords = remembered((path: Path) => flattened(path, CHORDS_A_CUBIC));

function flattened(path: Path, chords: number): readonly Point[] {
  const first = path[0];
  if (!first) return [];
  const points: Point[] = [first[0]];
  for (const cubic of path) {
    const pieces = isStraight(cubic) ? 1 : chords;
    for (let i = 1; i <= pieces; i++) points.push(cubicPoint(cubic, i / pieces));
  }
  return points;
}

/** Does the path cross itself? Looked for on its chords, fewer to a cubic where a path has very many; touching itself at a common end is no crossing. */
export function crossesItself(path: Path, chords = CHORDS_A_CUBIC): boolean {
  const points = flatten(path, chords);
  return firstCrossing(points, points, neighbours(points)) !== null;
}

/** Do the two paths cross anywhere but at ends that they share? */
export function pathsCross(a: Path, b: Path): boolean {
  return firstCrossing(flatten(a), flatten(b), () => false) !== null;
}

/** Which two of the edges, in their order round an outline, cross each other; the same one twice for an edge that crosses itself. Null when none do. */
export function edgesThatCross(edges: readonly Path[]): readonly [number, number] | null {
  const points: Point[] = [];
  const owners: number[] = [];
  for (const [index, path] of edges.entries()) {
    const own = flatten(path);
    for (const point of points.length === 0 ? own : own.slice(1)) {
      points.push(point);
      owners.push(index);
    }
  }
  const found = firstCrossing(points, points, neighbours(points));
  // A chord belongs to the edge of its end.
  return found && [owners[found[0] + 1] ?? 0, owners[found[1] + 1] ?? 0];
}

type IsPassedOver = (i: number, j: number) => boolean;

/** A chord meets the one before and the one after it, and the last meets the first of a closed run; each pair is looked at once. */
function neighbours(points: readonly Point[]): IsPassedOver {
  const isClosed = isNear(at(points, 0), at(points, points.length - 1));
  return (i, j) => j <= i + 1 || (isClosed && i === 0 && j === points.length - 2);
}

/** The chords that cross, by where each begins. */
function firstCrossing(
  a: readonly Point[],
  b: readonly Point[],
  isPassedOver: IsPassedOver,
): readonly [number, number] | null {
  const runs = runsOf(b);
  for (const run of a === b ? runs : runsOf(a)) {
    for (const other of runs) {
      if (run === other || (a === b && other.from < run.from)) continue;
      const found = overlap(run.box, other.box) ? crossingInRuns(a, run, b, other, isPassedOver) : null;
      if (found) return found;
    }
  }
  return null;
}

/** Neighbouring chords in one box that go one way, across or down: runs that lie apart are passed over whole, and none crosses itself. */
type Run = { readonly from: number; readonly to: number; readonly box: Box };

const CHORDS_A_RUN = 24;

function runsOf(points: readonly Point[]): readonly Run[] {
  const runs: Run[] = [];
  for (let from = 0; from < points.length - 1; ) {
    const to = endOfRun(points, from);
    runs.push({ from, to, box: boxOfPoints(points, from, to) });
    from = to;
  }
  return runs;
}

/** As far as the points go one way, across or down, and no further than CHORDS_A_RUN: such a run never crosses itself. */
function endOfRun(points: readonly Point[], from: number): number {
  const most = Math.min(points.length - 1, from + CHORDS_A_RUN);
  let [goesRight, goesLeft, goesDown, goesUp] = [true, true, true, true];
  for (let to = from + 1; to <= most; to++) {
    const [p, q] = [at(points, to - 1), at(points, to)];
    goesRight &&= q.x > p.x;
    goesLeft &&= q.x < p.x;
    goesDown &&= q.y > p.y;
    goesUp &&= q.y < p.y;
    if (!(goesRight || goesLeft || goesDown || goesUp)) return Math.max(from + 1, to - 1);
  }
  return most;
}

function crossingInRuns(
  a: readonly Point[],
  run: Run,
  b: readonly Point[],
  other: Run,
  isPassedOver: IsPassedOver,
): readonly [number, number] | null {
  const { left, right, top, bottom } = other.box;
  for (let i = run.from; i < run.to; i++) {
    const [p, q] = [at(a, i), at(a, i + 1)];
    if (
      Math.max(p.x, q.x) < left ||
      Math.min(p.x, q.x) > right ||
      Math.max(p.y, q.y) < top ||
      Math.min(p.y, q.y) > bottom
    )
      continue;
    for (let j = other.from; j < other.to; j++) {
      if (isPassedOver(i, j)) continue;
      const [r, s] = [at(b, j), at(b, j + 1)];
      if (lieApart(p.x, q.x, r.x, s.x) || lieApart(p.y, q.y, r.y, s.y)) continue;
      if (chordsCross(p, q, r, s) && !touchAtEnds(p, q, r, s)) return [i, j];
    }
  }
  return null;
}

/** Have the stretches from a to b and from c to d nothing in common? */
function lieApart(a: number, b: number, c: number, d: number): boolean {
  return a < b ? (c < a && d < a) || (c > b && d > b) : (c < b && d < b) || (c > a && d > a);
}

function boxOfPoints(points: readonly Point[], from: number, to: number): Box {
  let { x: left, y: top } = at(points, from);
  let [right, bottom] = [left, top];
  for (let i = from + 1; i <= to; i++) {
    const { x, y } = at(points, i);
    if (x < left) left = x;
    else if (x > right) right = x;
    if (y < top) top = y;
    else if (y > bottom) bottom = y;
  }
  return { left, right, top, bottom };
}

function overlap(a: Box, b: Box): boolean {
  return a.left <= b.right && b.left <= a.right && a.top <= b.bottom && b.top <= a.bottom;
}

function touchAtEnds(p: Point, q: Point, r: Point, s: Point): boolean {
  return isNear(p, r) || isNear(p, s) || isNear(q, r) || isNear(q, s);
}

function chordsCross(p: Point, q: Point, r: Point, s: Point): boolean {
  const a = side(p, q, r);
  const b = side(p, q, s);
  const c = side(r, s, p);
  const d = side(r, s, q);
  // Lying in one line: the boxes were seen to overlap, so the chords do.
  if (a === 0 && b === 0) return true;
  return a * b <= 0 && c * d <= 0;
}

function side(p: Point, q: Point, r: Point): number {
  return (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
}

function isNear(a: Point, b: Point): boolean {
  return Math.hypot(a.x - b.x, a.y - b.y) < TOUCHING_MM;
}

/** Does the cubic run along one line, and only forwards? One that doubles back on its line is cut into chords, which then lie on each other. */
function isStraight([p0, p1, p2, p3]: Cubic): boolean {
  const size = Math.abs(p3.x - p0.x) + Math.abs(p3.y - p0.y);
  if (!(Math.abs(side(p0, p3, p1)) + Math.abs(side(p0, p3, p2)) < 1e-9 * size * size)) return false;
  const along = (p: Point) => (p.x - p0.x) * (p3.x - p0.x) + (p.y - p0.y) * (p3.y - p0.y);
  return [along(p1), along(p2)].every((at) => at >= 0 && at <= along(p3));
}
