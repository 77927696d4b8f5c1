import {
  along,
  distance,
  endOf,
  lengthAtHeight,
  lerp,
  line,
  lineCubic,
  type Path,
  type Point,
  pathLength,
  rotatePath,
  rotatePoint,
  startOf,
  subpath,
} from "../../geometry";
import { isPrincess } from "../drafted";
import type { ArmholeDart, ShoulderDart, SideDart } from "../half";
import { dartPoint } from "../half";
import type { BustDartPlace } from "./task";

/** The front with shoulder and armhole uncut, its dart open at the side: where its underarm lies turned up. */
export type ClosedFront = {
  readonly neckPoint: Point;
  readonly tip: Point;
  readonly armhole: Path;
  /** The armhole where no dart is sewn, its underarm level. */
  readonly levelArmhole: Path;
  /** From the level underarm to the hem. */
  readonly levelSide: Path;
  readonly bustPoint: Point;
  /** Radians. */
  readonly dart: number;
  /** How far short of the bust point it ends. */
  readonly dartShort: number;
  /** A dart at the side opens at bust level, and at least so far below the underarm. */
  readonly sideDartBelow: number;
};

/** The front with its dart where it is sewn. */
export type DartedFront = {
  readonly shoulder: Path;
  readonly armhole: Path;
  readonly sideSeam: Path;
  readonly shoulderDart: ShoulderDart | null;
  readonly armholeDart: ArmholeDart | null;
  readonly sideDart: SideDart | null;
  /** Both legs at the bust point, where a princess seam runs through them: from the top edge. */
  readonly princess: { readonly inner: Point; readonly outer: Point } | null;
  /** How wide the dart is at the edge that it opens in; 0 where none is sewn. */
  readonly mouth: number;
  /** How far the side part is turned at the waist; only for a dart there. Radians. */
  readonly atWaist: number;
};

/** A narrower mouth is no dart: it stays as ease. */
const LEAST_MOUTH_MM = 10;
/** A princess line leaves the armhole 4 in below the shoulder tip (common practice, no source), above its lower curve at any rate. */
const DOWN_ARMHOLE_MM = 101.6;
const MOST_DOWN_SHARE = 0.6;

/** The dart turned about the bust point to where it is wanted. Turning it moves nothing but what lies between both places. */
export function placeBustDart(front: ClosedFront, place: BustDartPlace): DartedFront {
  const plain = levelFront(front);
  if (front.dart <= 0) return isPrincess(place) ? withPrincess(front, place, 0) : plain;
  const darted =
    place === "ease" ? plain : isPrincess(place) ? withPrincess(front, place, front.dart) : at(front, place);
  return darted.mouth < LEAST_MOUTH_MM && darted.atWaist === 0 && !darted.princess ? plain : darted;
}

function levelFront({ neckPoint, tip, levelArmhole, levelSide }: ClosedFront): DartedFront {
  return {
    shoulder: line(neckPoint, tip),
    armhole: levelArmhole,
    sideSeam: levelSide,
    shoulderDart: null,
    armholeDart: null,
    sideDart: null,
    princess: null,
    mouth: 0,
    atWaist: 0,
  };
}

function at(front: ClosedFront, place: BustDartPlace): DartedFront {
  switch (place) {
    case "shoulder":
      return atShoulder(front, 0.5);
    case "armhole":
      return atArmhole(front);
    case "waist":
      return {
        ...levelFront(front),
        armhole: front.armhole,
        sideSeam: turned(front, front.levelSide, -1),
        atWaist: front.dart,
      };
    default:
      return atSide(front);
  }
}

/** What is turned about the bust point by the dart: back down (1), or up (-1). */
function turned({ bustPoint, dart }: ClosedFront, path: Path, way: 1 | -1): Path {
  return rotatePath(path, bustPoint, way * dart);
}

function atSide(front: ClosedFront): DartedFront {
  const { levelSide, bustPoint, sideDartBelow } = front;
  const level = Math.max(bustPoint.y, startOf(levelSide).y + sideDartBelow);
  const cut = level < endOf(levelSide).y ? lengthAtHeight(levelSide, level) : pathLength(levelSide) / 2;
  const upper = turned(front, subpath(levelSide, 0, cut), -1);
  const lower = subpath(levelSide, cut, pathLength(levelSide));
  const [above, below] = [endOf(upper), startOf(lower)];
  return {
    ...levelFront(front),
    armhole: front.armhole,
    sideSeam: lower,
    sideDart: { upper, apex: shortOf(front, above, below) },
    mouth: distance(above, below),
  };
}

function atShoulder(front: ClosedFront, share: number): DartedFront {
  const { neckPoint, tip, bustPoint, dart, armhole, levelSide } = front;
  const inner = lerp(neckPoint, tip, share);
  const outer = rotatePoint(inner, bustPoint, dart);
  return {
    ...levelFront(front),
    shoulder: [
      lineCubic(neckPoint, inner),
      lineCubic(inner, outer),
      lineCubic(outer, rotatePoint(tip, bustPoint, dart)),
    ],
    armhole: turned(front, armhole, 1),
    sideSeam: levelSide,
    shoulderDart: { inner, outer, apex: shortOf(front, inner, outer) },
    mouth: distance(inner, outer),
  };
}

function atArmhole(front: ClosedFront): DartedFront {
  const { armhole } = front;
  const whole = pathLength(armhole);
  const cut = Math.min(DOWN_ARMHOLE_MM, whole * MOST_DOWN_SHARE);
  const upper = subpath(armhole, 0, cut);
  const lower = turned(front, subpath(armhole, cut, whole), 1);
  const [above, below] = [endOf(upper), startOf(lower)];
  return {
    ...levelFront(front),
    armhole: [...upper, lineCubic(above, below), ...lower],
    sideSeam: front.levelSide,
    armholeDart: { mouth: upper.length, apex: shortOf(front, above, below) },
    mouth: distance(above, below),
  };
}

/** A princess seam takes the dart up, through the bust point itself; without one it runs in one line. */
function withPrincess(front: ClosedFront, place: BustDartPlace, dart: number): DartedFront {
  const bent = { ...front, dart };
  if (place === "princess-shoulder") {
    const darted = dart > 0 ? atShoulder(bent, 0.5) : levelFront(front);
    const middle = lerp(front.neckPoint, front.tip, 0.5);
    const { inner, outer } = darted.shoulderDart ?? { inner: middle, outer: middle };
    return {
      ...darted,
      shoulderDart: darted.shoulderDart && { inner, outer, apex: front.bustPoint },
      princess: { inner, outer },
    };
  }
  const darted = dart > 0 ? atArmhole(bent) : levelFront(front);
  if (!darted.armholeDart) {
    const cut = Math.min(DOWN_ARMHOLE_MM, pathLength(darted.armhole) * MOST_DOWN_SHARE);
    const start = along(darted.armhole, cut).point;
    return { ...darted, princess: { inner: start, outer: start } };
  }
  const { mouth } = darted.armholeDart;
  const [inner, outer] = [startOf(darted.armhole.slice(mouth)), startOf(darted.armhole.slice(mouth + 1))];
  return { ...darted, armholeDart: { mouth, apex: front.bustPoint, isSeam: true }, princess: { inner, outer } };
}

/** The point of a dart: short of the bust point on the line to the middle of its mouth, and never beyond the half of it. */
function shortOf({ bustPoint, dartShort }: ClosedFront, a: Point, b: Point): Point {
  return dartPoint(bustPoint, lerp(a, b, 0.5), dartShort);
}
