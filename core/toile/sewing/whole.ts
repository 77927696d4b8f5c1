import { at } from "../../data";
import type { ArmPose } from "../body/arm";
import type { Rest } from "../solver/implicit";
import { edgeEnds, edgeKey, type Sheet } from "../solver/sheet";
import { clothSolver, type Solver } from "../solver/solver";
import type { Solid } from "../solver/surroundings";
import type { Assembly } from "./assembly";
import { type Hanging, halfHanging, hang, type Progress } from "./hang";
import { keepPlaces, middleEdges } from "./on-body";
import { readyToHang } from "./sew-up";
import type { Sewing } from "./sewing";

/** A half with where its points are, the left one mirrored to the right. */
export type Half = { readonly sewing: Sewing; readonly local: Float64Array };

/** How a half of a whole hangs. */
export type HalfHung = {
  readonly assembly: Assembly;
  readonly local: Float64Array;
  readonly places: Float64Array;
  readonly strains: Float64Array;
};

export type WholeHung = {
  readonly right: HalfHung;
  readonly left: HalfHung;
  readonly solver: Solver;
  readonly steps: number;
  readonly rest: Rest;
};

/**
 * Both halves of a garment whose arms differ, sewn together along the middle: the arms go from where they were held to their pose, and the cloth
 * comes to rest. Both halves are of the same pieces in the same order.
 */
export function* hangWhole(
  right: Half,
  left: Half,
  { before, isFirst }: { readonly before: ArmPose; readonly isFirst: boolean },
): Generator<Progress, WholeHung> {
  const [r, l] = [readyToHang(right.sewing, right.local), readyToHang(left.sewing, left.local)];
  const points = r.assembly.sheet.points;
  const joined = joinedInMiddle(right.sewing, r.assembly, left.sewing, l.assembly);
  const { ofLeft } = joined;
  const places = new Float64Array(joined.sheet.points * 3);
  for (let i = 0; i < ofLeft.length; i++) putMirrored(l.ready.solver.places, i, places, ofLeft[i] ?? 0);
  places.set(r.ready.solver.places);
  const onLeft = (list: Int32Array) => list.map((point) => ofLeft[point] ?? 0);
  const ties = {
    points: Int32Array.from([...r.ready.ties.points, ...onLeft(l.ready.ties.points)]),
    rest: Float64Array.from([...r.ready.ties.rest, ...l.ready.ties.rest]),
    stiffness: Float64Array.from([...r.ready.ties.stiffness, ...l.ready.ties.stiffness]),
  };
  const { rate, edge } = right.sewing;
  // Mirrored, a triangle looks the other way.
  const layers = {
    over: Int32Array.from([...r.ready.layers.over, ...onLeft(l.ready.layers.over)]),
    under: Int32Array.from([...r.ready.layers.under, ...onLeft(l.ready.layers.under.toReversed())]),
  };
  const solver = clothSolver({ sheet: joined.sheet, places, rate, edge: edge / 1000, ties, layers });
  const clearance = new Float64Array(joined.sheet.points);
  clearance.set(r.ready.clearance);
  for (let i = 0; i < ofLeft.length; i++)
    if ((ofLeft[i] ?? 0) >= points) clearance[ofLeft[i] ?? 0] = l.ready.clearance[i] ?? 0;

  // Each half turns its own arm and folds, on places of its own.
  const ofHalf = (): readonly [Float64Array, Float64Array] => [places.slice(0, points * 3), leftOf(places, ofLeft)];
  const halves = [
    halfHanging(right.sewing, r.assembly, r.ready.solver, r.ready.clearance),
    halfHanging(left.sewing, l.assembly, l.ready.solver, l.ready.clearance),
  ] as const;
  const ofEachHalf = (act: (half: Hanging) => void) => {
    const now = ofHalf();
    for (const [i, half] of halves.entries()) {
      half.solver.places.set(at(now, i));
      act(half);
    }
    for (let i = 0; i < ofLeft.length; i++) putMirrored(halves[1].solver.places, i, places, ofLeft[i] ?? 0);
    places.set(halves[0].solver.places);
  };
  const hanging: Hanging = {
    ...halves[0],
    solver,
    clearance,
    solidAt: (pose) => bothSides(halves[0].solidAt(pose), halves[1].solidAt(pose)),
    turn: (from, to) => ofEachHalf((half) => half.turn(from, to)),
    turnDown: () => ofEachHalf((half) => half.turnDown(half.solidAt(right.sewing.pose))),
  };
  const { steps, rest } = yield* hang(hanging, { from: before, to: right.sewing.pose, isFirst }, 0.1);
  const strains = solver.strains();
  const [ofRight, mirrored] = ofHalf();
  const half = ({ local }: Half, assembly: Assembly, own: Float64Array, ownStrains: Float64Array): HalfHung => {
    keepPlaces(assembly, own, local);
    return { assembly, local, places: own, strains: ownStrains };
  };
  const triangles = r.assembly.sheet.clothOf.length * 2;
  return {
    right: half(right, r.assembly, ofRight, strains.slice(0, triangles)),
    left: half(left, l.assembly, mirrored, strains.slice(triangles)),
    solver,
    steps,
    rest,
  };
}

