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
import { INCH_MM } from "../tape";
import { deepenNeck, moveUnderarm, raiseShoulder, widenNeck, withLongStart } from "./alter-half";
import { armholeDartLegs, type Block, type BodiceHalf, curve, meanDepth, SIDES, type Side } from "./half";
import { moveDart, openingOf } from "./move-dart";

/** What can be done to a block before the sleeve or the collar, each undone by taking it out of the list again. */
export const ALTERATION_KINDS = [
  "lower-armhole",
  "move-armhole-out",
  "widen-neckline",
  "deepen-front-neck",
  "deepen-back-neck",
  "raise-shoulder-point",
  "shoulder-dart-to-armhole",
  "back-shoulder-dart-to-armhole",
  "take-out-ease",
] as const;
export type AlterationKind = (typeof ALTERATION_KINDS)[number];

/** One alteration by an amount in millimetres; moving a dart takes all of it for 0. */
export type Alteration = { readonly kind: AlterationKind; readonly by: number };

export type CurveLengths = {
  readonly frontArmhole: number;
  readonly backArmhole: number;
  readonly frontNeckline: number;
  readonly backNeckline: number;
};

export type AlterationTaken = Alteration & {
  readonly before: CurveLengths;
  readonly after: CurveLengths;
  /** What a dart that was moved into the armhole opens there; null for everything else. */
  readonly opening: number | null;
  /** Why it was left out; null when it was made. */
  readonly leftOut: "no-dart" | "curves-cross" | "nothing-left" | null;
};

type Names = { readonly name: string; readonly says: string; readonly usual: number };

/** The trade's names, what each does, and a sensible first amount in millimetres (common practice, no source). */
export const ALTERATIONS: Readonly<Record<AlterationKind, Names>> = {
  "lower-armhole": {
    name: "Lower the armhole",
    says: "The underarm moves down, front and back alike.",
    usual: INCH_MM / 2,
  },
  "move-armhole-out": {
    name: "Move the armhole out",
    says: "The underarm moves out at the side seam.",
    usual: INCH_MM / 4,
  },
  "widen-neckline": {
    name: "Widen the neckline",
    says: "The side neck point moves along the shoulder.",
    usual: INCH_MM / 2,
  },
  "deepen-front-neck": {
    name: "Deepen the front neck",
    says: "The neck moves down at the centre front.",
    usual: INCH_MM / 2,
  },
  "deepen-back-neck": {
    name: "Deepen the back neck",
    says: "The neck moves down at the centre back.",
    usual: INCH_MM / 4,
  },
  "raise-shoulder-point": {
    name: "Raise the shoulder point",
    says: "Room for a shoulder pad or a straighter shoulder.",
    usual: 10,
  },
  "shoulder-dart-to-armhole": {
    name: "Move the shoulder dart into the armhole",
    says: "The dart is closed at the shoulder, all of it or so much, and opens in the armhole.",
    usual: 0,
  },
  "back-shoulder-dart-to-armhole": {
    name: "Move the back shoulder dart into the armhole",
    says: "The back’s dart is closed at the shoulder, all of it or so much, and left in the armhole as ease.",
    usual: 0,
  },
  "take-out-ease": {
    name: "Take ease out for knit",
    says: "Each quarter is narrowed at the side.",
    usual: INCH_MM / 2,
  },
};

/** The half whose shoulder dart an alteration moves. */
const DART_FROM: Readonly<Partial<Record<AlterationKind, Side>>> = {
  "shoulder-dart-to-armhole": "front",
  "back-shoulder-dart-to-armhole": "back",
};

function curveLengths({ front, back }: Block): CurveLengths {
  return {
    frontArmhole: front.armhole.length,
    backArmhole: back.armhole.length,
    frontNeckline: front.neckline.length,
    backNeckline: back.neckline.length,
  };
}

/** The block with the alterations made in their order. One that cannot be made is left out, and says why. */
export function alterBlock(
  block: Block,
  alterations: readonly Alteration[],
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
export function closingShoulderDarts({ front, back }: Block): readonly Alteration[] {
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

function alter(block: Block, { kind, by }: Alteration, dartAs: "by-size" | "ease"): Block | "no-dart" | "nothing-left" {
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
