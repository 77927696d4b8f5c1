import type { Block } from "../../block";
import {
  along,
  type Cubic,
  distance,
  endOf,
  fairCurve,
  findRoot,
  lerp,
  line,
  mapPath,
  type Path,
  type Point,
  pathLength,
  reversePath,
  rotatePoint,
  SAME_MM,
  SOLVED_MM,
  type Solution,
  startOf,
  step,
  subpath,
  withStartDirection,
} from "../../geometry";
import { edge, hungCollar, KIND, notchOn, type Piece } from "../../pattern";
import { QUARTER_HANDLE, smallerTo, tipInside } from "../collar-figures";
import { frontOnBack } from "../joined-neckline";

export type FlatTask = {
  readonly block: Pick<Block, "front" | "back">;
  /** How wide it is at the centre back and all round, in millimetres. */
  readonly fall: number;
  /** How far front and back overlap at the shoulder point. */
  readonly overlap: number;
  readonly frontEnd: "square" | "round";
  readonly roundness: number;
};

export type FlatDraft = {
  /** The neckline of the laid block, from the centre back. */
  readonly neckline: Path;
  /** The neck point, and the shoulder points of back and front as they overlap. */
  readonly tips: { readonly neck: Point; readonly back: Point; readonly front: Point };
  /** From the centre back to the front. */
  readonly neck: Path;
  readonly outer: Path;
  /** How far below the neckline its front end lies, so that its neck edge is as long as the neckline. */
  readonly dropped: Solution;
  readonly shoulderAt: number;
  readonly rounded: number;
  readonly top: Piece;
  readonly under: Piece;
};

/** Behind, the neck edge lies so far off the bodice, so that the collar covers its seam (common practice, no source). */
export const OUTSIDE_MM = 3;
/** Further than this below the neckline no front end is looked for. Our own limit. */
const MOST_DROP_MM = 40;
/** Of the width, so that some of the front end stays straight. */
const MOST_ROUND_SHARE = 0.85;
/** The front end begins to drop at this share of the neckline, about half way down the front. */
const DROPS_FROM = 0.6;

/** The neckline with front and back laid together at the neck point, their shoulder points one over the other. */
function laid({ front, back }: FlatTask["block"], overlap: number): Pick<FlatDraft, "neckline" | "tips"> {
  const neckPoint = startOf(back.shoulder.path);
  const onBack = frontOnBack({ front, back });
  const shorter = Math.min(back.shoulder.length, front.shoulder.length);
  const turn = 2 * Math.asin(Math.min(1, overlap / (2 * shorter)));
  const place = (p: Point) => rotatePoint(onBack(p), neckPoint, turn);
  return {
    neckline: [...reversePath(back.neckline.path), ...mapPath(front.neckline.path, place)],
    tips: { neck: neckPoint, back: endOf(back.shoulder.path), front: place(endOf(front.shoulder.path)) },
  };
}

