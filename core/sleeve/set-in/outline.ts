import {
  add,
  along,
  type Cubic,
  distance,
  endOf,
  lengthAtHeight,
  lerp,
  line,
  mapCubic,
  mapPath,
  mirrored,
  type Path,
  type Point,
  pathLength,
  reversePath,
  rotatePath,
  rotatePoint,
  subpath,
} from "../../geometry";
import type { CapFrame } from "../cap/cap-frame";
import { type CapShapes, halfCap } from "../cap/cap-shape";

/** Whole widths and levels of the sleeve below its cap, in millimetres; levels run down from the crown. */
export type SleeveLengths = {
  /** As it is cut, from the crown to the hem. */
  readonly length: number;
  /** What a cuff or a band adds to it, and what falls over that and is no length of the finished sleeve. */
  readonly finishDepth: number;
  readonly fall: number;
  readonly wristLevel: number;
  readonly elbowLevel: number;
  readonly elbowWidth: number;
  readonly wristWidth: number;
  /** How deep the hem is turned up; 0 for a sleeve that ends on its stitching line. */
  readonly turnUp: number;
  /** What a dart in the back seam at the elbow takes in there; 0 for none. */
  readonly elbowDart: number;
  /** Are the sides ruled from the cap line to the hem, past the elbow? */
  readonly isStraight?: boolean;
};

/** What is folded up inside: its sides from the hem down, mirrored from the seams above the hem so that it lies flat on them. */
export type TurnUp = { readonly front: Path; readonly back: Path };

/** The edges of the sleeve, each in the direction in which the outline runs: over the crown from back to front. */
export type SleeveOutline = {
  readonly crown: Point;
  readonly frontEnd: Point;
  readonly backEnd: Point;
  /** From the crown down to the end of the cap line. */
  readonly capFront: Cubic;
  readonly capBack: Cubic;
  /** From the end of the cap line down to the hem; the back one only to its elbow dart where there is one. */
  readonly underarmFront: Path;
  readonly underarmBack: Path;
  readonly elbowDart: ElbowDart | null;
  readonly frontHem: Point;
  readonly backHem: Point;
  /** Null when the elbow line would lie in the cap or below the hem. */
  readonly elbow: { readonly front: Point; readonly back: Point } | null;
  /** Null when none is asked for, or when it would be deeper than the seam above it. */
  readonly turnUp: TurnUp | null;
};

/** A dart in the back seam, from which the lower sleeve is swung to the front. */
export type ElbowDart = {
  /** Where its legs stand on the back seam, and the point they close to. */
  readonly upper: Point;
  readonly lower: Point;
  readonly apex: Point;
  /** What stands out between the legs, so that the folded dart is caught in the seam. */
  readonly tip: Point;
  /** The back seam from the lower leg down to the hem. */
  readonly below: Path;
  /** How far the lower sleeve is swung about the front elbow, in radians. */
  readonly swing: number;
  /** The sleeve as it is drawn before it is swung. */
  readonly before: Pick<SleeveOutline, "underarmFront" | "underarmBack" | "frontHem" | "backHem">;
};

/** The elbow line is only drawn where it leaves the seam room to bend: this far from the cap line and the wrist. */
const ROOM_FOR_ELBOW_MM = 20;

/** The grain line is x = 0, half way along the cap line, so both underarm seams are mirror images and of one length. */
export function outlineSleeve(frame: CapFrame, shapes: CapShapes, lengths: SleeveLengths): SleeveOutline {
  const halfWidth = (frame.frontWidth + frame.backWidth) / 2;
  const crown = { x: frame.backWidth - halfWidth, y: 0 };
  const frontEnd = { x: halfWidth, y: frame.height };
  const front = halfCap(shapes.front, frame.frontWidth, frame.height);
  const back = mapCubic(halfCap(shapes.back, frame.backWidth, frame.height), mirrored);
  return {
    crown,
    frontEnd,
    backEnd: mirrored(frontEnd),
    capFront: mapCubic(front, (p) => add(p, crown)),
    capBack: mapCubic(back, (p) => add(p, crown)),
    ...belowCap(frontEnd, lengths),
  };
}

