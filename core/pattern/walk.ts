import { add, along, mapPath, type Path, type Point, rotatePath } from "../geometry";
import { type EaseProfile, easeProfile, easeUpTo } from "./ease";
import type { Seam } from "./seam";

/** One moment of walking the sleeve round the armhole: which place of the one lies on which of the other. Millimetres from the underarm. */
export type WalkMoment = {
  readonly bodyAt: number;
  readonly partAt: number;
  /** What has been eased in on the way here. */
  readonly easedIn: number;
  readonly bodyPoint: Point;
  readonly partPoint: Point;
  /** How far the part is turned from how it lies, so that both edges run the same way here, in radians. */
  readonly turn: number;
};

export type Walk = {
  readonly seam: Seam;
  readonly profile: EaseProfile;
  readonly at: (bodyAt: number) => WalkMoment;
  /** What is left of the part's edge when the body's edge is walked to its end; negative where some of it is missing. */
  readonly gap: number;
};

/**
 * The walk of a seam as it is done by hand: the part rolls along the body's edge, and takes in the ease that was wanted where it was
 * wanted. Exact, by arc length; `body` is the armhole from the underarm as it lies on the sheet.
 */
export function walkSeam(seam: Seam, body: Path): Walk {
  const notchAt = seam.sections[0]?.bodyLength ?? 0;
  const profile = easeProfile(notchAt, seam.bodyLength, seam.target, seam.sections[0]?.ease ?? 0);
  const at = (wanted: number): WalkMoment => {
    const bodyAt = Math.min(seam.bodyLength, Math.max(0, wanted));
    const easedIn = easeUpTo(profile, bodyAt);
    const partAt = bodyAt + easedIn;
    const onBody = along(body, bodyAt);
    const onPart = along(seam.partPath, Math.min(partAt, seam.partLength));
    return {
      bodyAt,
      partAt,
      easedIn,
      bodyPoint: onBody.point,
      partPoint: onPart.point,
      turn: angleOf(onBody.direction) - angleOf(onPart.direction),
    };
  };
  return { seam, profile, at, gap: seam.partLength - seam.bodyLength - seam.target };
}

/** A line of the part where it lies at this moment of the walk. */
export function layPart(path: Path, { bodyPoint, partPoint, turn }: WalkMoment): Path {
  const move = { x: bodyPoint.x - partPoint.x, y: bodyPoint.y - partPoint.y };
  return mapPath(rotatePath(path, partPoint, turn), (p) => add(p, move));
}

function angleOf(direction: Point): number {
  return Math.atan2(direction.y, direction.x);
}
