import { at } from "../data";
import { areaOf, distance, distanceToChain, endOf, line, type Path, type Point, startOf } from "../geometry";
import type { Piece } from "../pattern";
import type { EdgeAllowance } from "./allowances";
import { cornerBetween } from "./corners";
import { fitCurve } from "./fit-curve";
import { roundHem } from "./mirrored-hem";
import { joinedSmoothly, type Run, runsOf, type Sample } from "./offset-run";
import { TRIMMED_TO_MM, trimmed, within } from "./trim";

/** The cutting line of a piece, closed; or why there is none. */
export type CuttingLine =
  | { readonly ok: true; readonly path: Path }
  | { readonly ok: false; readonly why: "falls-apart" | "inside-stitching" };

/** Less of an area cut off is what whole numbers leave over. Square millimetres. */
const NO_AREA_MM2 = 0.5;

/**
 * The cutting line of a piece: outside every edge by its allowance, its corners as the trade cuts them, the sides of a hem mirrored, on the
 * fold by the fold itself. A piece on the fold is drawn whole and cut at its fold, so that nothing special happens there.
 */
export function cuttingLine(piece: Piece, allowances: readonly EdgeAllowance[]): CuttingLine {
  const fold = allowances.find(({ role }) => role === "fold");
  const runs = closedRuns(allowances, fold ?? null);
  const ring = ringOf(runs);
  const whole = trimmed(ring);
  if (!whole) return { ok: false, why: "falls-apart" };
  if (whole.apart > NO_AREA_MM2) return { ok: false, why: "falls-apart" };
  const half = fold ? within(whole.ring, besideFold(fold.edge.path)) : whole.ring;
  if (!half || half.length < 3) return { ok: false, why: "falls-apart" };
  const path = withCurves(half, runs);
  if (areaOf(path) < areaOf(piece.outline) - NO_AREA_MM2) return { ok: false, why: "inside-stitching" };
  return { ok: true, path };
}

function closedRuns(allowances: readonly EdgeAllowance[], fold: EdgeAllowance | null): readonly Run[] {
  const own = (one: EdgeAllowance, path: Path) => runsOf(path, one.by, one.role === "hem" && one.by > 0);
  if (!fold) return aroundJoined(allowances.flatMap((one) => own(one, one.edge.path)));
  const start = allowances.indexOf(fold);
  const others = [...allowances.slice(start + 1), ...allowances.slice(0, start)].filter(({ role }) => role !== "fold");
  const mirror = mirrorIn(fold.edge.path);
  const half = others.flatMap((one) => own(one, one.edge.path));
  const turned = [...others].reverse().flatMap((one) => own(one, mirrored(one.edge.path, mirror)));
  return aroundJoined([...half, ...turned]);
}

/** Smooth neighbours joined, the last with the first too. */
function aroundJoined(runs: readonly Run[]): readonly Run[] {
  const joined = joinedSmoothly(runs);
  if (joined.length < 2) return joined;
  const [first, last] = [at(joined, 0), at(joined, joined.length - 1)];
  const together = joinedSmoothly([last, first]);
  return together.length === 1 ? [...together, ...joined.slice(1, -1)] : joined;
}

type Mirror = (p: Point) => Point;

function mirrorIn(fold: Path): Mirror {
  const [a, b] = [startOf(fold), endOf(fold)];
  const long = distance(a, b);
  const way = { x: (b.x - a.x) / long, y: (b.y - a.y) / long };
  return (p) => {
    const along = (p.x - a.x) * way.x + (p.y - a.y) * way.y;
    return { x: 2 * (a.x + way.x * along) - p.x, y: 2 * (a.y + way.y * along) - p.y };
  };
}

/** The mirror image of an edge, run through so that the mirrored outline goes on clockwise. */
function mirrored(path: Path, mirror: Mirror): Path {
  return [...path].reverse().map(([a, b, c, d]) => [mirror(d), mirror(c), mirror(b), mirror(a)] as const);
}

