import { at } from "../../data";
import { distance, endOf, footOnStretch, type Point, startOf } from "../../geometry";
import type { Piece } from "../../pattern";
import { locator } from "../mesh/locate";
import type { PieceMesh } from "../mesh/piece-mesh";
import { blended, eachAxis, type Place } from "../place";
import type { Solid } from "../solver/solver";

/** Where a collar or lapel is folded over: a line through the piece, and which side of it lies outside. */
export type FoldLine = {
  readonly corners: readonly Point[];
  /** How far beyond the fold a place lies in millimetres, and its foot on the line; null on the near side. */
  readonly beyond: (p: Point) => { readonly by: number; readonly foot: Point; readonly inwards: Point } | null;
};

const OUTER_EDGES = ["lapelNotch", "outer", "notch"];

/** The fold of a piece, from the centre back round the neck to where a lapel breaks; null for one that is not folded. */
export function foldLineOf(piece: Piece, pieces: readonly Piece[]): FoldLine | null {
  const own = (name: string) => piece.lines?.find((line) => line.name === name)?.path ?? null;
  const stand = own("Fold of the stand");
  // A collar that is cut apart goes on to where the roll line of its front ends.
  const roll = own("Roll line") ?? (piece.id === "collar" && stand ? rollOf(pieces) : null);
  const [low, high] = roll ? ends(roll) : [null, null];
  const back = stand ? [startOf(stand), endOf(stand)] : [];
  const corners = distinct([...back, ...(high ? [high] : []), ...(low && piece.id !== "collar" ? [low] : [])]);
  const outer = piece.edges.find(({ id }) => OUTER_EDGES.includes(id));
  if (corners.length < 2 || !outer) return null;
  const middle = endOf(outer.path.slice(0, Math.max(1, Math.ceil(outer.path.length / 2))));
  const nearest = (p: Point) => nearestOnChain(corners, p);
  const sign = Math.sign(nearest(middle).side) || 1;
  return {
    corners,
    beyond: (p) => {
      const { foot, side, along, inwards } = nearest(p);
      // Below the break nothing is folded.
      if (side * sign <= 0 || along > 1 + 1e-9) return null;
      const by = distance(p, foot);
      return by > 0.01 ? { by, foot, inwards: { x: -inwards.x * sign, y: -inwards.y * sign } } : null;
    },
  };
}

function rollOf(pieces: readonly Piece[]): Piece["outline"] | null {
  return (
    pieces
      .find(
        ({ id, lines }) =>
          id.startsWith("front") && id !== "frontFacing" && lines?.some(({ name }) => name === "Roll line"),
      )
      ?.lines?.find(({ name }) => name === "Roll line")?.path ?? null
  );
}

/** The lower end first. */
function ends(path: Piece["outline"]): readonly [Point, Point] {
  const [a, b] = [startOf(path), endOf(path)];
  return a.y > b.y ? [a, b] : [b, a];
}

const distinct = (points: readonly Point[]) => points.filter((p, i) => i === 0 || distance(p, at(points, i - 1)) > 1);

function nearestOnChain(corners: readonly Point[], p: Point) {
  let best = { foot: at(corners, 0), side: 0, along: 0, inwards: { x: 0, y: 0 }, off: Number.POSITIVE_INFINITY };
  for (let i = 0; i + 1 < corners.length; i++) {
    const [a, b] = [at(corners, i), at(corners, i + 1)];
    const { foot, unbounded, off } = footOnStretch(p, a, b);
    if (off >= best.off) continue;
    const [wx, wy] = [b.x - a.x, b.y - a.y];
    const size = Math.hypot(wx, wy);
    const isLast = i + 2 === corners.length;
    best = {
      foot,
      side: wx * (p.y - a.y) - wy * (p.x - a.x),
      along: isLast ? unbounded : 0,
      inwards: { x: -wy / size, y: wx / size },
      off,
    };
  }
  return best;
}

/** How far inside a fold the cloth is looked at, to know which way it lies. Millimetres. */
const LOOK_MM = 12;
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
    const { by, foot, inwards } = beyond;
    const start = on(foot);
    const inside = on({ x: foot.x + inwards.x * LOOK_MM, y: foot.y + inwards.y * LOOK_MM });
    const way = eachAxis((k) => inside[k] - start[k]);
    const size = Math.hypot(...way) || 1;
    solid(start[0], start[1], start[2], normal);
    return eachAxis((k) => start[k] + (way[k] / size) * (by / 1000) + (normal[k] ?? 0) * OVER);
  });
}
