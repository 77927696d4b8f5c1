import { at } from "../../data";
import { distance } from "../../geometry";
import type { Piece } from "../../pattern";
import type { BodyFigures } from "../body/figure";
import type { PieceMesh } from "../mesh/piece-mesh";
import { facing, placeIn } from "../place";
import { type Layers, NO_LAYERS } from "../solver/layers";
import { edgeKey } from "../solver/sheet";
import { clothSolver, type Solver } from "../solver/solver";
import { type Ties, USUAL_CLEARANCE } from "../solver/surroundings";
import { type Assembly, type Cut, type Pair, placeOnPiece, type Stitched } from "./assembly";
import type { ElasticLink } from "./elastics";
import type { FoldLine } from "./fold";
import { goesOf, type SewingPlan, type WornPiece } from "./plan";

/** Cloth ready to move: its solver, the seams that are still open, and how far off the body each point keeps. */
export type OnBody = {
  readonly solver: Solver;
  readonly ties: Ties;
  readonly layers: Layers;
  /** How far apart the edges of each open seam begin, stitch by stitch. Metres. */
  readonly apart: readonly number[];
  readonly clearance: Float64Array;
};

export type Pieces = { readonly cut: Cut; readonly plan: SewingPlan; readonly folds: readonly (FoldLine | null)[] };
export type Sampling = { readonly rate: number; readonly edge: number };

/** The assembly where its pieces are: `local` holds the place of every point of every piece; those that were joined meet halfway. */
export function onBody(
  assembly: Assembly,
  local: Float64Array,
  pieces: Pieces,
  { rate, edge }: Sampling,
  open: readonly Pair[],
  elastics: readonly ElasticLink[],
  isWhole = true,
): OnBody {
  const { sheet, pointOf } = assembly;
  const places = new Float64Array(sheet.points * 3);
  const shares = new Float64Array(sheet.points);
  pointOf.forEach((point, i) => {
    if (point < 0) return;
    shares[point] = (shares[point] ?? 0) + 1;
    for (let k = 0; k < 3; k++) places[point * 3 + k] = (places[point * 3 + k] ?? 0) + (local[i * 3 + k] ?? 0);
  });
  for (let i = 0; i < places.length; i++) places[i] = (places[i] ?? 0) / Math.max(1, shares[Math.floor(i / 3)] ?? 1);
  const joined = (a: number, b: number): readonly Pair[] => {
    const [p, q] = [pointOf[a] ?? -1, pointOf[b] ?? -1];
    return p >= 0 && q >= 0 && p !== q ? [[p, q]] : [];
  };
  const tied = open.flatMap(([a, b]) => joined(a, b));
  const drawn = elastics.flatMap(({ points: [a, b], rest, stiffness }) =>
    joined(a, b).map((points) => ({ points, rest, stiffness })),
  );
  const ties: Ties = {
    points: Int32Array.from([...tied, ...drawn.map(({ points }) => points)].flat()),
    rest: Float64Array.from([...tied.map(() => 0), ...drawn.map(({ rest }) => rest)]),
    stiffness: Float64Array.from([...tied.map(() => Number.POSITIVE_INFINITY), ...drawn.map((one) => one.stiffness)]),
  };
  const apart = tied.map((_, t) => gapOf(ties, places, t));
  const inMiddle = [...middleEdges(pieces, isWhole).values()].flat().flatMap(({ point }) => {
    const own = pointOf[point] ?? -1;
    return own < 0 ? [] : [own];
  });
  const layers = isWhole ? layersOf(pieces, assembly, places) : NO_LAYERS;
  const solver = clothSolver({ sheet, places, rate, edge: edge / 1000, inMiddle, ties, layers });
  return { solver, ties, layers, apart, clearance: clearances(pieces, assembly) };
}

export function gapOf({ points }: Ties, places: Float64Array, tie: number): number {
  const [a, b] = [(points[tie * 2] ?? 0) * 3, (points[tie * 2 + 1] ?? 0) * 3];
  const off = (k: number) => (places[a + k] ?? 0) - (places[b + k] ?? 0);
  return Math.hypot(off(0), off(1), off(2));
}