/** All that lies on the piece's side of its fold, far beyond what any piece reaches. */
function besideFold(fold: Path): readonly Point[] {
  const [a, b] = [startOf(fold), endOf(fold)];
  const long = distance(a, b);
  const way = { x: (b.x - a.x) / long, y: (b.y - a.y) / long };
  // The outline runs clockwise: the piece lies to the right of its fold.
  const inside = { x: -way.y, y: way.x };
  const from = { x: a.x - way.x * FAR_MM, y: a.y - way.y * FAR_MM };
  const to = { x: b.x + way.x * FAR_MM, y: b.y + way.y * FAR_MM };
  const over = (p: Point) => ({ x: p.x + inside.x * FAR_MM, y: p.y + inside.y * FAR_MM });
  return [from, to, over(to), over(from)];
}

const FAR_MM = 20_000;

/** All lines and corners in their order, loops and all. */
function ringOf(runs: readonly Run[]): readonly Point[] {
  const lines: (readonly Point[])[] = runs.map(({ outside }) => outside.map(({ at: p }) => p));
  const rounds = new Map<number, readonly Point[]>();
  const before = (i: number) => (i + runs.length - 1) % runs.length;
  const after = (i: number) => (i + 1) % runs.length;
  runs.forEach((run, i) => {
    if (!run.isMirroredHem || runs.length < 3) return;
    const made = roundHem(at(lines, before(i)), run, at(lines, after(i)));
    lines[before(i)] = made.before;
    lines[after(i)] = made.after;
    rounds.set(i, made.round);
  });
  return runs.flatMap((run, i) => {
    const round = rounds.get(i);
    if (round) return round;
    const isHemNext = rounds.has(after(i));
    return [...at(lines, i), ...(isHemNext ? [] : cornerBetween(run, at(runs, after(i))))];
  });
}

/** The trimmed ring with every stretch that is left of a line drawn again as curves; the rest is straight. */
function withCurves(ring: readonly Point[], runs: readonly Run[]): Path {
  const known = new Map<string, { readonly run: number; readonly index: number; readonly sample: Sample }>();
  runs.forEach((run, r) => {
    run.outside.forEach((sample, index) => {
      known.set(keyOf(sample.at), { run: r, index, sample });
    });
  });
  const places = ring.map((p) => ({ p, on: known.get(keyOf(p)) ?? null }));
  /** What lies between two samples was trimmed away, but for samples on the straight line between them, which trimming leaves out. */
  const isCutOff = (one: { run: number; index: number }, next: { index: number }) => {
    const { outside } = at(runs, one.run);
    const chord = [at(outside, one.index).at, at(outside, next.index).at];
    return outside.slice(one.index + 1, next.index).some(({ at: p }) => distanceToChain(p, chord) > LEFT_OUT_MM);
  };
  const isBreak = (i: number) => {
    const [one, next] = [at(places, i).on, at(places, (i + 1) % places.length).on];
    return !one || !next || one.run !== next.run || next.index <= one.index || isCutOff(one, next);
  };
  const start = places.findIndex((_, i) => isBreak(i));
  if (start < 0) return fitCurve(places.flatMap(({ on }) => (on ? [on.sample] : [])));
  const path: Path[number][] = [];
  let stretch: Sample[] = [];
  for (let k = 1; k <= places.length; k++) {
    const i = (start + k) % places.length;
    const { p, on } = at(places, i);
    if (on) stretch.push(on.sample);
    if (!isBreak(i)) continue;
    if (stretch.length > 1) path.push(...fitCurve(stretch));
    const from = stretch.at(-1)?.at ?? p;
    const next = at(places, (i + 1) % places.length);
    path.push(...line(from, next.on?.sample.at ?? next.p));
    stretch = [];
  }
  return path;
}

/** Two chords of a curve leave each other by less. */
const LEFT_OUT_MM = 0.05;

const keyOf = ({ x, y }: Point) => `${Math.round(x / TRIMMED_TO_MM)} ${Math.round(y / TRIMMED_TO_MM)}`;
