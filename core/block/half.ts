import type { Draft, DraftLine, Figure } from "../draft";
import {
  add,
  distance,
  endOf,
  lengthAtHeight,
  lerp,
  line,
  mapPath,
  type NamedSolution,
  type Path,
  type Point,
  pathLength,
  rotatePath,
  SEEN_MM,
  startOf,
} from "../geometry";

export type Side = "front" | "back";
export const SIDES: readonly Side[] = ["front", "back"];

/** A curve with its length, measured once. Millimetres. */
export type Curve = { readonly path: Path; readonly length: number };

export function curve(path: Path): Curve {
  return { path, length: pathLength(path) };
}

/** A dart in the shoulder seam: where its legs stand on the seam, and the point they close to. */
export type ShoulderDart = { readonly inner: Point; readonly outer: Point; readonly apex: Point };

/** A dart in the armhole: which cubic of the armhole is its mouth, and the point it closes to. One that a princess seam takes up is no dart of the piece. */
export type ArmholeDart = { readonly mouth: number; readonly apex: Point; readonly isSeam?: boolean };

/** A dart in the side seam: the seam above it, from the underarm to its upper leg, and the point it closes to. Its lower leg begins the seam below. */
export type SideDart = { readonly upper: Path; readonly apex: Point };

/** A bust dart at the side that is turned to the neck when the front is cut: where it opens, along the neckline from the side neck point, and how it is taken up. */
export type NeckTurn = {
  readonly at: number;
  readonly as: "dart" | "gathers";
  /** How far short of the bust point it ends. */
  readonly short: number;
};

/** Where a dart ends that closes to the bust point: short of it on the way to the middle of its mouth, and never beyond half of that way. */
export function dartPoint(bustPoint: Point, mouth: Point, short: number): Point {
  const far = distance(bustPoint, mouth);
  return far < 1 ? bustPoint : lerp(bustPoint, mouth, Math.min(short / far, 0.5));
}

/** The legs of a dart between two points, from the upper one down. */
export type DartLegs = { readonly inner: Path; readonly outer: Path };

/** The dart that shapes a front over the bust: how wide it opens about the bust point, and how far what lies at the side is turned up by it. */
export type BustShaping = {
  readonly bustPoint: Point;
  /** Radians; 0 where none is sewn. */
  readonly dart: number;
  /** Is the side below it turned, as by a dart at the waist? */
  readonly isSideTurned: boolean;
};

/** An armhole with its sewn length. */
export function armholeCurve(path: Path, dart: ArmholeDart | null): Curve {
  const mouth = dart && path[dart.mouth];
  return { path, length: pathLength(path) - (mouth ? pathLength([mouth]) : 0) };
}

/** The armhole as it is sewn: what lies above a dart is turned about its point until the dart is closed. */
export function sewnArmhole({ armhole, armholeDart }: Pick<BodiceHalf, "armhole" | "armholeDart">): Path {
  const mouth = armholeDart && armhole.path[armholeDart.mouth];
  if (!armholeDart || !mouth) return armhole.path;
  const { apex, mouth: at } = armholeDart;
  const angleOf = (p: Point) => Math.atan2(p.y - apex.y, p.x - apex.x);
  const upper = rotatePath(armhole.path.slice(0, at), apex, angleOf(mouth[3]) - angleOf(mouth[0]));
  // The legs may differ by a hair where the underarm was moved since: what is sewn is moved on to what it meets.
  const [end, start] = [endOf(upper), mouth[3]];
  return [...mapPath(upper, (p) => add(p, { x: start.x - end.x, y: start.y - end.y })), ...armhole.path.slice(at + 1)];
}

/** A dart as one line, from one leg over its point to the other. */
export function dartLine(id: string, from: Point, apex: Point, to: Point): DraftLine {
  return { id, kind: "seam", path: [...line(from, apex), ...line(apex, to)] };
}

/** The dart in the armhole. */
export function armholeDartLegs({ side, armhole, armholeDart }: BodiceHalf): readonly DraftLine[] {
  const mouth = armholeDart && armhole.path[armholeDart.mouth];
  return armholeDart && mouth && !armholeDart.isSeam
    ? [dartLine(`${side}.armholeDart`, mouth[0], armholeDart.apex, mouth[3])]
    : [];
}

/**
 * Half a bodice, front or back, on its stitching line. The origin is the level of the side neck point on the centre line; x
 * goes out to the side, y down.
 */
