import { at } from "../data";
import { crossesItself, distance, endOf, line, mapPath, type Path, type Point, pathsCross, startOf } from "../geometry";
import { type Block, type BodiceHalf, curve, meanDepth, SIDES, type Side } from "./half";
import { necklineHalf, USUAL_FULLNESS } from "./neckline-curve";
import { type OutlineFrom, type OutlineHalf, type PlacedEdges, placeHalf } from "./place-outline";

export type BlockOutline = Readonly<Record<Side, OutlineHalf>>;

/** What stands in for edges that were not pointed at. Millimetres. */
export type OutlineStandIns = {
  readonly neckWidth: number;
  readonly neckDepth: Readonly<Record<Side, number>>;
  readonly shoulder: { readonly length: number; readonly slope: number };
};

/** Why edges make no bodice. */
export type OutlineFault = {
  readonly side: Side;
  readonly edge: "armhole" | "neckline" | "shoulder";
  readonly why: "too-short" | "crosses-itself" | "not-downwards" | "crosses-neckline" | "too-bent";
};

export type OutlineBlock =
  | { readonly ok: true; readonly block: Block }
  | { readonly ok: false; readonly faults: readonly OutlineFault[] };

/** A shorter edge was a slip of the pointer, not an armhole or a neckline. */
const LEAST_EDGE_MM = 30;
/** The armhole must fall by this share of its length, or it lies on its side. */
const LEAST_FALL_SHARE = 0.4;
/** A shoulder seam is straight, or nearly. */
const MOST_SHOULDER_BEND = 1.05;
const SIDE_SEAM_STUB_MM = 60;

/** The block whose curves are exactly the edges that were pointed at, turned and moved into place. */
export function blockFromOutline(outline: BlockOutline, standIns: OutlineStandIns, from: OutlineFrom): OutlineBlock {
  const placed = SIDES.map((side) => ({ side, edges: placeHalf(outline[side], from) }));
  const halves = placed.map(({ side, edges }) => assemble(side, edges, standIns));
  const faults = halves.flatMap((half, i) => faultsOf(half, placed[i]?.edges));
  if (faults.length > 0) return { ok: false, faults };
  const [front, back] = [at(halves, 0), at(halves, 1)];
  return {
    ok: true,
    block: {
      front,
      back,
      depth: meanDepth(front, back),
      levels: [{ id: "chest", name: "Chest", y: endOf(front.armhole.path).y }],
      drafts: [],
      figures: [],
      solvers: [],
    },
  };
}

/** Puts the side neck point at the neck's width on the shoulder line, and makes up what was not pointed at. */
function assemble(side: Side, edges: PlacedEdges, standIns: OutlineStandIns): BodiceHalf {
  const { length, slope } = standIns.shoulder;
  const shoulderRun = edges.shoulder
    ? { x: endOf(edges.shoulder).x - startOf(edges.shoulder).x, y: endOf(edges.shoulder).y - startOf(edges.shoulder).y }
    : edges.neckline
      ? {
          x: startOf(edges.armhole).x - startOf(edges.neckline).x,
          y: startOf(edges.armhole).y - startOf(edges.neckline).y,
        }
      : { x: Math.sqrt(Math.max(0, length * length - slope * slope)), y: slope };
  const angle = Math.atan2(shoulderRun.y, shoulderRun.x);
  const neckline = edges.neckline
    ? moveTo(edges.neckline, { x: startOf(edges.neckline).x - endOf(edges.neckline).x, y: 0 })
    : [necklineHalf(standIns.neckWidth, standIns.neckDepth[side], USUAL_FULLNESS[side], angle)];
  const neckPoint = startOf(neckline);
  const shoulderPoint = { x: neckPoint.x + shoulderRun.x, y: neckPoint.y + shoulderRun.y };
  const armhole = moveTo(edges.armhole, shoulderPoint);
  const underarm = endOf(armhole);
  const centre = endOf(neckline);
  const bottom = Math.max(underarm.y, centre.y) + SIDE_SEAM_STUB_MM;
  return {
    side,
    neckline: curve(neckline),
    shoulder: curve(edges.shoulder ? moveTo(edges.shoulder, neckPoint) : line(neckPoint, shoulderPoint)),
    armhole: curve(armhole),
    sideSeam: line(underarm, { x: underarm.x, y: bottom }),
    centre: line(centre, { x: centre.x, y: bottom }),
    shoulderDart: null,
    armholeDart: null,
    isMadeUpBelow: true,
    inner: [],
  };
}

function moveTo(path: Path, start: Point): Path {
  const from = startOf(path);
  return mapPath(path, (p) => ({ x: p.x - from.x + start.x, y: p.y - from.y + start.y }));
}

function faultsOf(half: BodiceHalf, edges: PlacedEdges | undefined): readonly OutlineFault[] {
  const fault = (edge: OutlineFault["edge"], why: OutlineFault["why"]) => ({ side: half.side, edge, why });
  const faults: OutlineFault[] = [];
  const armhole = half.armhole.path;
  if (half.armhole.length < LEAST_EDGE_MM) faults.push(fault("armhole", "too-short"));
  else if (crossesItself(armhole)) faults.push(fault("armhole", "crosses-itself"));
  else if (endOf(armhole).y - startOf(armhole).y < LEAST_FALL_SHARE * half.armhole.length)
    faults.push(fault("armhole", "not-downwards"));
  if (half.neckline.length < LEAST_EDGE_MM) faults.push(fault("neckline", "too-short"));
  else if (crossesItself(half.neckline.path)) faults.push(fault("neckline", "crosses-itself"));
  if (edges?.shoulder && half.shoulder.length > MOST_SHOULDER_BEND * pathChord(half.shoulder.path))
    faults.push(fault("shoulder", "too-bent"));
  if (faults.length === 0 && pathsCross(armhole, half.neckline.path)) faults.push(fault("armhole", "crosses-neckline"));
  return faults;
}

function pathChord(path: Path): number {
  return distance(startOf(path), endOf(path));
}
