import type { Block } from "../block";
import { length, phrase } from "../draft";
import { type BodiceAttempt, bodiceBase } from "../drafting";
import type { ResolvedSleeve, ResolvedSpec } from "../resolve";
import type { BodiceStyle } from "../sleeve/style";
import type { SpecChange } from "../spec";
import { enlargeArmhole } from "./enlarge-armhole";
import { type Finding, type Remedy, withRemediesOf } from "./finding";
import { judgeBodiceSleeve, judgeNoRoom } from "./judge-bodice";
import { whyNoSleeve } from "./judge-sewn";
import { judgeStyle } from "./judge-style";
import { judgeWidth } from "./judge-width";

/** What there is to say about a sleeve that took a part of the bodice along, or why there is none. */
export function judgeWithBodice(attempt: BodiceAttempt, resolved: ResolvedSpec): readonly Finding[] {
  const { asked, style, block, drawing, drafted } = attempt;
  const { body, cloth } = resolved;
  if (!drawing.isDrawn) {
    if (drawing.why === "no-room") return [judgeNoRoom(asked.kind, drawing.misplaced)];
    const found = whyNoSleeve(drawing.task, cloth, enlargeArmhole(resolved.block, block), asked);
    return [withoutCapChoices(found, () => lowerFurther(resolved, asked, style, block))];
  }
  if (!drafted) return [];
  const { fitted } = drawing;
  return [
    ...(fitted ? judgeWidth(fitted.task, fitted.sleeve, cloth) : []),
    ...judgeBodiceSleeve(asked.kind, drawing, drafted.seams, cloth),
    ...judgeStyle(
      {
        kind: asked.kind,
        hem: asked.hem,
        hemLength: drawing.hemLength,
        onto: drafted.hem.onto,
        limb: drafted.limb,
        crownRatio: null,
        misplaced: drawing.misplaced,
        finished: drawing.finishedLength,
        lengths: asked.styleLengths,
        opens: { crown: null, hem: null },
        derive: () => null,
      },
      { hand: body.hand, armLength: body.armLength },
      cloth,
    ),
  ];
}

/** The cap under such a sleeve is always fitted, and without ease: neither is a way out. */
function withoutCapChoices(found: Finding, instead: () => Remedy | null): Finding {
  const isOfCap = ({ sleeve }: SpecChange) => sleeve?.capEase !== undefined || sleeve?.method !== undefined;
  return withRemediesOf(found, (remedies) =>
    [...remedies.filter(({ change }) => !isOfCap(change)), instead()].filter((remedy) => remedy !== null),
  );
}

const LOWER_STEP_MM = 5;

/** A larger armhole comes of lowering the underarm further: by how much is found by trying. */
function lowerFurther(resolved: ResolvedSpec, asked: ResolvedSleeve, style: BodiceStyle, block: Block): Remedy | null {
  const most = style.fields.lowering?.bounds.most ?? 0;
  const base = bodiceBase(resolved, asked, block);
  for (let by = (asked.styleLengths.lowering ?? 0) + LOWER_STEP_MM; by <= most; by += LOWER_STEP_MM) {
    if (!style.draft(base, { ...asked.styleLengths, lowering: by }).isDrawn) continue;
    return {
      id: "lower-underarm",
      label: phrase`Lower the underarm by ${length(by)}`,
      change: { sleeve: { [asked.kind]: { lowering: by } } },
    };
  }
  return null;
}
