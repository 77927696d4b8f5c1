import { add, endOf, findRoot, lineCubic, mapPath, type Path, pathLength, SOLVED_MM, startOf } from "../geometry";
import { type Block, type BodiceHalf, curve, SIDES, type Side } from "./half";

/** What was read off a garment that is there already: halves along the curve and the depth straight down. Millimetres; null where it was not read. */
export type ReadOver = {
  readonly armhole: Readonly<Record<Side, number | null>>;
  readonly armholeDepth: number | null;
  readonly neckline: Readonly<Record<Side, number | null>>;
};

/** A neck edge that is longer or shorter than drafted by more than this share is of another neck. Our own limit. */
const MOST_NECK_CHANGE = { least: 0.2, most: 5 } as const;

/**
 * The block that a sleeve or a collar is fitted to where the armhole or the neckline was read: each curve keeps its shape and has the length
 * that was read, the armhole from the shoulder point, the neckline from the centre. It is a block to measure by and none to cut: front and
 * back are cut as they were drafted. Without a reading it is the block itself.
 */
export function fitToArmhole(block: Block, { armhole, armholeDepth }: ReadOver): Block {
  const read = SIDES.some((side) => armhole[side] !== null);
  if (!read && armholeDepth === null) return block;
  const share = (side: Side) => (armhole[side] ?? block[side].armhole.length) / block[side].armhole.length;
  const half = (side: Side): BodiceHalf => {
    const own = block[side];
    const tip = startOf(own.armhole.path);
    const by = share(side);
    const path = mapPath(own.armhole.path, (p) => ({ x: tip.x + (p.x - tip.x) * by, y: tip.y + (p.y - tip.y) * by }));
    const moved = { x: endOf(path).x - endOf(own.armhole.path).x, y: endOf(path).y - endOf(own.armhole.path).y };
    return {
      ...own,
      armhole: { path, length: own.armhole.length * by },
      sideSeam: mapPath(own.sideSeam, (p) => add(p, moved)),
      ...(own.sideDart
        ? { sideDart: { ...own.sideDart, upper: mapPath(own.sideDart.upper, (p) => add(p, moved)) } }
        : {}),
    };
  };
  const depth = armholeDepth ?? (block.depth * (share("front") + share("back"))) / 2;
  return { ...block, front: half("front"), back: half("back"), depth };
}

/** The same for the neckline; null where no neck of the block's shape has the lengths that were read. */
export function fitToNeckline(block: Block, { neckline }: ReadOver): Block | null {
  if (SIDES.every((side) => neckline[side] === null)) return block;
  const lengthOf = (side: Side) => neckline[side] ?? block[side].neckline.length;
  const drafted = block.front.neckline.length + block.back.neckline.length;
  const more = (lengthOf("front") + lengthOf("back")) / drafted - 1;
  // Both halves stay on one width, in proportion to the whole neck where both can; each is as deep as its length then asks.
  for (const share of WIDTH_SHARES) {
    const [front, back] = SIDES.map((side) => withNeck(block[side], 1 + more * share, lengthOf(side)));
    if (front && back) return { ...block, front, back };
  }
  return null;
}

/** How much of what the whole neck is longer by makes it wider: the most that both halves allow. */
const WIDTH_SHARES = [1, 0.75, 0.5, 0.25, 0] as const;

function withNeck(half: BodiceHalf, wider: number, wanted: number): BodiceHalf | null {
  const neck = startOf(half.neckline.path);
  const centre = endOf(half.neckline.path).x;
  const scaled = (deeper: number): Path =>
    mapPath(half.neckline.path, (p) => ({ x: centre + (p.x - centre) * wider, y: neck.y + (p.y - neck.y) * deeper }));
  const miss = (deeper: number) => pathLength(scaled(deeper)) - wanted;
  const root = findRoot(miss, MOST_NECK_CHANGE.least, MOST_NECK_CHANGE.most, SOLVED_MM);
  if (!root.converged) return null;
  const path = scaled(root.value);
  const [top, ...rest] = half.centre;
  const from = endOf(path);
  const tip = endOf(half.shoulder.path);
  return {
    ...half,
    neckline: curve(path),
    shoulder: curve([lineCubic(startOf(path), tip)]),
    // The centre begins at the new neck; where that lies below its first stretch, the stretch turns back up and is none to draw.
    centre: top ? [lineCubic(from, top[3]), ...rest] : half.centre,
  };
}
