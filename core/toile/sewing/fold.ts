import { at } from "../../data";
import { distance, endOf, flatten, footOnStretch, lerp, type Point, startOf } from "../../geometry";
import type { NamedLine, Piece } from "../../pattern";
import { locator } from "../mesh/locate";
import type { PieceMesh } from "../mesh/piece-mesh";
import { blended, DOWN, dot, eachAxis, type Place, placeIn, unit } from "../place";
import type { Solid } from "../solver/surroundings";

/** Where a collar or lapel is folded over: a line through the piece, and which side of it lies outside. */
export type FoldLine = {
  readonly corners: readonly Point[];
  /** How a place beyond the fold is turned over; null on the near side. */
  readonly beyond: (p: Point) => Beyond | null;
};

/** How far beyond its fold a place lies in millimetres, its foot on the fold, and where before the fold it will lie over; null where that is sewn on. */
type Beyond = { readonly by: number; readonly foot: Point; readonly over: Point | null };

/** The fold of a piece, from the centre back round the neck to where a lapel breaks; null for one that is not folded. */
export function foldLineOf(piece: Piece, pieces: readonly Piece[]): FoldLine | null {
  const isOfCollar = piece.kind.of === "collar";
  const own = (role: NamedLine["role"]) => piece.lines?.find((line) => line.role === role)?.path ?? null;
  const stand = own("stand-fold");
  // A collar that is cut apart goes on to where the roll line of its front ends.
  const roll = own("roll") ?? (isOfCollar && stand ? rollOf(pieces) : null);
  const [low, high] = roll ? ends(roll) : [null, null];
  const back = stand ? [startOf(stand), endOf(stand)] : [];
  const corners = distinct([...back, ...(high ? [high] : []), ...(low && !isOfCollar ? [low] : [])]);
  const outer = piece.edges.find(({ role }) => role === "outer" || role === "notch");
  if (corners.length < 2 || !outer) return null;
  const middle = endOf(outer.path.slice(0, Math.max(1, Math.ceil(outer.path.length / 2))));
  const nearest = (p: Point) => nearestOnChain(corners, p);
  const sign = Math.sign(nearest(middle).side) || 1;
  const neck = piece.edges.find(({ role }) => role === "collar-neck");
  const ruled = neck ? rulingsFrom(flatten(neck.path), corners) : () => null;
  const beyond = (p: Point) => {
    const { foot: square, side, along } = nearest(p);
    // Below the break nothing is folded.
    if (side * sign <= 0 || along > 1 + 1e-9) return null;
    const { foot, room } = ruled(p) ?? { foot: square, room: LOOK_MM };
    const by = distance(p, foot);
    if (by <= 0.01) return null;
    const look = Math.min(LOOK_MM, room);
    const over = { x: foot.x + ((foot.x - p.x) / by) * look, y: foot.y + ((foot.y - p.y) / by) * look };
    return { by, foot, over: look < LEAST_LOOK_MM ? null : over };
  };
  return { corners, beyond };
}

/** How far before a fold the cloth is looked at, to know which way it lies; nearer than the least it says nothing. Millimetres. */
const LOOK_MM = 12;
const LEAST_LOOK_MM = 3;

/**
 * Where the way from a place to the neck edge meets the fold, and how far it is from there to the edge: behind the neck a collar is turned over along
 * such ways, and not square to a fold that runs aslant, or its centre back would cross the middle. Null beyond the end of the neck edge, where it is
 * turned over as a lapel is.
 */
function rulingsFrom(
  edge: readonly Point[],
  corners: readonly Point[],
): (p: Point) => { readonly foot: Point; readonly room: number } | null {
  const start = at(corners, 0);
  const isFromBack = distance(at(edge, 0), start) < distance(at(edge, edge.length - 1), start);
  const chain = isFromBack ? edge : edge.toReversed();
  return (p) => {
    const { foot: onEdge, along } = nearestOnChain(chain, p);
    if (along >= 1) return null;
    for (let i = 0; i + 1 < corners.length; i++) {
      const met = meeting(onEdge, p, at(corners, i), at(corners, i + 1));
      if (met) return { foot: met, room: distance(met, onEdge) };
    }
    return null;
  };
}

/** Where two stretches meet; null where they do not. */
function meeting(a: Point, b: Point, c: Point, d: Point): Point | null {
  const [bx, by, dx, dy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y];
  const across = bx * dy - by * dx;
  if (Math.abs(across) < 1e-9) return null;
  const share = ((c.x - a.x) * dy - (c.y - a.y) * dx) / across;
  const other = ((c.x - a.x) * by - (c.y - a.y) * bx) / across;
  return share >= 0 && share <= 1 && other >= -TOUCHES && other <= 1 + TOUCHES ? lerp(a, b, share) : null;
}