/** The left half's points, each mirrored to the right. */
function leftOf(places: Float64Array, ofLeft: Int32Array): Float64Array {
  const own = new Float64Array(ofLeft.length * 3);
  for (let i = 0; i < ofLeft.length; i++) putMirrored(places, ofLeft[i] ?? 0, own, i);
  return own;
}

function putMirrored(from: Float64Array, point: number, to: Float64Array, other: number): void {
  to[other * 3] = -(from[point * 3] ?? 0);
  to[other * 3 + 1] = from[point * 3 + 1] ?? 0;
  to[other * 3 + 2] = from[point * 3 + 2] ?? 0;
}

/** One solid for each side of the middle, the left one given as it would be on the right. */
function bothSides(right: Solid, left: Solid): Solid {
  return (x, y, z, normal) => {
    if (x >= 0) return right(x, y, z, normal);
    const out = left(-x, y, z, normal);
    normal[0] = -(normal[0] ?? 0);
    return out;
  };
}

/** Along an edge in the middle two places of the halves are one to this. Millimetres. */
const SAME_PLACE_MM = 0.6;

/** Both sheets as one, and which point of it each point of the left half became. */
function joinedInMiddle(
  right: Sewing,
  r: Assembly,
  left: Sewing,
  l: Assembly,
): { readonly sheet: Sheet; readonly ofLeft: Int32Array } {
  const ofLeft = new Int32Array(l.sheet.points).fill(-1);
  const rightEdges = middleEdges(right);
  for (const [name, stops] of middleEdges(left)) {
    for (const { at: place, point } of stops) {
      const other = rightEdges.get(name)?.find((one) => Math.abs(one.at - place) < SAME_PLACE_MM);
      const [own, met] = [l.pointOf[point] ?? -1, other ? (r.pointOf[other.point] ?? -1) : -1];
      if (own >= 0 && met >= 0) ofLeft[own] = met;
    }
  }
  let { points } = r.sheet;
  for (let i = 0; i < ofLeft.length; i++) if (ofLeft[i] === -1) ofLeft[i] = points++;
  const onLeft = (point: number) => ofLeft[point] ?? 0;
  const onLeftEdge = (key: number) => {
    const [a, b] = edgeEnds(key);
    return edgeKey(onLeft(a), onLeft(b));
  };
  return {
    ofLeft,
    sheet: {
      points,
      triangles: Int32Array.from([...r.sheet.triangles, ...l.sheet.triangles.map(onLeft)]),
      rest: Float64Array.from([...r.sheet.rest, ...l.sheet.rest]),
      clothOf: Uint8Array.from([...r.sheet.clothOf, ...l.sheet.clothOf]),
      cloths: r.sheet.cloths,
      creases: new Set([...(r.sheet.creases ?? []), ...[...(l.sheet.creases ?? [])].map(onLeftEdge)]),
    },
  };
}