/** Writes where the points of the assembly are back to the pieces. */
export function keepPlaces({ pointOf }: Assembly, places: Float64Array, local: Float64Array): void {
  pointOf.forEach((point, i) => {
    if (point < 0) return;
    for (let k = 0; k < 3; k++) local[i * 3 + k] = places[point * 3 + k] ?? 0;
  });
}

type Stop = { readonly at: number; readonly point: number };

/** Every edge that lies in the middle of the body, by piece and name, with its points in the numbering of all; a collar that is grown on once it is put on. */
export function middleEdges(
  { cut: { meshes, first }, plan }: Pieces,
  isWhole = true,
): ReadonlyMap<string, readonly Stop[]> {
  return new Map(
    meshes.flatMap(({ edges }, m) => {
      const { middle, grownOn, piece } = at(plan.pieces, m);
      const names = grownOn && isWhole ? [...middle, grownOn.middle] : middle;
      return names.map((name) => {
        const stops = (edges.get(name) ?? []).map((stop) => ({ at: stop.at, point: at(first, m) + stop.point }));
        return [`${piece.id}.${name}`, stops] as const;
      });
    }),
  );
}

/** A collar that is turned over, or stands without one. */
const isCollarOver = (piece: Piece) => piece.kind.of === "collar" && goesOf(piece) !== "stand";

/** The ends of a cuff or band lap over: it is a ring. */
export function ringPairs({ cut: { meshes, first }, plan }: Pieces): readonly Pair[] {
  return meshes.flatMap(({ edges, points }, m) => {
    const { piece } = at(plan.pieces, m);
    if (goesOf(piece) !== "cuff") return [];
    const [one, other] = piece.edges.filter(({ role }) => role === "end").map(({ id }) => edges.get(id) ?? []);
    if (!one || !other) return [];
    return one.flatMap(({ point }): readonly Pair[] => {
      const { x } = at(points, point);
      const across = other.find((end) => Math.abs(at(points, end.point).x - x) < 1);
      return across ? [[at(first, m) + point, at(first, m) + across.point]] : [];
    });
  });
}

/** Over the garment a collar keeps so much further off the body, so that it lies on the cloth and not in it. Metres. */
const OVER = 0.005;

function clearances({ cut: { meshes, first }, plan, folds }: Pieces, { pointOf, sheet }: Assembly): Float64Array {
  const clearance = new Float64Array(sheet.points).fill(USUAL_CLEARANCE);
  meshes.forEach((mesh, m) => {
    const { piece, base } = at(plan.pieces, m);
    const fold = at(folds, m);
    if (!isCollarOver(piece) && !fold) return;
    const sewn = new Set(base.flatMap((name) => (mesh.edges.get(name) ?? []).map(({ point }) => point)));
    mesh.points.forEach((p, i) => {
      const point = pointOf[at(first, m) + i] ?? -1;
      const isOver = fold ? fold.beyond(p) !== null : !sewn.has(i);
      if (point >= 0 && isOver) clearance[point] = USUAL_CLEARANCE + OVER;
    });
  });
  return clearance;
}

/** So near its fold or seam cloth turns over and does not lie on anything yet. Millimetres. */
const TURNS_MM = 12;

/** Collar and lapel over the garment. What is over looks the way that the body does where the lower cloth lies. */
function layersOf(
  { cut: { meshes, first }, plan, folds }: Pieces,
  { pointOf, sheet, pieceOf }: Assembly,
  places: Float64Array,
): Layers {
  const over = new Set<number>();
  meshes.forEach(({ piece, points, edges }, m) => {
    const fold = at(folds, m);
    const { base } = at(plan.pieces, m);
    const isFall = isCollarOver(piece) && !fold;
    if (!fold && !isFall) return;
    const seam = isFall ? base.flatMap((name) => edges.get(name) ?? []).map(({ point }) => at(points, point)) : [];
    points.forEach((p, i) => {
      const off = fold ? (fold.beyond(p)?.by ?? 0) : Math.min(...seam.map((other) => distance(p, other)));
      const point = pointOf[at(first, m) + i] ?? -1;
      if (point >= 0 && off > TURNS_MM) over.add(point);
    });
  });
  if (over.size === 0) return NO_LAYERS;
  const under: number[] = [];
  for (let t = 0; t < pieceOf.length; t++) {
    const m = pieceOf[t] ?? 0;
    const { role, piece } = at(plan.pieces, m);
    if (role === "attached" && goesOf(piece) !== "stand") continue;
    if (at(folds, m)?.beyond(placeOnPiece(piece, sheet.rest, t))) continue;
    const corners = [0, 1, 2].map((k) => sheet.triangles[t * 3 + k] ?? 0);
    if (corners.some((corner) => over.has(corner))) continue;
    under.push(...(looksOut(corners, places) ? corners : corners.toReversed()));
  }
  return { over: Int32Array.from(over), under: Int32Array.from(under) };
}