export type BodiceHalf = {
  readonly side: Side;
  /** Side neck point to the centre line. */
  readonly neckline: Curve;
  /** Side neck point to shoulder point, a shoulder dart's width included. */
  readonly shoulder: Curve;
  /** Shoulder point to underarm as it is cut, across the mouth of a dart in it; its length is the sewn one, that dart closed. */
  readonly armhole: Curve;
  /** Underarm down; where there is a dart in it, from its lower leg down. */
  readonly sideSeam: Path;
  /** Neck down. */
  readonly centre: Path;
  readonly shoulderDart: ShoulderDart | null;
  readonly armholeDart: ArmholeDart | null;
  readonly sideDart?: SideDart | null;
  readonly neckTurn?: NeckTurn;
  /** How a front is shaped over the bust, where that was solved. */
  readonly bust?: BustShaping;
  /** Both legs of each waist dart, from the centre outwards. */
  readonly waistDarts?: readonly DartLegs[];
  /** Nothing below the armhole was measured: the side seam and the hem are made up, so that the half can be shown. */
  readonly isMadeUpBelow: boolean;
  /** Darts, princess lines and lines that a later cut follows. */
  readonly inner: readonly DraftLine[];
};

/**
 * The centre from the neck down. A half that is gathered runs out level from its neck first: that stretch is an edge of the neck, null
 * where nothing is gathered.
 */
export function centreDown({ centre }: Pick<BodiceHalf, "centre">): {
  readonly gathered: Path | null;
  readonly down: Path;
} {
  const [first, ...rest] = centre;
  if (!first || rest.length === 0) return { gathered: null, down: centre };
  const isLevel = Math.abs(first[3].y - first[0].y) < SEEN_MM && Math.abs(first[3].x - first[0].x) > SEEN_MM;
  return isLevel ? { gathered: [first], down: rest } : { gathered: null, down: centre };
}

export type LevelName = "shoulder" | "chest" | "bust" | "underbust" | "waist" | "hip" | "hem";

/** A level line of the bodice, in millimetres below the side neck point. */
export type Level = { readonly id: LevelName; readonly name: string; readonly y: number };

export type LevelHeights = Readonly<Record<Exclude<LevelName, "shoulder">, number>>;

/** How far down a level of the block lies; null where the block has none. Millimetres. */
export function levelOf({ levels }: { readonly levels: readonly Level[] }, name: LevelName): number | null {
  return levels.find(({ id }) => id === name)?.y ?? null;
}

/** The levels of a drafted bodice that lie on it, which reaches down to `lowest`; the hip is one only of a longer bodice. */
export function levelsDown(heights: LevelHeights, lowest: number): readonly Level[] {
  const all: readonly Level[] = [
    { id: "shoulder", name: "Shoulder", y: 0 },
    { id: "chest", name: "Chest", y: heights.chest },
    { id: "bust", name: "Bust", y: heights.bust },
    { id: "underbust", name: "Under-bust", y: heights.underbust },
    { id: "waist", name: "Waist", y: heights.waist },
    { id: "hip", name: "Hip", y: heights.hip },
    { id: "hem", name: "Hem", y: heights.hem },
  ];
  return all.filter(({ id, y }) => y <= lowest && (id !== "hip" || heights.hem > heights.hip));
}

/** What every sleeve and collar is fitted to, whatever it came from. */
export type Block = {
  readonly front: BodiceHalf;
  readonly back: BodiceHalf;
  /** Shoulder point level to underarm level, the mean of front and back. */
  readonly depth: number;
  readonly levels: readonly Level[];
  /** The recorded construction, back first; without steps where nothing was constructed. */
  readonly drafts: readonly Draft[];
  readonly figures: readonly Figure[];
  readonly solvers: readonly NamedSolution[];
};

export function armholeDepth(half: BodiceHalf): number {
  return endOf(half.armhole.path).y - startOf(half.armhole.path).y;
}

export function meanDepth(front: BodiceHalf, back: BodiceHalf): number {
  return (armholeDepth(front) + armholeDepth(back)) / 2;
}

/**
 * How far from the underarm, along the curve, the armhole reaches `level` mm above the underarm line; an armhole that was drawn so
 * that none of its curves ends above that level is taken by its share of the depth.
 */
export function lengthToLevel(half: BodiceHalf, level: number): number {
  const { path } = half.armhole;
  const at = endOf(path).y - level;
  const passes = path.some(([from, , , to]) => Math.min(from.y, to.y) <= at && at <= Math.max(from.y, to.y));
  if (!passes) return half.armhole.length * Math.min(1, Math.max(0, level / armholeDepth(half)));
  return pathLength(path) - lengthAtHeight(path, at);
}

/** The fall of the shoulder seam below the horizontal, in radians. */
export function shoulderAngleOf(half: BodiceHalf): number {
  const from = startOf(half.shoulder.path);
  const to = endOf(half.shoulder.path);
  return Math.atan2(to.y - from.y, to.x - from.x);
}

/** The direction square to a shoulder seam that falls by `angle`, downwards: how neckline and armhole leave it. */
export function squareToShoulder(angle: number): Point {
  return { x: -Math.sin(angle), y: Math.cos(angle) };
}
