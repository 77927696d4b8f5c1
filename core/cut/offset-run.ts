import { at } from "../data";
import {
  type Cubic,
  cubicDerivative,
  cubicPoint,
  directionTo,
  distance,
  mostBend,
  type Path,
  type Point,
  step,
} from "../geometry";

/** A place of an offset line, and the direction in which the line runs there. */
export type Sample = { readonly at: Point; readonly along: Point };

/**
 * A smooth stretch of the stitching line with one distance, and the line that lies so far outside it. Outlines run clockwise (y down):
 * outside is to the left. The samples of both lie at the same places; the chord between two leaves its curve by less than `CHORD_MM`.
 */
export type Run = {
  readonly by: number;
  /** A hem whose sides are mirrored, so that it lies flat when it is turned up. */
  readonly isMirroredHem: boolean;
  readonly seam: readonly Sample[];
  readonly outside: readonly Sample[];
};

/** What can just be seen on paper. */
const CHORD_MM = 0.01;
/** A stretch is broken where its direction jumps by more than 0.2 degrees. */
const BREAK_COSINE = Math.cos((0.2 * Math.PI) / 180);
/** Shorter pieces of a curve have no direction of their own. */
const NO_LENGTH_MM = 1e-7;
/** Samples of one cubic: more is a curve of many metres. */
const MOST_SAMPLES = 600;

export const outwards = (along: Point): Point => ({ x: along.y, y: -along.x });

/** The smooth runs of an edge, with its distance. Pieces without length are left out. */
export function runsOf(path: Path, by: number, isMirroredHem: boolean): readonly Run[] {
  const runs: Sample[][] = [];
  for (const cubic of path.filter((one) => distance(one[0], one[3]) > NO_LENGTH_MM)) {
    const samples = samplesOf(cubic, by);
    const last = runs.at(-1);
    const before = last?.at(-1);
    if (last && before && isSmooth(before.along, at(samples, 0).along)) last.push(...samples.slice(1));
    else runs.push([...samples]);
  }
  return runs.map((seam) => runOf(seam, by, isMirroredHem));
}

/** One run of two that follow each other smoothly with the same distance, so that no corner is made where there is none. */
export function joinedSmoothly(runs: readonly Run[]): readonly Run[] {
  const joined: Run[] = [];
  for (const run of runs) {
    const last = joined.at(-1);
    if (last && goesOn(last, run))
      joined[joined.length - 1] = runOf([...last.seam, ...run.seam.slice(1)], run.by, run.isMirroredHem);
    else joined.push(run);
  }
  return joined;
}

function goesOn(a: Run, b: Run): boolean {
  if (a.by !== b.by || a.isMirroredHem !== b.isMirroredHem) return false;
  // A hem is turned up as one, over the mouth of a dart in it too.
  return a.isMirroredHem || isSmooth(at(a.seam, a.seam.length - 1).along, at(b.seam, 0).along);
}

function runOf(seam: readonly Sample[], by: number, isMirroredHem: boolean): Run {
  const outside = seam.map(({ at: p, along }) => ({ at: step(p, outwards(along), by), along }));
  return { by, isMirroredHem, seam, outside };
}

const isSmooth = (a: Point, b: Point) => a.x * b.x + a.y * b.y >= BREAK_COSINE;

/** Samples so near that chord and curve are one, also at the distance outside. */
function samplesOf(cubic: Cubic, by: number): readonly Sample[] {
  const bend = mostBend(cubic);
  const size = Math.max(distance(cubic[0], cubic[3]), 1);
  // Outside a bend of radius r the line is longer by by ÷ r: nearly so much finer it is cut.
  const finer = 1 + (by * bend) / (size * size);
  const count = Math.min(MOST_SAMPLES, Math.max(1, Math.ceil(Math.sqrt((bend * finer) / (8 * CHORD_MM)))));
  return Array.from({ length: count + 1 }, (_, i) => {
    const t = i / count;
    return { at: cubicPoint(cubic, t), along: directionAt(cubic, t) };
  });
}

/** The direction at a parameter; at the end of a handle without length, that of the curve just beside it. */
function directionAt(cubic: Cubic, t: number): Point {
  const d = cubicDerivative(cubic, t);
  const size = Math.hypot(d.x, d.y);
  if (size > 1e-6) return { x: d.x / size, y: d.y / size };
  const [near, far] = t < 0.5 ? [t, t + 1e-3] : [t - 1e-3, t];
  return directionTo(cubicPoint(cubic, near), cubicPoint(cubic, far));
}