/** Does a triangle look away from the axis of the body, and up where it lies on the shoulder? */
function looksOut([a = 0, b = 0, c = 0]: readonly number[], places: Float64Array): boolean {
  const [x, , z] = placeIn(places, a);
  const [nx, ny, nz] = facing(places, a, b, c);
  return nx * x + ny * UPWARDS + nz * z > 0;
}

/** How much looking up counts beside looking out: about as much as a shoulder lies off the axis. Metres. */
const UPWARDS = 0.1;

/** Seams at which a collar turns down over its stand. */
const TURNED_SEAMS = /^collar\.fall$/;

/** Edges across which the cloth is turned over: along the seam of a fall, and along the fold of a collar or lapel. */
export function creasesOf(
  { pointOf }: Assembly,
  { cut: { meshes, first } }: Pieces,
  stitches: readonly Stitched[],
): ReadonlySet<number> {
  const creases = new Set<number>();
  const joined = (a: number, b: number): void => {
    creases.add(edgeKey(pointOf[a] ?? -1, pointOf[b] ?? -1));
  };
  const ofSeam = stitches.filter(({ seam }) => TURNED_SEAMS.test(seam));
  for (const [i, { pair }] of ofSeam.slice(1).entries()) joined(at(ofSeam, i).pair[0], pair[0]);
  meshes.forEach(({ lines }, m) => {
    const start = at(first, m);
    for (const line of lines)
      for (const [i, stop] of line.slice(1).entries()) joined(start + at(line, i), start + stop);
  });
  return creases;
}

/** How far each point goes with the arm: not at all on the trunk, whole below the cap. */
export function armShares(
  { cut: { meshes, first }, plan }: Pieces,
  { pointOf, sheet }: Assembly,
  figures: BodyFigures,
): Float64Array {
  const shares = new Float64Array(sheet.points);
  const give = (m: number, share: (i: number) => number) =>
    at(meshes, m).points.forEach((_, i) => {
      const point = pointOf[at(first, m) + i] ?? -1;
      if (point >= 0) shares[point] = share(i);
    });
  meshes.forEach((mesh, m) => {
    const share = armShare(at(plan.pieces, m), mesh, figures.tip.x);
    if (share) give(m, share);
  });
  // A point of the armhole belongs to both and stays where the trunk has it.
  meshes.forEach((_, m) => {
    if (at(plan.pieces, m).role === "trunk") give(m, () => 0);
  });
  return shares;
}

/** The way over which a sleeve in one with the bodice begins to go with the arm. Millimetres. */
const BEGINS_OVER_MM = 90;
const LEAST_CAP_MM = 40;

function armShare({ role }: WornPiece, { points, piece }: PieceMesh, tip: number): ((i: number) => number) | null {
  if (["cuff", "arm"].includes(goesOf(piece) ?? "")) return () => 1;
  if (role === "flat") return (i) => Math.min(1, Math.max(0, (at(points, i).x - tip) / BEGINS_OVER_MM));
  if (role !== "arm") return null;
  const ofCap = piece.edges.filter(({ role: of }) => of === "cap" || of === "raglan" || of === "lower-cap");
  const capLine = Math.max(LEAST_CAP_MM, ...ofCap.flatMap(({ path }) => path.map(([, , , p]) => p.y)));
  return (i) => Math.min(1, Math.max(0, at(points, i).y / capLine));
}