/** The collar on the laid block. Null where it is so wide that its edge cannot be drawn within the front. */
export function draftFlat(task: FlatTask): FlatDraft | null {
  const { block, fall } = task;
  const { neckline, tips } = laid(block, task.overlap);
  const whole = pathLength(neckline);
  const neckFor = (drop: number) =>
    offset(neckline, (share) => {
      const down = Math.max(0, (share - DROPS_FROM) / (1 - DROPS_FROM));
      return -OUTSIDE_MM * (1 - down) + drop * down * down * (3 - 2 * down);
    });
  const dropped = findRoot((drop) => pathLength(neckFor(drop)) - whole, -OUTSIDE_MM, MOST_DROP_MM, SOLVED_MM);
  const neck = neckFor(dropped.value);
  const edgeLine = offset(neckline, () => fall);
  // From the front end of the neck edge straight on down, as wide as behind.
  const [foot, tip] = [endOf(neck), endOf(edgeLine)];
  if (!(distance(foot, tip) > fall / 2) || pathLength(edgeLine) < pathLength(neck) / 2) return null;
  const rounded = task.frontEnd === "round" ? Math.min(task.roundness, distance(foot, tip) * MOST_ROUND_SHARE) : 0;
  const shoulderAt = block.back.neckline.length;
  const top = pieceOf({ id: "collar", kind: hungCollar("over", ["neck"]), name: "Top collar", interfacing: 1 });
  const smaller = smallerTo(edgeLine, tipInside(edgeLine, tip, foot), -1);
  const under = pieceOf({ id: "underCollar", kind: KIND.underCollar, name: "Under collar", interfacing: 0 }, smaller);
  return { neckline, tips, neck, outer: edgeLine, dropped, shoulderAt, rounded, top, under };

  function pieceOf(
    { id, kind, name, interfacing }: Pick<Piece, "id" | "kind" | "name"> & { readonly interfacing: number },
    outer: Path = edgeLine,
  ): Piece {
    const { run, front } = frontEnd(outer, foot, rounded);
    const fold = line(startOf(outer), startOf(neck));
    const edges = [
      edge("neck", "neck", "Neck edge", neck),
      edge("front", "outer", "Front end", front),
      edge("outer", "outer", "Outer edge", reversePath(run)),
      edge("centreBack", "centre", "Centre back", fold),
    ];
    const middle = lerp(startOf(neck), startOf(outer), 0.5);
    return {
      id,
      kind,
      name,
      cut: { count: 1, mirrored: false, onFold: true, interfacing },
      edges,
      outline: edges.flatMap(({ path }) => path),
      folds: [fold],
      darts: [],
      grain: {
        from: { x: middle.x + fall * GRAIN_IN, y: middle.y - fall * GRAIN_HALF },
        to: { x: middle.x + fall * GRAIN_IN, y: middle.y + fall * GRAIN_HALF },
      },
      notches: [notchOn("centreBack", neck, 0), notchOn("shoulder", neck, shoulderAt)],
    };
  }
}

/** At so many places of the neckline an offset is taken; each is drawn so often towards the middle of its neighbours. */
const PLACES = 32;
const FAIRED = 5;

/** A fair curve beside the neckline, `by` so far on the bodice's side of it, square to the centre back; its corner at the neck point is faired away. */
function offset(neckline: Path, by: (share: number) => number): Path {
  const whole = pathLength(neckline);
  let points: readonly Point[] = Array.from({ length: PLACES + 1 }, (_, i) => {
    const { point, direction } = along(neckline, (whole * i) / PLACES);
    // From the centre back the bodice lies to the right.
    const off = by(i / PLACES);
    return { x: point.x - direction.y * off, y: point.y + direction.x * off };
  });
  for (let pass = 0; pass < FAIRED; pass++)
    points = points.map((p, i) => betweenNeighbours(p, points[i - 1], points[i + 1]));
  return withStartDirection(fairCurve(points), along(neckline, 0).direction);
}

/** Both ends stay where they are. */
function betweenNeighbours(p: Point, before: Point | undefined, after: Point | undefined): Point {
  return before && after ? lerp(p, lerp(before, after, 0.5), 0.5) : p;
}

/** The grain arrow lies so far from the fold, and so long up and down, as shares of the width. */
const GRAIN_IN = 0.35;
const GRAIN_HALF = 0.28;

/** The outer edge as far as its corner is rounded, and the front end from the neck edge round to there. */
function frontEnd(outer: Path, foot: Point, radius: number): { readonly run: Path; readonly front: Path } {
  const tip = endOf(outer);
  if (radius <= 0) return { run: outer, front: line(foot, tip) };
  const run = subpath(outer, 0, pathLength(outer) - radius);
  const [from, to] = [lerp(tip, foot, radius / distance(tip, foot)), endOf(run)];
  // It leaves the outer edge in the direction that the edge has there.
  const { direction } = along(run, pathLength(run));
  const round: Cubic = [from, lerp(from, tip, QUARTER_HANDLE), step(to, direction, QUARTER_HANDLE * radius), to];
  return { run, front: [...(distance(foot, from) > SAME_MM ? line(foot, from) : []), round] };
}

/** The line on the garment that the outer edge lies on, front and back laid edge to edge. */
export function lineItLiesOn(block: FlatTask["block"], fall: number): Path {
  return offset(laid(block, 0).neckline, () => fall);
}