/** A fold that ends on the centre back meets what lies there. A share of its length. */
const TOUCHES = 1e-3;

function rollOf(pieces: readonly Piece[]): Piece["outline"] | null {
  const ofFront = pieces.flatMap(({ kind, lines = [] }) => (kind.of === "bodice" ? lines : []));
  return ofFront.find(({ role }) => role === "roll")?.path ?? null;
}

/** The lower end first. */
function ends(path: Piece["outline"]): readonly [Point, Point] {
  const [a, b] = [startOf(path), endOf(path)];
  return a.y > b.y ? [a, b] : [b, a];
}

const distinct = (points: readonly Point[]) => points.filter((p, i) => i === 0 || distance(p, at(points, i - 1)) > 1);

function nearestOnChain(corners: readonly Point[], p: Point) {
  let best = { foot: at(corners, 0), side: 0, along: 0, off: Number.POSITIVE_INFINITY };
  for (let i = 0; i + 1 < corners.length; i++) {
    const [a, b] = [at(corners, i), at(corners, i + 1)];
    const { foot, unbounded, off } = footOnStretch(p, a, b);
    if (off >= best.off) continue;
    const [wx, wy] = [b.x - a.x, b.y - a.y];
    const isLast = i + 2 === corners.length;
    best = {
      foot,
      side: wx * (p.y - a.y) - wy * (p.x - a.x),
      along: isLast ? unbounded : 0,
      off,
    };
  }
  return best;
}

/** What is folded begins so far off what it is folded on. Metres. */
const OVER = 0.007;

/** The piece with all that lies beyond its fold turned over to the outside, where it will lie on what is before the fold. */
export function foldedOver(mesh: PieceMesh, places: readonly Place[], fold: FoldLine, solid: Solid): readonly Place[] {
  const find = locator(mesh);
  const on = (p: Point): Place => {
    const found = find(p);
    return found ? blended(found, (corner) => at(places, corner)) : [0, 0, 0];
  };
  const normal = new Float64Array(3);
  return mesh.points.map((p, i) => {
    const beyond = fold.beyond(p);
    if (!beyond) return at(places, i);
    const { by, foot, over } = beyond;
    const start = on(foot);
    solid(...start, normal);
    const way = over ? unit(eachAxis((k) => on(over)[k] - start[k])) : DOWN;
    return laidAlong(
      solid,
      eachAxis((k) => start[k] + (normal[k] ?? 0) * OVER),
      way,
      by / 1000,
    );
  });
}

/** Cloth is laid along the body in such steps, and its weight turns it down by so much in each. Metres; a share. */
const STEP = 0.004;
const TURNS_DOWN = 0.12;

/** Where cloth comes to that is laid from a place in some way, so far: along the body where it meets that, and never in it. */
function laidAlong(solid: Solid, start: Place, first: Place, length: number): Place {
  const normal = new Float64Array(3);
  let [place, way] = [start, first];
  for (let gone = 0; gone < length; gone += STEP) {
    const [from, ahead] = [place, way];
    place = eachAxis((k) => from[k] + ahead[k] * Math.min(STEP, length - gone));
    const lacks = OVER - solid(...place, normal);
    let next = eachAxis((k) => ahead[k] + DOWN[k] * TURNS_DOWN);
    if (lacks > 0) {
      const inside = place;
      place = eachAxis((k) => inside[k] + (normal[k] ?? 0) * lacks);
      const into = Math.min(0, dot(next, placeIn(normal, 0)));
      const down = next;
      next = eachAxis((k) => down[k] - into * (normal[k] ?? 0));
    }
    way = unit(next);
  }
  return place;
}

/** Does what was turned down behind the neck lie so, its edge below the neck seam where it is longer than its stand? It may spring up while it settles. */
export function liesTurnedDown({ cut, folds, local }: Folded): boolean {
  return cut.meshes.every(({ points, edges }, m) => {
    const fold = folds[m];
    const ends = edges.get("centreBack") ?? [];
    const [one, other] = [ends[0]?.point, ends[ends.length - 1]?.point];
    if (!fold || one === undefined || other === undefined) return true;
    const [edge, seam] = fold.beyond(at(points, one)) ? [one, other] : [other, one];
    const fall = fold.beyond(at(points, edge))?.by ?? 0;
    const heightOf = (i: number) => local[(at(cut.first, m) + i) * 3 + 1] ?? 0;
    return fall <= distance(at(points, seam), at(fold.corners, 0)) || heightOf(edge) < heightOf(seam);
  });
}

type Folded = {
  readonly cut: { readonly meshes: readonly PieceMesh[]; readonly first: readonly number[] };
  readonly folds: readonly (FoldLine | null)[];
  readonly local: Float64Array;
};
