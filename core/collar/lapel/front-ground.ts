import { type BodiceHalf, levelOf } from "../../block";
import { at } from "../../data";
import { along, directionTo, distance, endOf, type Point, rotateDirection, startOf, step } from "../../geometry";
import { INCH_MM } from "../../tape";
import type { CollarChoiceOf } from "../collar-fields";
import type { CollarBase } from "../collar-kind";

/** A front with its roll line: what a collar that is cut with it is drafted on. Millimetres, the block's own coordinates of the front. */
export type FrontGround = {
  readonly front: BodiceHalf;
  readonly back: BodiceHalf;
  /** Side neck point, and the way from it along the shoulder. */
  readonly neck: Point;
  readonly outAlongShoulder: Point;
  readonly backNeck: number;
  /** How far the front runs on beyond its centre. */
  readonly beyond: number;
  readonly breakPoint: Point;
  /** Where the roll line, or crease, meets the shoulder line. */
  readonly rollTop: Point;
  /** Up along the roll line, and from it to the side of lapel and outer edge. */
  readonly up: Point;
  readonly outwards: Point;
  readonly chest: number;
  readonly waist: number;
};

/** Where no under-bust line was drafted it is taken to lie at two fifths from chest to waist. Our own estimate. */
const UNDERBUST_SHARE = 0.4;

/** The level of a usual break point. */
export function breakLevel({ block, waist }: CollarBase, breakAt: CollarChoiceOf<"breakAt">): number {
  const chest = chestOf({ block });
  const underbust = levelOf(block, "underbust") ?? chest + (waist - chest) * UNDERBUST_SHARE;
  switch (breakAt) {
    case "chest":
      return chest;
    case "underbust":
      return underbust - INCH_MM;
    case "above-waist":
      return waist - 2 * INCH_MM;
    case "waist":
      return waist;
  }
}

export function chestOf({ block }: Pick<CollarBase, "block">): number {
  return levelOf(block, "chest") ?? endOf(block.front.armhole.path).y;
}

/** Null when the break point does not lie below the neckline: there is no lapel to turn back then. */
export function frontGround(
  base: CollarBase,
  { breakY, beyond, ahead }: { readonly breakY: number; readonly beyond: number; readonly ahead: number },
): FrontGround | null {
  const { front, back } = base.block;
  const neck = startOf(front.shoulder.path);
  if (breakY < startOf(front.centre).y + LEAST_BELOW_MM) return null;
  const outAlongShoulder = along(front.shoulder.path, 0).direction;
  const rollTop = step(neck, outAlongShoulder, -ahead);
  const breakPoint = { x: startOf(front.centre).x - beyond, y: breakY };
  const up = directionTo(breakPoint, rollTop);
  return {
    front,
    back,
    neck,
    outAlongShoulder,
    backNeck: back.neckline.length,
    beyond,
    breakPoint,
    rollTop,
    up,
    outwards: rotateDirection(up, -Math.PI / 2),
    chest: chestOf(base),
    waist: base.waist,
  };
}

/** A lapel shorter than this below the neckline cannot be turned back. Our own limit. */
const LEAST_BELOW_MM = 15;

/** The point on the other side of the roll line: where it lies when it is turned back. */
export function turnedBack({ breakPoint, outwards }: FrontGround, p: Point): Point {
  const off = (p.x - breakPoint.x) * outwards.x + (p.y - breakPoint.y) * outwards.y;
  return step(p, outwards, -2 * off);
}

/** How far a point lies outside the roll line. */
export function offRollLine({ breakPoint, outwards }: FrontGround, p: Point): number {
  return (p.x - breakPoint.x) * outwards.x + (p.y - breakPoint.y) * outwards.y;
}

/** How far inside the armhole all these places lie; negative when one lies beyond it. */
export function clearanceInside(places: readonly Point[], armhole: readonly Point[]): number {
  return Math.min(
    ...places.map((p) => {
      const nearest = nearestTo(p, armhole);
      return distance(nearest, p) * (p.x > nearest.x ? -1 : 1);
    }),
  );
}

function nearestTo(p: Point, places: readonly Point[]): Point {
  let nearest = at(places, 0);
  let least = Number.POSITIVE_INFINITY;
  for (const q of places) {
    const squared = (q.x - p.x) ** 2 + (q.y - p.y) ** 2;
    if (squared < least) {
      least = squared;
      nearest = q;
    }
  }
  return nearest;
}
