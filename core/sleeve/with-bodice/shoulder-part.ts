import { at } from "../../data";
import {
  along,
  type Cubic,
  cubicLength,
  distance,
  findRoot,
  mapPath,
  mirrored,
  type Path,
  type Point,
  pathLength,
  reversePath,
  rotatePoint,
  SOLVED_MM,
  type Solution,
  startOf,
  subpath,
} from "../../geometry";
import type { RaglanCut } from "./raglan-cut";

/**
 * A shoulder part laid on the sleeve. Seen as the front of a sleeve whose front is to the right; the back is drawn as one, and
 * turned over afterwards.
 */
export type LaidPart = {
  readonly meeting: Point;
  readonly neckPoint: Point;
  readonly sideNeck: Point;
  readonly tip: Point;
  /** From the side neck point to the neck point. */
  readonly neckline: Path;
  /** From the side neck point to the shoulder tip. */
  readonly shoulder: Path;
  readonly armhole: Path;
  /** From the neck point to the meeting point, as long as on the bodice and running into the lower cap. */
  readonly edge: Path;
  readonly edgeSolution: Solution;
  /** From the meeting point to the underarm. */
  readonly lowerCap: Path;
};

/** By how much the edge's handles may shrink or stretch to bring it to its length. */
const HANDLE_FACTORS = { least: 0.02, most: 4 } as const;

/**
 * Lays the part with its meeting point on the cap, equally far from the underarm, and turns it until the shoulder tip lies on the
 * upright `tipX`; a part that does not reach so far, on a very low cap, is turned towards the crown. Null when the cap is shorter than
 * the armhole below the meeting point. `cap` runs from the crown down.
 */
export function layShoulderPart(cut: RaglanCut, cap: Path, tipX: number): LaidPart | null {
  const capLength = pathLength(cap);
  if (cut.meetingAt >= capLength) return null;
  const { point: meeting, direction } = along(cap, capLength - cut.meetingAt);
  const [tip, from] = [mirrored(startOf(cut.half.armhole.path)), mirrored(cut.meeting)];
  const reach = distance(tip, from);
  const laidTip = tipOn(meeting, reach, { x: tipX, y: startOf(cap).y });
  const angle = angleOf(meeting, laidTip) - angleOf(from, tip);
  const place = (p: Point): Point => {
    const q = rotatePoint(mirrored(p), from, angle);
    return { x: q.x - from.x + meeting.x, y: q.y - from.y + meeting.y };
  };
  const { path: edge, solution } = edgeIntoCap(mapPath(cut.line, place), meeting, direction);
  return {
    meeting,
    neckPoint: place(cut.neckPoint),
    sideNeck: place(startOf(cut.half.shoulder.path)),
    tip: laidTip,
    neckline: mapPath(cut.partNeckline, place),
    shoulder: mapPath(cut.half.shoulder.path, place),
    armhole: mapPath(cut.upperArmhole, place),
    edge,
    edgeSolution: solution,
    lowerCap: subpath(cap, capLength - cut.meetingAt, capLength),
  };
}

function tipOn(meeting: Point, reach: number, crown: Point): Point {
  const across = crown.x - meeting.x;
  const toCrown = distance(meeting, crown);
  const lowest = (Math.abs(across) / toCrown) * reach;
  if (Math.abs(across) <= lowest) {
    return { x: crown.x, y: meeting.y - Math.sqrt(Math.max(0, reach * reach - across * across)) };
  }
  return {
    x: meeting.x + (across / toCrown) * reach,
    y: meeting.y + ((crown.y - meeting.y) / toCrown) * reach,
  };
}

/** The cut line where it was laid, bent at its lower end so that it runs into the cap, and brought to its length again. */
function edgeIntoCap(laid: Path, meeting: Point, intoCap: Point): { readonly path: Path; readonly solution: Solution } {
  const wanted = pathLength(laid);
  const [p0, p1, p2, p3] = at(laid, 0);
  const upper = { x: p1.x - p0.x, y: p1.y - p0.y };
  const lower = distance(p2, p3);
  const withHandles = (factor: number): Cubic => [
    p0,
    { x: p0.x + upper.x * factor, y: p0.y + upper.y * factor },
    { x: meeting.x - intoCap.x * lower * factor, y: meeting.y - intoCap.y * lower * factor },
    meeting,
  ];
  const solution = findRoot(
    (factor) => cubicLength(withHandles(factor)) - wanted,
    HANDLE_FACTORS.least,
    HANDLE_FACTORS.most,
    SOLVED_MM,
  );
  return { path: [withHandles(solution.value)], solution };
}

/** The whole edge from the underarm up to the neckline. */
export function sleeveEdge({ edge, lowerCap }: LaidPart): Path {
  return [...reversePath(lowerCap), ...reversePath(edge)];
}

function angleOf(from: Point, to: Point): number {
  return Math.atan2(to.y - from.y, to.x - from.x);
}
