import {
  crossesItself,
  distance,
  endOf,
  moveStart,
  type Path,
  pathLength,
  pathsCross,
  SEEN_MM,
  startOf,
} from "../geometry";
import { deepenNeck, moveUnderarm, raiseShoulder, widenNeck, withLongStart } from "./alter-half";
import {
  ALTERATIONS,
  type AlterationKind,
  type AlterationTaken,
  curveLengths,
  type DrawnAlteration,
} from "./alteration-kinds";
import { armholeDartLegs, type Block, type BodiceHalf, curve, meanDepth, SIDES, type Side } from "./half";
import { moveDart, openingOf } from "./move-dart";

/** The half whose shoulder dart an alteration moves. */
const DART_FROM: Readonly<Partial<Record<AlterationKind, Side>>> = {
  "shoulder-dart-to-armhole": "front",
  "back-shoulder-dart-to-armhole": "back",
};

/** The block with the alterations made in their order. One that cannot be made is left out, and says why. */
export function alterBlock(
  block: Block,
  alterations: readonly DrawnAlteration[],
  /** What becomes of a dart that is moved into the armhole: the usual by its size, or ease whatever its size, for a seam that takes it up. */
  dartAs: "by-size" | "ease" = "by-size",
): { readonly block: Block; readonly taken: readonly AlterationTaken[] } {
  let now = block;
  const taken = alterations.map((alteration): AlterationTaken => {
    const before = curveLengths(now);
    const altered = alter(now, alteration, dartAs);
    const leftOut = typeof altered === "string" ? altered : whyNot(altered);
    const from = DART_FROM[alteration.kind];
    const opening = from && leftOut === null ? openingOf(now[from], alteration.by) : null;
    if (leftOut === null && typeof altered !== "string") now = altered;
    return { ...alteration, before, after: curveLengths(now), opening, leftOut };
  });
  return { block: { ...now, front: withLegs(now.front, block.front), back: withLegs(now.back, block.back) }, taken };
}

/** The legs of a dart in the armhole, where its mouth has come to lie; of one that a princess seam takes up, the seam's edges begin there. */
function withLegs(half: BodiceHalf, before: BodiceHalf): BodiceHalf {
  if (!half.armholeDart) return half;
  if (half.armholeDart.isSeam) return withSeamAtMouth(half, before);
  const others = half.inner.filter((one) => !one.id.includes("armholeDart"));
  return { ...half, inner: [...others, ...armholeDartLegs(half)] };
}

function withSeamAtMouth(half: BodiceHalf, before: BodiceHalf): BodiceHalf {
  const mouthOf = ({ armhole, armholeDart }: BodiceHalf) => armholeDart && armhole.path[armholeDart.mouth];
  const [was, is] = [mouthOf(before), mouthOf(half)];
  if (!was || !is) return half;
  const moved = (path: Path): Path => {
    const end = ([0, 3] as const).find((i) => distance(startOf(path), was[i]) < SEEN_MM);
    return end === undefined ? path : moveStart(path, { x: is[end].x - was[end].x, y: is[end].y - was[end].y });
  };
  return { ...half, inner: half.inner.map((one) => ({ ...one, path: moved(one.path) })) };
}

/** What closes every shoulder dart, and opens it in the armhole. */
export function closingShoulderDarts({ front, back }: Block): readonly DrawnAlteration[] {
  return [
    ...(front.shoulderDart ? [{ kind: "shoulder-dart-to-armhole" as const, by: 0 }] : []),
    ...(back.shoulderDart ? [{ kind: "back-shoulder-dart-to-armhole" as const, by: 0 }] : []),
  ];
}

/** The block with the darts in its armholes left open as ease: for a seam that takes it up. */
export function withEasedArmhole(block: Block): Block {
  const eased = (half: BodiceHalf): BodiceHalf => {
    if (!half.armholeDart) return half;
    const inner = half.inner.filter((one) => !one.id.includes("armholeDart"));
    return { ...half, armholeDart: null, armhole: curve(half.armhole.path), inner };
  };
  return { ...block, front: eased(block.front), back: eased(block.back) };
}

function alter(
  block: Block,
  { kind, by }: DrawnAlteration,
  dartAs: "by-size" | "ease",
): Block | "no-dart" | "nothing-left" | "one-way" {
  if (by < 0 && !ALTERATIONS[kind].isTwoWay) return "one-way";
  switch (kind) {
    case "lower-armhole":
      return both(block, (half) => moveUnderarm(half, { x: 0, y: by }));
    case "move-armhole-out":
      return both(block, (half) => moveUnderarm(half, { x: by, y: 0 }));
    case "take-out-ease":
      return both(block, (half) => moveUnderarm(half, { x: -by, y: 0 }));
    case "deepen-front-neck":
      return rejoined({ ...block, front: deepenNeck(block.front, by) });
    case "deepen-back-neck":
      return rejoined({ ...block, back: deepenNeck(block.back, by) });
    case "widen-neckline":
      if (SIDES.some((side) => block[side].shoulder.length <= by + LEAST_SHOULDER_MM)) return "nothing-left";
      return both(block, (half) => widenNeck(half, by));
    case "raise-shoulder-point":
      return both(block, (half) => raiseShoulder(half, by));
    case "shoulder-dart-to-armhole":
      return block.front.shoulderDart ? rejoined({ ...block, front: moveDart(block.front, by, dartAs) }) : "no-dart";
    case "back-shoulder-dart-to-armhole":
      return block.back.shoulderDart ? rejoined({ ...block, back: moveDart(block.back, by, dartAs) }) : "no-dart";
  }
}

/** A shorter shoulder is no seam. Our own limit. */
const LEAST_SHOULDER_MM = 20;

function both(block: Block, change: (half: BodiceHalf) => BodiceHalf): Block {
  return rejoined({ ...block, front: change(block.front), back: change(block.back) });
}

function rejoined(block: Block): Block {
  return { ...block, depth: meanDepth(block.front, block.back) };
}

function whyNot(block: Block): "curves-cross" | "nothing-left" | null {
  for (const half of [block.front, block.back]) {
    const underarm = endOf(half.armhole.path);
    const shoulderPoint = startOf(half.armhole.path);
    if (!(underarm.y > shoulderPoint.y) || !(underarm.x > 0) || pathLength(half.centre) <= 0) return "nothing-left";
    // Below the end of its first stretch the side seam would run back up.
    const below = withLongStart(half.sideDart ? half.sideDart.upper : half.sideSeam);
    if (underarm.y >= (below[0]?.[3].y ?? underarm.y) || endOf(half.neckline.path).y >= endOf(half.centre).y)
      return "nothing-left";
    if (crossesItself(half.armhole.path) || crossesItself(half.neckline.path)) return "curves-cross";
    if (pathsCross(half.armhole.path, half.neckline.path) || pathsCross(half.armhole.path, half.centre))
      return "curves-cross";
  }
  return null;
}
