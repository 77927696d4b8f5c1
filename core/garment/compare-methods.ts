import type { Finding } from "../check";
import type { Cloth } from "../cloth";
import { methodOf, SET_IN_METHODS, type SetInMethod, type TradeOff, tradeOff } from "../sleeve/set-in";
import type { GarmentSpec } from "../spec";
import { buildBlock } from "./build-block";
import { enlargeArmhole } from "./enlarge-armhole";
import { guarded } from "./guarded";
import { resolveSpec } from "./resolve";
import { type ResolvedSleeve, usualUpperArmEase } from "./resolve-sleeve";
import { draftSewnSleeve, type SewnSleeve } from "./sewn-sleeve";

/** What one method gives for this client and armhole, as its rule says and without the changes made by choice. Millimetres. */
export type MethodCompared = {
  readonly method: SetInMethod;
  readonly name: string;
  readonly typicalOf: string;
  readonly figures: MethodFigures | null;
  /** The sleeve's outline, for laying them over each other. */
  readonly drafted: SewnSleeve | null;
  /** Why there is none, or what is wrong with it; null when it fits. */
  readonly finding: Finding | null;
};

export type MethodFigures = {
  readonly capHeight: number;
  readonly capWidth: number;
  readonly slantFront: number;
  readonly slantBack: number;
  readonly capLength: number;
  /** Over the armhole with its wanted ease. */
  readonly surplus: number;
  /** Back cap seam less the front one. */
  readonly backMore: number;
};

/** Every method for the same client, armhole and ease. Empty when there is no block or no sleeve is wanted. */
export function compareMethods(spec: GarmentSpec): readonly MethodCompared[] {
  const prepared = prepare(spec);
  if (!prepared) return [];
  return SET_IN_METHODS.map((method) => {
    const { drafted, findings } = prepared.draft(method, prepared.asked.capEase);
    const { name, typicalOf } = methodOf(method);
    return {
      method,
      name,
      typicalOf,
      figures: drafted && figuresOf(drafted),
      drafted,
      finding: findings.find((finding) => finding.severity === "fault") ?? null,
    };
  });
}

export type Swept = { readonly method: SetInMethod; readonly capEase: number; readonly figures: MethodFigures | null };

/** All methods over a range of ease values. */
export function sweepMethods(spec: GarmentSpec, eases: readonly number[]): readonly Swept[] {
  const prepared = prepare(spec);
  if (!prepared) return [];
  return eases.flatMap((capEase) =>
    SET_IN_METHODS.map((method): Swept => {
      const { drafted } = prepared.draft(method, capEase);
      return { method, capEase, figures: drafted && figuresOf(drafted) };
    }),
  );
}

/** Cap height against sleeve width at constant seam for this garment; null when no cap fits. */
export function tradeOffOf({ task }: SewnSleeve, steps: number): TradeOff | null {
  return tradeOff(task.cap, steps);
}

function prepare(spec: GarmentSpec) {
  const resolved = resolveSpec(spec);
  const { block } = buildBlock(resolved.block, resolved.defaults);
  const asked = resolved.sleeve;
  if (!block || !asked) return null;
  const enlarge = enlargeArmhole(resolved.block, block);
  return {
    asked,
    draft: (method: SetInMethod, capEase: number) => {
      const { value, findings } = guarded(
        "sleeve",
        () => draftSewnSleeve(resolved, asItIs(asked, resolved.cloth, method, capEase), block, enlarge),
        { drafted: null, judge: () => [] },
      );
      const judged = guarded<readonly Finding[]>("sleeve", value.judge, []);
      return { drafted: value.drafted, findings: [...findings, ...judged.findings, ...judged.value] };
    },
  };
}

function asItIs(asked: ResolvedSleeve, cloth: Cloth, method: SetInMethod, capEase: number): ResolvedSleeve {
  return {
    ...asked,
    upperArmEase: asked.upperArmEaseGiven ?? usualUpperArmEase(method, cloth)[0],
    kind: "set-in",
    method,
    capEase,
    capHeight: null,
    placement: null,
    fullnessChange: 0,
    surplus: null,
    capHeightChange: 0,
    capWidthChange: 0,
  };
}

function figuresOf({ sleeve, task }: SewnSleeve): MethodFigures {
  const { frame, capLength } = sleeve;
  const whole = capLength.front + capLength.back;
  return {
    capHeight: frame.height,
    capWidth: frame.frontWidth + frame.backWidth,
    slantFront: Math.hypot(frame.frontWidth, frame.height),
    slantBack: Math.hypot(frame.backWidth, frame.height),
    capLength: whole,
    surplus: whole - task.cap.armhole.front - task.cap.armhole.back - task.cap.capEase,
    backMore: capLength.back - capLength.front,
  };
}
