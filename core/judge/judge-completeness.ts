import type { Block } from "../block";
import { phrase } from "../draft";
import type { AssembledGarment } from "../drafting";
import type { Piece } from "../pattern";
import type { DefaultTaken } from "../resolve";
import { type GarmentSpec, labelOf } from "../spec";
import type { Finding } from "./finding";

/** What the draft stands on that nobody measured. */
export function judgeCompleteness(defaults: readonly DefaultTaken[]): readonly Finding[] {
  const missing = defaults.filter((d) => d.isStandIn && d.isNeeded);
  if (missing.length === 0) return [];
  const names = missing.map((d) => labelOf(d.path).toLowerCase()).join(", ");
  return [
    {
      code: "stand-ins-used",
      severity: "warning",
      station: missing.some((d) => d.path.startsWith("block.")) ? "block" : "measures",
      message: phrase`Not measured yet, so estimated: ${names}.`,
      reason: phrase`An estimate shows the shape; it is not this person. Measure before you cut.`,
      numbers: Object.fromEntries(missing.flatMap((d) => (typeof d.value === "number" ? [[d.path, d.value]] : []))),
      remedies: [],
    },
  ];
}

/** A bodice that was read off a tape or pointed at has no side seam and no hem: where such a piece is cut, what is drawn there is made up. */
export function judgeMadeUp(block: Block | null, pieces: readonly Piece[]): readonly Finding[] {
  const isCut = pieces.some(
    ({ kind, edges }) =>
      kind.of === "bodice" && (["hem", "centre"] as const).every((role) => edges.some((one) => one.role === role)),
  );
  if (!block?.front.isMadeUpBelow || !isCut) return [];
  return [
    {
      code: "side-and-hem-made-up",
      severity: "note",
      station: "block",
      message: phrase`The side seam and the hem of the bodice pieces are made up.`,
      reason: phrase`Nothing below the armhole was measured. Lay the pieces on the bodice's own pattern and take side and hem from there before you cut.`,
      numbers: {},
      remedies: [],
    },
  ];
}

/** Sleeve and collar that both cut the front anew. */
export function judgeTogether({ isFrontCutTwice }: AssembledGarment): readonly Finding[] {
  if (!isFrontCutTwice) return [];
  return [
    {
      code: "front-cut-twice",
      severity: "note",
      station: "collar",
      message: phrase`Sleeve and collar both cut the front anew: it is given once for each.`,
      reason: phrase`Lay one on the other with centre front and neckline together, and take the collar from one and the shoulder from the other.`,
      numbers: {},
      remedies: [],
    },
  ];
}

/** An arm that differs has a sleeve of its own, or none can be drafted for it. */
export function judgeOtherArm(
  { otherArm }: GarmentSpec,
  pieces: readonly Piece[],
  hasSewnSleeve: boolean,
): readonly Finding[] {
  if (!otherArm || !hasSewnSleeve) return [];
  const oneForBoth: Finding["remedies"] = [
    { id: "one-for-both", label: phrase`Cut one sleeve for both arms`, change: { otherArm: undefined } },
  ];
  const { side = "left" } = otherArm;
  const isDrafted = pieces.some(({ arm, kind }) => arm?.insteadOf && kind.worn.as === "arm");
  return [
    isDrafted
      ? {
          code: "arms-differ",
          severity: "note",
          station: "sleeve",
          message: phrase`The ${side} arm differs: it gets a sleeve of its own, and each sleeve is cut once.`,
          reason: phrase`Cut as a pair, one of the two would be tight or too long. Mark left and right on the cloth.`,
          numbers: {},
          remedies: oneForBoth,
        }
      : {
          code: "no-sleeve-for-other-arm",
          severity: "fault",
          station: "sleeve",
          message: phrase`No sleeve can be drafted for the ${side} arm with these figures.`,
          reason: phrase`Measure that arm again, or cut one sleeve for both.`,
          numbers: {},
          remedies: oneForBoth,
        },
  ];
}