type BelowCap = Omit<SleeveOutline, "crown" | "frontEnd" | "backEnd" | "capFront" | "capBack">;

function belowCap(frontEnd: Point, lengths: SleeveLengths): BelowCap {
  const straight = straightBelow(frontEnd, lengths, 0);
  const { elbow } = straight;
  if (lengths.elbowDart <= 0 || !elbow) return straight;
  const swing = 2 * Math.asin(Math.min(1, lengths.elbowDart / (2 * distance(elbow.front, elbow.back))));
  return swung(straightBelow(frontEnd, lengths, swing), elbow, swing, straight);
}

/** A shorter sleeve is the full-length one cut across, so that elbow and underarm keep their shape. */
function straightBelow(capEnd: Point, lengths: SleeveLengths, hinge: number): BelowCap {
  const wrist = { x: lengths.wristWidth / 2, y: lengths.wristLevel };
  const bend = bendsAtElbow(capEnd.y, lengths) ? { x: lengths.elbowWidth / 2, y: lengths.elbowLevel } : null;
  const elbow = bend && bend.y < lengths.length ? bend : null;
  const drawn = lengths.isStraight ? line(capEnd, wrist) : underarmSeam(capEnd, bend, wrist, hinge);
  const seam = cutAcross(drawn, lengths.length);
  const hem = endOf(seam);
  const turnedUp = lengths.turnUp > 0 ? foldedOver(seam, lengths.turnUp) : null;
  return {
    underarmFront: seam,
    underarmBack: mapPath(seam, mirrored),
    elbowDart: null,
    frontHem: hem,
    backHem: mirrored(hem),
    elbow: elbow && { front: elbow, back: mirrored(elbow) },
    turnUp: turnedUp && { front: turnedUp, back: mapPath(turnedUp, mirrored) },
  };
}

/** Does the elbow line lie far enough below the cap line and above the wrist for a seam to bend there? */
export function bendsAtElbow(capLevel: number, { elbowLevel, wristLevel, isStraight }: SleeveLengths): boolean {
  return !isStraight && elbowLevel > capLevel + ROOM_FOR_ELBOW_MM && elbowLevel < wristLevel - ROOM_FOR_ELBOW_MM;
}

/** A path that runs down, as far as a level; whole where it ends above it. */
export function cutAcross(path: Path, level: number): Path {
  return endOf(path).y <= level ? path : subpath(path, 0, lengthAtHeight(path, level));
}

/** The lower sleeve swung to the front about the front elbow, which opens the dart at the back. */
function swung(
  hinged: BelowCap,
  elbow: NonNullable<SleeveOutline["elbow"]>,
  swing: number,
  before: BelowCap,
): BelowCap {
  const { front: pivot, back: upper } = elbow;
  const turned = (path: Path) => rotatePath(path, pivot, -swing);
  const turnedPoint = (p: Point) => rotatePoint(p, pivot, -swing);
  // A seam that bends is one curve down to the elbow and another below it.
  const above = (path: Path) => path.slice(0, 1);
  const below = turned(hinged.underarmBack.slice(1));
  const lower = turnedPoint(upper);
  return {
    ...hinged,
    underarmFront: [...above(hinged.underarmFront), ...turned(hinged.underarmFront.slice(1))],
    underarmBack: above(hinged.underarmBack),
    elbowDart: { upper, lower, ...dartPoint(upper, lower, pivot, below), below, swing, before },
    frontHem: turnedPoint(hinged.frontHem),
    backHem: turnedPoint(hinged.backHem),
    turnUp: hinged.turnUp && { front: turned(hinged.turnUp.front), back: turned(hinged.turnUp.back) },
  };
}

/** The dart ends a quarter of the elbow line in from the back seam, below the point of the elbow (from memory). */
const DART_LENGTH_SHARE = 0.25;

