import {
  along,
  betweenDirections,
  type Cubic,
  directionTo,
  distance,
  findRoot,
  lerp,
  line,
  opposite,
  type Path,
  type Point,
  rotateDirection,
  SOLVED_MM,
  startOf,
  step,
  subpath,
} from "../../geometry";
import type { Piece } from "../../pattern";
import type { FrontOfCollar } from "../collar-kind";
import type { BackCollar } from "../lapel/back-collar";
import { type FrontGround, offRollLine } from "../lapel/front-ground";
import type { TurnedFigures } from "../lapel/turned-collar";

export type NotchFigures = {
  readonly lapelOut: number;
  readonly gorgeDrop: number;
  readonly lapelRound: number;
  readonly gorgeStart: number | null;
  readonly notchLapel: number;
  readonly notchCollar: number;
  readonly notchAngle: number;
};

export type NotchedFigures = NotchFigures &
  TurnedFigures & {
    readonly buttonSpacing: number;
  };

export type NotchedPieces = {
  readonly front: Piece;
  readonly grown: Pick<FrontOfCollar, "upper" | "edgeDown" | "buttons">;
  readonly collar: Piece;
  readonly underCollar: Piece;
  readonly frontFacing: Piece;
  /** None where the back neck is not faced. */
  readonly backFacing: readonly Piece[];
};

/** The lapel and the front end of the collar, unfolded, in the coordinates of the front. Millimetres. */
export type NotchedFront = {
  readonly gorgeAt: number;
  readonly gorgeStart: Point;
  readonly lapelTip: Point;
  readonly notch: Point;
  readonly collarTip: Point;
  /** Along the neckline, and on to the notch: the seam of collar and front. */
  readonly neckPart: Path;
  readonly gorge: Path;
  /** From the lapel tip to the break point. */
  readonly lapelEdge: Path;
};

/** The gorge starts so far of the way to where the roll line crosses the neckline: under the turned collar, out of sight. Our own choice. */
const GORGE_SHARE = 0.6;
/** Where the roll line crosses nothing, or at once, so much of the neckline. */
const GORGE_OF_NECKLINE = 0.35;
const LEAST_GORGE_MM = 12;

function usualGorgeStart(ground: FrontGround): number {
  const { neckline } = ground.front;
  const off = (at: number) => offRollLine(ground, along(neckline.path, at).point);
  const crossing = findRoot(off, LEAST_GORGE_MM, neckline.length, SOLVED_MM);
  const start = crossing.converged ? crossing.value * GORGE_SHARE : 0;
  return start > LEAST_GORGE_MM ? start : neckline.length * GORGE_OF_NECKLINE;
}

export function notchedFront(ground: FrontGround, of: NotchFigures): NotchedFront {
  const { front, breakPoint } = ground;
  const gorgeAt = of.gorgeStart ?? usualGorgeStart(ground);
  const gorgeStart = along(front.neckline.path, gorgeAt).point;
  const lapelTip = { x: breakPoint.x - of.lapelOut, y: startOf(front.centre).y + of.gorgeDrop };
  const inwards = directionTo(lapelTip, gorgeStart);
  const notch = step(lapelTip, inwards, of.notchLapel);
  const collarEdge = rotateDirection(opposite(inwards), (of.notchAngle * Math.PI) / 180);
  return {
    gorgeAt,
    gorgeStart,
    lapelTip,
    notch,
    collarTip: step(notch, collarEdge, of.notchCollar),
    neckPart: subpath(front.neckline.path, 0, gorgeAt),
    gorge: line(gorgeStart, notch),
    lapelEdge: [rounded(lapelTip, breakPoint, of.lapelRound)],
  };
}

/** A line bowed out by so much at its middle, to the right of its direction turned back: away from the front. */
function rounded(from: Point, to: Point, out: number): Cubic {
  const away = rotateDirection(directionTo(from, to), Math.PI / 2);
  // A cubic whose handles are moved out reaches three quarters of that in its middle.
  const handle = (share: number) => step(lerp(from, to, share), away, (out * 4) / 3);
  return [from, handle(1 / 3), handle(2 / 3), to];
}

/** The collar's outer edge from the shoulder to its tip: it arrives along the roll line. */
export function outerEdgeToTip(ground: FrontGround, { atShoulder }: BackCollar, tip: Point): Path {
  const down = opposite(ground.up);
  return [betweenDirections(atShoulder, down, tip, down)];
}

export function gorgeLength({ gorgeStart, lapelTip }: NotchedFront): number {
  return distance(gorgeStart, lapelTip);
}
