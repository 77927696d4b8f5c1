import type { Block } from "../../block";
import {
  beside,
  type Cubic,
  distance,
  endOf,
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
  subpath,
} from "../../geometry";
import { edge, hungCollar, KIND, notchOn, type Piece } from "../../pattern";
import { smallerTo, tipInside } from "../collar-figures";
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
  /** Shoulder point of the front and of the back, as they overlap. */
  readonly tips: { readonly back: Point; readonly front: Point };
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
/** A handle of this share of the radius makes a quarter of a circle, nearly. */
const QUARTER_HANDLE = 0.5523;
/** The front end begins to drop at this share of the neckline, about half way down the front. */
const DROPS_FROM = 0.6;

/** The neckline with front and back laid together at the neck point, their shoulder points one over the other. */
function laid({ front, back }: FlatTask["block"], overlap: number) {
  const neckPoint = startOf(back.shoulder.path);
  const onBack = frontOnBack({ front, back });
  const shorter = Math.min(back.shoulder.length, front.shoulder.length);
  const turn = 2 * Math.asin(Math.min(1, overlap / (2 * shorter)));
  const place = (p: Point) => rotatePoint(onBack(p), neckPoint, turn);
  return {
    neckline: [...reversePath(back.neckline.path), ...mapPath(front.neckline.path, place)],
    tips: { back: endOf(back.shoulder.path), front: place(endOf(front.shoulder.path)) },
  };
}

/** The collar on the laid block. Null where it is so wide that its edge cannot be drawn within the front. */
export function draftFlat(task: FlatTask): FlatDraft | null {
  const { block, fall } = task;
  const { neckline, tips } = laid(block, task.overlap);
  const whole = pathLength(neckline);
  const neckFor = (drop: number) =>
    beside(
      neckline,
      (share) => {
        const down = Math.max(0, (share - DROPS_FROM) / (1 - DROPS_FROM));
        return -OUTSIDE_MM * (1 - down) + drop * down * down * (3 - 2 * down);
      },
      1,
    );
  const dropped = findRoot((drop) => pathLength(neckFor(drop)) - whole, -OUTSIDE_MM, MOST_DROP_MM, SOLVED_MM);
  const neck = neckFor(dropped.value);
  const edgeLine = beside(neckline, () => fall, 1);
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

/** The grain arrow lies so far from the fold, and so long up and down, as shares of the width. */
const GRAIN_IN = 0.35;
const GRAIN_HALF = 0.28;

/** The outer edge as far as its corner is rounded, and the front end from the neck edge round to there. */
function frontEnd(outer: Path, foot: Point, radius: number): { readonly run: Path; readonly front: Path } {
  const tip = endOf(outer);
  if (radius <= 0) return { run: outer, front: line(foot, tip) };
  const run = subpath(outer, 0, pathLength(outer) - radius);
  const [from, to] = [lerp(tip, foot, radius / distance(tip, foot)), endOf(run)];
  const round: Cubic = [from, lerp(from, tip, QUARTER_HANDLE), lerp(to, tip, QUARTER_HANDLE), to];
  return { run, front: [...(distance(foot, from) > SAME_MM ? line(foot, from) : []), round] };
}

/** How long the line on the garment is that the outer edge lies on, front and back laid edge to edge. */
export function lineItLiesOn(block: FlatTask["block"], fall: number): Path {
  return beside(laid(block, 0).neckline, () => fall, 1);
}
