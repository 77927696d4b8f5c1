import { buildBlock, draftSewnSleeve, type SewnAttempt, type SewnSleeve } from "../drafting";
import { type Finding, guarded, judgeSleeve } from "../judge";
import { type ResolvedSleeve, type ResolvedSpec, resolveSpec, usualUpperArmEase } from "../resolve";
import { methodOf, SET_IN_METHODS, type SetInMethod, type TradeOff, tradeOff } from "../sleeve/set-in";
import type { GarmentSpec } from "../spec";

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
    const { drafted, judge } = prepared.draft(method, prepared.asked.capEase);
    const { name, typicalOf } = methodOf(method);
    return {
      method,
      name,
      typicalOf,
      figures: drafted && figuresOf(drafted),
      drafted,
      finding: judge().find((finding) => finding.severity === "fault") ?? null,
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
  const { forSleeve: block } = buildBlock(resolved.block, resolved.defaults);
  const asked = resolved.sleeve;
  if (!block || !asked) return null;
  return {
    asked,
    draft: (method: SetInMethod, capEase: number) => {
      const { value: attempt, findings } = guarded(
        "sleeve",
        () => draftSewnSleeve(resolved, asItIs(asked, resolved, method, capEase), block),
        null,
      );
      return { drafted: attempt?.drafted ?? null, judge: () => [...findings, ...judged(attempt, resolved)] };
    },
  };
}

function judged(attempt: SewnAttempt | null, resolved: ResolvedSpec): readonly Finding[] {
  const { value, findings } = guarded("sleeve", () => (attempt ? judgeSleeve(attempt, resolved) : []), []);
  return [...findings, ...value];
}

function asItIs(
  asked: ResolvedSleeve,
  { cloth, block }: ResolvedSpec,
  method: SetInMethod,
  capEase: number,
): ResolvedSleeve {
  const ofBlock = block.source === "drafted" && block.school === "fitted" ? block.task.ease.upperArm : null;
  return {
    ...asked,
    upperArmEase: asked.upperArmEaseGiven ?? usualUpperArmEase(method, cloth, ofBlock)[0],
    kind: "set-in",
    method,
    capEase,
    capHeight: null,
    placement: null,
    fullnessChange: 0,
    guides: { front: {}, back: {} },
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
