import {
  along,
  distance,
  endOf,
  mapPath,
  type Path,
  type Point,
  pathLength,
  reversePath,
  rotatePath,
  startOf,
} from "../geometry";

/**
 * The edges of half a bodice as they were pointed at in a drawing or traced from a photograph: each in millimetres, in either
 * direction, wherever and whichever way up the piece lay.
 */
export type OutlineHalf = {
  readonly armhole: Path;
  readonly neckline: Path | null;
  readonly shoulder: Path | null;
  /** The centre line or any line along the straight grain; says which way is down. */
  readonly grain: Path | null;
};

/** A drawing lies square on its sheet; what was photographed lies as it was laid. */
export type OutlineFrom = "drawing" | "photograph";

export type PlacedEdges = {
  readonly armhole: Path;
  readonly neckline: Path | null;
  readonly shoulder: Path | null;
};

/**
 * The edges in their usual place: armhole from the shoulder point down and outwards, neckline from the side neck point to the
 * centre. Which end is which is told from how the edges meet; which way is down from the grain, or from the armhole itself.
 */
export function placeHalf(half: OutlineHalf, from: OutlineFrom): PlacedEdges {
  const joined = joinEdges(half);
  const angle = half.grain
    ? uprightBy(half.grain, joined.armhole)
    : from === "drawing"
      ? nearestQuarterTurn(joined.armhole)
      : levelAtUnderarm(joined.armhole);
  const turn = (path: Path | null) => path && rotatePath(path, ORIGIN, angle);
  const turned = {
    armhole: rotatePath(joined.armhole, ORIGIN, angle),
    neckline: turn(joined.neckline),
    shoulder: turn(joined.shoulder),
  };
  const inwards = turned.neckline ? startOf(turned.neckline) : turned.shoulder ? startOf(turned.shoulder) : null;
  const isMirrored = inwards
    ? startOf(turned.armhole).x < inwards.x
    : endOf(turned.armhole).x < startOf(turned.armhole).x;
  const mirror = (path: Path | null) => (path && isMirrored ? mapPath(path, (p) => ({ x: -p.x, y: p.y })) : path);
  return {
    armhole: mirror(turned.armhole) ?? turned.armhole,
    neckline: mirror(turned.neckline),
    shoulder: mirror(turned.shoulder),
  };
}

const ORIGIN: Point = { x: 0, y: 0 };

/** Each edge so that it starts where the one before it ends: neck, shoulder, armhole. */
function joinEdges({ armhole, neckline, shoulder }: OutlineHalf): PlacedEdges {
  if (shoulder) {
    const isAtEnd = gap(endOf(shoulder), armhole) <= gap(startOf(shoulder), armhole);
    const out = isAtEnd ? shoulder : reversePath(shoulder);
    return {
      shoulder: out,
      armhole: startingNear(armhole, endOf(out)),
      neckline: neckline && startingNear(neckline, startOf(out)),
    };
  }
  if (neckline) {
    const pairs = [startOf(neckline), endOf(neckline)].flatMap((n) =>
      [startOf(armhole), endOf(armhole)].map((a) => ({ n, a, apart: distance(n, a) })),
    );
    const nearest = pairs.reduce((best, pair) => (pair.apart < best.apart ? pair : best));
    return {
      shoulder: null,
      armhole: startingNear(armhole, nearest.a),
      neckline: startingNear(neckline, nearest.n),
    };
  }
  return {
    shoulder: null,
    neckline: null,
    armhole: startOf(armhole).y <= endOf(armhole).y ? armhole : reversePath(armhole),
  };
}

function gap(point: Point, path: Path): number {
  return Math.min(distance(point, startOf(path)), distance(point, endOf(path)));
}

function startingNear(path: Path, point: Point): Path {
  return distance(startOf(path), point) <= distance(endOf(path), point) ? path : reversePath(path);
}

/** The turn that sets the grain upright with the armhole running down. */
function uprightBy(grain: Path, armhole: Path): number {
  const [from, to] = [startOf(grain), endOf(grain)];
  const lean = Math.PI / 2 - Math.atan2(to.y - from.y, to.x - from.x);
  const fall = rotatePath(armhole, ORIGIN, lean);
  return endOf(fall).y >= startOf(fall).y ? lean : lean + Math.PI;
}

/** A turn as the shorter way round. */
function wrapped(angle: number): number {
  return Math.atan2(Math.sin(angle), Math.cos(angle));
}

/** The last two stretches of an armhole, of this share each, tell how it runs out: level. */
const LEVEL_SHARE = 0.06;

/** Without a grain line: the turn after which the armhole falls and arrives level at the underarm, square to the side seam. */
function levelAtUnderarm(armhole: Path): number {
  const length = pathLength(armhole);
  const before = (stretches: number) => along(armhole, length * (1 - stretches * LEVEL_SHARE)).point;
  const [far, near, end] = [before(2), before(1), before(0)];
  // A curve through clicked points straightens at its end: its bend over the last two stretches is carried on to it.
  const last = Math.atan2(end.y - near.y, end.x - near.x);
  const bend = wrapped(last - Math.atan2(near.y - far.y, near.x - far.x));
  const lean = -(last + bend / 2);
  // Outwards may be either way, since the piece may lie on its face.
  return [lean, lean + Math.PI].reduce((best, angle) =>
    fallAfter(armhole, angle) > fallAfter(armhole, best) ? angle : best,
  );
}

function fallAfter(path: Path, angle: number): number {
  const [from, to] = [startOf(path), endOf(path)];
  return (to.x - from.x) * Math.sin(angle) + (to.y - from.y) * Math.cos(angle);
}

/** Drawings lie square: the quarter turn after which the armhole falls the most. */
function nearestQuarterTurn(armhole: Path): number {
  const turns = [0, 1, 2, 3].map((quarters) => (quarters * Math.PI) / 2);
  return turns.reduce((best, angle) => (fallAfter(armhole, angle) > fallAfter(armhole, best) + 1e-6 ? angle : best), 0);
}