/** The dart's point, half way between its legs, and its tip, where the lower seam runs on when the dart is folded down. */
function dartPoint(upper: Point, lower: Point, pivot: Point, below: Path) {
  const middle = lerp(upper, lower, 0.5);
  const apex = lerp(middle, pivot, DART_LENGTH_SHARE);
  const { direction } = along(below, 0);
  const leg = { x: apex.x - lower.x, y: apex.y - lower.y };
  const twice = (2 * (direction.x * leg.x + direction.y * leg.y)) / (leg.x * leg.x + leg.y * leg.y);
  // The seam below, mirrored in the lower leg, runs up between the legs; the tip is where it meets their middle.
  const run = { x: twice * leg.x - direction.x, y: twice * leg.y - direction.y };
  const axis = { x: middle.x - apex.x, y: middle.y - apex.y };
  const across = run.x * axis.y - run.y * axis.x;
  const far = ((apex.x - lower.x) * axis.y - (apex.y - lower.y) * axis.x) / across;
  return { apex, tip: { x: lower.x + run.x * far, y: lower.y + run.y * far } };
}

/** The last stretch of a seam, as deep as asked, as it shows when the paper is folded along the hem and traced through. */
export function foldedOver(seam: Path, depth: number): Path | null {
  const hem = endOf(seam);
  const top = hem.y - depth;
  if (top <= (seam[0]?.[0].y ?? hem.y)) return null;
  const above = subpath(seam, lengthAtHeight(seam, top), pathLength(seam));
  return mapPath(reversePath(above), (p) => ({ x: p.x, y: 2 * hem.y - p.y }));
}

export function hemOf(outline: SleeveOutline): Path {
  return line(outline.frontHem, outline.backHem);
}

/** The edge that the turn-up ends in, in the direction of the hem. */
export function turnUpEdge({ front, back }: TurnUp): Path {
  return line(endOf(front), endOf(back));
}

/**
 * The underarm seam from the end of the cap line through the elbow to the wrist, bent at the elbow as
 * its widths ask. The direction at the elbow is the mean of the two tapers, so there is no corner.
 * Without an elbow (a sleeve whose elbow line would lie in the cap) it runs straight.
 *
 * `hinge` is the angle, in radians, by which the part below the elbow is going to be swung outwards about it: the seam is drawn
 * with the corner that the swing takes out again.
 */
function underarmSeam(capEnd: Point, elbow: Point | null, wrist: Point, hinge = 0): Path {
  if (!elbow) return line(capEnd, wrist);
  const upper = taper(capEnd, elbow);
  const lower = taper(elbow, wrist);
  const atElbow = Math.atan((upper + lower) / 2);
  const above = Math.tan(atElbow + hinge / 2);
  const below = Math.tan(atElbow - hinge / 2);
  return [
    throughTapers(capEnd, elbow, (3 * upper - above) / 2, above),
    throughTapers(elbow, wrist, below, (3 * lower - below) / 2),
  ];
}

/** A seam that leaves the cap straight down, so that two pieces cut along it run smoothly into each other at their caps. */
export function hangingSeam(top: Point, elbow: Point | null, wrist: Point): Path {
  if (!elbow) return [throughTapers(top, wrist, 0, taper(top, wrist))];
  const lower = taper(elbow, wrist);
  const atElbow = (taper(top, elbow) + lower) / 2;
  return [throughTapers(top, elbow, 0, atElbow), throughTapers(elbow, wrist, atElbow, (3 * lower - atElbow) / 2)];
}

/** Sideways millimetres for each millimetre down. */
function taper(from: Point, to: Point): number {
  return (to.x - from.x) / (to.y - from.y);
}

/** A cubic that leaves and arrives with the given tapers, its handles a third of the fall long. */
function throughTapers(from: Point, to: Point, leaving: number, arriving: number): Cubic {
  const third = (to.y - from.y) / 3;
  return [
    from,
    { x: from.x + leaving * third, y: from.y + third },
    { x: to.x - arriving * third, y: to.y - third },
    to,
  ];
}
