import { type ClothHangs, hangsOf } from "../cloth";
import type { Garment } from "../garment";
import { edgesThatCross } from "../geometry";
import { type ArmPose, HANGING } from "./body/arm";
import { type Trunk, trunkOf } from "./body/body";
import { clearOfTrunk } from "./body/clear-arm";
import { type BodyFigures, figuresOf } from "./body/figure";
import { ofEachArm } from "./sewing/arms";
import { type SewingPlan, sewingPlan } from "./sewing/plan";
import { type Sewing, sewingOf } from "./sewing/sewing";
import type { Worn } from "./worn";
import type { WornHalf } from "./worn-half";

export type WearOptions = {
  /** The usual edge of a triangle, in millimetres. */
  readonly edge: number;
  /** Steps a second. */
  readonly rate: number;
  readonly pose?: ArmPose;
  /** The body to be worn on; the garment's own where none is given. */
  readonly on?: BodyFigures;
};

/** Why there is nothing to wear, in a plain sentence. */
export type NotWorn = { readonly why: string };

/** What one half is sewn of, and the body that it is worn on. */
export type WearingTask = { readonly garment: Garment; readonly plan: SewingPlan; readonly trunk: Trunk };

/** A garment to be worn: its right half, the left one where it differs, in which cloth, how the arms are held, and how finely. */
export type Task = {
  readonly right: WearingTask;
  readonly left: WearingTask | null;
  readonly cloth: ClothHangs;
  readonly asked: ArmPose;
  readonly pose: ArmPose;
  readonly edge: number;
  readonly rate: number;
};

/** What there is to wear; `before` is a toile whose body is taken over where it is the same. */
export function taskOf(garment: Garment, options: WearOptions, before: Worn | null): Task | NotWorn {
  const each = ofEachArm(garment);
  const right = onBodyOf(each?.right ?? garment, options.on, before);
  if ("why" in right) return right;
  const left = each ? onBodyOf(each.left, options.on, before?.left ?? null, right.trunk) : null;
  if (left && "why" in left) return left;
  const asked = options.pose ?? HANGING;
  const poses = [right, ...(left ? [left] : [])].map(({ trunk }) => clearOfTrunk(trunk, asked));
  return {
    right,
    left,
    cloth: hangsOf(garment.resolved.cloth.kind, garment.spec.cloth.hangs),
    asked,
    // Both arms are held alike.
    pose: { ...asked, raised: Math.max(...poses.map(({ raised }) => raised)) },
    edge: options.edge,
    rate: options.rate,
  };
}

/** `beside` is the trunk of the other half: it is the same but for its arm. */
function onBodyOf(
  garment: Garment,
  on: BodyFigures | undefined,
  before: WornHalf | null,
  beside: Trunk | null = null,
): WearingTask | NotWorn {
  const plan = sewingPlan(garment);
  if ("why" in plan) return plan;
  const crossed = plan.pieces.find(({ piece }) => edgesThatCross(piece.edges.map(({ path }) => path)) !== null);
  if (crossed)
    return { why: `The outline of ${crossed.piece.name} crosses itself with these figures, so it cannot be sewn up.` };
  const own = figuresOf(garment);
  // Each arm is its own, whoever wears the rest.
  const figures = own && on ? { ...on, arm: own.arm } : own;
  if (!figures) return { why: "There is no bodice block with these figures, so nothing can be worn yet." };
  const isSameBody = before && isSame(figures, before.trunk.figures);
  const trunk = isSameBody ? before.trunk : beside ? { ...beside, figures } : trunkOf(figures);
  return { garment, plan, trunk };
}

export function sewingFor({ cloth, pose, edge, rate }: Task, { garment, plan, trunk }: WearingTask): Sewing {
  return sewingOf(garment, plan, trunk, cloth, pose, { edge, rate });
}

const isSame = (one: object, other: object) => JSON.stringify(one) === JSON.stringify(other);
