import { along, distance, endOf, lengthAtHeight, type Path, pathLength, rotatePath, startOf } from "../geometry";
import { type Block, type BodiceHalf, type LevelName, levelOf } from "./half";

/** The side seam as it lies once a dart in it, or one that turned it, is closed: from the level underarm down. */
function levelSide({ sideSeam, sideDart, bust }: BodiceHalf): Path {
  if (!bust || bust.dart === 0) return sideSeam;
  if (bust.isSideTurned) return rotatePath(sideSeam, bust.bustPoint, bust.dart);
  return sideDart ? [...rotatePath(sideDart.upper, bust.bustPoint, bust.dart), ...sideSeam] : sideSeam;
}

/**
 * How wide a half is at a level, from its centre to its side seam, every dart closed and what is gathered left out. Null where the half does
 * not reach so far down, or begins below it. Millimetres.
 */
function widthAt(half: BodiceHalf, level: number): number | null {
  const side = levelSide(half);
  const at = (path: Path) => {
    const y = Math.min(endOf(path).y, Math.max(startOf(path).y, level));
    return along(path, lengthAtHeight(path, y)).point.x;
  };
  const inside = (path: Path) => startOf(path).y <= level + AT_MM && endOf(path).y >= level - AT_MM;
  if (!inside(side)) return null;
  const { centre } = half;
  const gathered = Math.min(0, endOf(centre).x);
  const middle = inside(centre) ? at(centre) - gathered : 0;
  return at(side) - middle - dartsAt(half, level);
}

const AT_MM = 0.5;

/** What waist darts take out at a level. */
function dartsAt({ waistDarts = [], bust }: BodiceHalf, level: number): number {
  const x = (path: Path) => along(path, lengthAtHeight(path, level)).point.x;
  return waistDarts.reduce((sum, { inner, outer }) => {
    const closed = bust?.isSideTurned ? rotatePath(outer, bust.bustPoint, bust.dart) : outer;
    const passes = startOf(inner).y < level && endOf(inner).y > level && endOf(closed).y > level;
    return passes ? sum + x(closed) - x(inner) : sum;
  }, 0);
}

/** What a block measures: whole girths at its own levels, its four curves and its shoulders. Millimetres; null where it does not reach. */
export type BlockMeasured = {
  readonly neckline: number;
  readonly armhole: number;
  readonly bust: number | null;
  readonly waist: number | null;
  readonly hip: number | null;
  readonly shoulder: { readonly front: number; readonly back: number };
  readonly side: { readonly front: number; readonly back: number };
};

/** The finished block measured again on its own lines. */
export function measureBlock(block: Block): BlockMeasured {
  const { front, back } = block;
  const girth = (id: LevelName): number | null => {
    const level = levelOf(block, id);
    if (level === null) return null;
    // Where the bust point lies above the underarm, the girth is taken at the underarm.
    const y = id === "bust" ? Math.max(level, startOf(levelSide(front)).y, startOf(levelSide(back)).y) : level;
    const [a, b] = [widthAt(front, y), widthAt(back, y)];
    return a === null || b === null ? null : 2 * (a + b);
  };
  const seam = ({ shoulder, shoulderDart }: BodiceHalf) =>
    shoulder.length - (shoulderDart ? distance(shoulderDart.inner, shoulderDart.outer) : 0);
  return {
    neckline: 2 * (front.neckline.length + back.neckline.length),
    armhole: front.armhole.length + back.armhole.length,
    bust: girth("bust"),
    waist: girth("waist"),
    hip: girth("hip"),
    shoulder: { front: seam(front), back: seam(back) },
    side: { front: pathLength(levelSide(front)), back: pathLength(levelSide(back)) },
  };
}
