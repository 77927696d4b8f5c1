import { type Block, type BodiceHalf, lengthToLevel, sewnArmhole } from "../../block";
import { at } from "../../data";
import { cubicPoint, distance, endOf, leastAt, lerp, type Path, type Point } from "../../geometry";
import { NOTCH_LEVEL_SHARE_OF_DEPTH } from "../set-in/notches";
import { CAP_SHAPES, followingShape, halfCap } from "./cap-shape";
import { halfWidthFor } from "./fit";

/** By the handle at its underarm, how the lower cap of each half follows its armhole: a share of the half width. */
export type LowerHollows = { readonly front: number; readonly back: number };

/** Lower and it would be a corner at the underarm, higher and the crown would come to a point. Our own limits. */
const HOLLOW = { least: 0.25, most: 0.6 } as const;
const HOLLOW_TOLERANCE = 1e-3;
/**
 * The cap on which a lower curve is laid for comparison: a usual fitted one. It depends on the armhole alone, so that the shape
 * is known before a cap is solved for and stays the same whatever its width. Our own figures.
 */
const COMPARED_HEIGHT_SHARE = 0.75;
const COMPARED_EASE_SHARE = 0.06;
const PLACES = 8;
/** Chords of one cubic: near enough for choosing a shape, and fine enough for measuring it. */
const CHORDS = { compared: 24, measured: 120 } as const;

/**
 * The hollows with which the lower cap lies nearest to the armhole, underarm on underarm, from there to the usual level of the
 * notches: the least mean square distance between places equally far along both. Our own rule; the aim is common practice.
 */
export function lowerHollows(block: Block): LowerHollows {
  const known = KNOWN.get(block);
  if (known) return known;
  const found = { front: hollowFor(block.front, block.depth), back: hollowFor(block.back, block.depth) };
  KNOWN.set(block, found);
  return found;
}

/** A block is drafted on many times while a sleeve is tried out. */
const KNOWN = new WeakMap<Block, LowerHollows>();

function hollowFor(half: BodiceHalf, depth: number): number {
  const seam = half.armhole.length * (1 + COMPARED_EASE_SHARE);
  const height = COMPARED_HEIGHT_SHARE * Math.min(depth, seam);
  const width = halfWidthFor(CAP_SHAPES.quarters[half.side], seam, height);
  const distances = placesUpTo(lengthToLevel(half, depth * NOTCH_LEVEL_SHARE_OF_DEPTH));
  const armhole = fromUnderarm(sewnArmhole(half), distances, CHORDS.compared);
  const miss = (underarmHollow: number) => {
    const cap = fromUnderarm([halfCap(followingShape(underarmHollow), width, height)], distances, CHORDS.compared);
    let sum = 0;
    for (const [i, { x, y }] of cap.entries()) {
      const beside = armhole[i];
      if (beside) sum += (x - beside.x) ** 2 + (y - beside.y) ** 2;
    }
    return sum;
  };
  return leastAt(miss, HOLLOW.least, HOLLOW.most, HOLLOW_TOLERANCE);
}

/**
 * How far two edges that are sewn together lie apart at most, up to a distance from their underarms laid on each other, to
 * 0.01 mm; as far as the shorter of them goes. Both run down to the underarm.
 */
export function standOff(bodyDown: Path, partDown: Path, upTo: number): number {
  const distances = placesUpTo(upTo);
  const body = fromUnderarm(bodyDown, distances, CHORDS.measured);
  const part = fromUnderarm(partDown, distances, CHORDS.measured);
  return part.reduce((most, place, i) => Math.max(most, distance(body[i] ?? place, place)), 0);
}

function placesUpTo(upTo: number): readonly number[] {
  return Array.from({ length: PLACES }, (_, i) => (upTo * (i + 1)) / PLACES);
}

/** The places at rising distances up from the underarm, in which the path ends: x away from it, y up. By chords. */
function fromUnderarm(down: Path, distances: readonly number[], chords: number): readonly Point[] {
  const places: Point[] = [];
  const underarm = endOf(down);
  let from = underarm;
  let before = 0;
  for (let cubic = down.length - 1; cubic >= 0; cubic--) {
    for (let i = 1; i <= chords && places.length < distances.length; i++) {
      const to = cubicPoint(at(down, cubic), 1 - i / chords);
      const after = before + Math.sqrt((to.x - from.x) ** 2 + (to.y - from.y) ** 2);
      for (let next = distances[places.length]; next !== undefined && next <= after; next = distances[places.length]) {
        const place = lerp(from, to, (next - before) / (after - before));
        places.push({ x: Math.abs(place.x - underarm.x), y: underarm.y - place.y });
      }
      from = to;
      before = after;
    }
  }
  return places;
}
