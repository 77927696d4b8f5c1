import type { BodiceHalf } from "../block";
import type { CollarHandle } from "../collar";
import type { Handle } from "../draft";
import type { DraftedSleeve, SewnSleeve } from "../drafting";
import { directionTo, distance, endOf, lerp, type Point, SEEN_MM, startOf } from "../geometry";
import { styleOf } from "../sleeve/all-styles";
import { fitFirstRange, shapesOf, wantedSeams, widthAtHeight } from "../sleeve/set-in";
import type { SpecChange } from "../spec";
import { LENGTH_FIELDS } from "../spec";
import type { Garment } from "./sketch-garment";

/** Where a dragged handle may go, and the change that puts it there. Millimetres. */
export type DragRange = {
  /** The dragged figure as it is: the cap height, or the whole width on the cap line. */
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly changeTo: (value: number) => SpecChange;
};

/** A rule's cap may be dragged anywhere a piece of sleeve remains. Our own limits. */
const LOWEST_RULE_CAP_MM = 10;
const NARROWEST_RULE_MM = 100;
const WIDEST_RULE_MM = 1200;

/**
 * The crown, dragged up or down. Fit first holds both seams, so a higher cap makes the sleeve narrower: the width
 * follows, written as upper-arm ease. A rule holds its width, so the rule's height is changed and the seam with it.
 */
export function crownHandle({ task, sleeve }: SewnSleeve): DragRange {
  const { height } = sleeve.frame;
  const range = task.method === "fit-first" ? fitFirstRange(task.cap) : null;
  if (!range) {
    return {
      value: height,
      least: LOWEST_RULE_CAP_MM,
      most: task.lengths.length - 2 * LOWEST_RULE_CAP_MM,
      changeTo: (value) => ({ sleeve: { capHeightChange: task.cap.capHeightChange + value - height } }),
    };
  }
  return {
    value: height,
    least: range.height.least + SEEN_MM,
    most: range.height.most - SEEN_MM,
    changeTo: (value) => ({
      sleeve: { upperArmEase: widthAtHeight(wantedSeams(task.cap), shapesOf(task.cap), value) - task.cap.upperArm },
    }),
  };
}

/** An end of the cap line, dragged sideways; the figure is the whole width. The other end follows. */
export function capLineHandle({ task, sleeve }: SewnSleeve): DragRange {
  const width = sleeve.frame.frontWidth + sleeve.frame.backWidth;
  const range = task.method === "fit-first" ? fitFirstRange(task.cap) : null;
  if (!range) {
    return {
      value: width,
      least: NARROWEST_RULE_MM,
      most: WIDEST_RULE_MM,
      changeTo: (value) => ({ sleeve: { capWidthChange: task.cap.capWidthChange + value - width } }),
    };
  }
  return {
    value: width,
    least: range.width.least + SEEN_MM,
    most: range.width.most - SEEN_MM,
    changeTo: (value) => ({ sleeve: { upperArmEase: value - task.cap.upperArm } }),
  };
}

/** A place of a collar's that is dragged; the figure that it changes may be whatever its field may be. */
export function collarHandle({ field, value }: Pick<CollarHandle, "field" | "value">): DragRange {
  return { value, ...boundsOf(`collar.${field}`), changeTo: (to) => ({ collar: { [field]: to } }) };
}

function boundsOf(path: string) {
  const field = LENGTH_FIELDS[path];
  if (!field) throw new Error(`boundsOf: no field "${path}"`);
  return field.bounds;
}

/** A place of a style's that is dragged; the length that it changes may be whatever its field may be. */
export function styleHandle({ kind, styleLengths }: DraftedSleeve, { field }: Handle): DragRange {
  const bounds = styleOf(kind)?.fields[field]?.bounds;
  if (!bounds || kind === "set-in") throw new Error(`styleHandle: the ${kind} sleeve has no field "${field}"`);
  return {
    value: styleLengths[field] ?? 0,
    ...bounds,
    changeTo: (value) => ({ sleeve: { [kind]: { [field]: value } } }),
  };
}

/** Where a sleeve can be taken hold of: at what its style gives, else at the crown and the ends of the cap line. */
export function handlePlaces(drafted: DraftedSleeve): readonly Point[] {
  const ofStyle = drafted.handles.map(({ at }) => at);
  if (ofStyle.length > 0 || drafted.family === "bodice") return ofStyle;
  const { crown, frontEnd, backEnd } = drafted.sleeve.outline;
  return [crown, frontEnd, backEnd];
}

/** The point of the bust dart on the front of the block, dragged to or from the bust point; null where none is sewn, or a seam takes it. */
export function dartHandle({ block, resolved }: Pick<Garment, "block" | "resolved">) {
  const { block: from } = resolved;
  if (!block || from.source !== "drafted" || from.school !== "fitted") return null;
  const { bust, armholeDart, neckTurn } = block.front;
  const dart = neckTurn || armholeDart?.isSeam ? null : bustDartOf(block.front);
  if (!bust || !dart || distance(bust.bustPoint, dart.apex) < SEEN_MM) return null;
  const { apex, mouth } = dart;
  const { least, most } = boundsOf("block.dartShort");
  const value = from.task.choices.dartShort;
  return {
    name: "Point of the bust dart",
    at: apex,
    gain: directionTo(bust.bustPoint, apex),
    range: {
      value,
      least,
      // It is drawn no further than half way to its mouth.
      most: Math.min(most, distance(bust.bustPoint, mouth) / 2),
      changeTo: (to: number): SpecChange => ({ block: { dartShort: to } }),
    },
  };
}

/** The point of the front's bust dart, and the middle of its mouth. */
function bustDartOf({ sideDart, sideSeam, shoulderDart, armholeDart, armhole }: BodiceHalf) {
  const [from, , , to] = (armholeDart && armhole.path[armholeDart.mouth]) ?? [];
  if (sideDart) return { apex: sideDart.apex, mouth: lerp(endOf(sideDart.upper), startOf(sideSeam), 0.5) };
  if (shoulderDart) return { apex: shoulderDart.apex, mouth: lerp(shoulderDart.inner, shoulderDart.outer, 0.5) };
  return armholeDart && from && to ? { apex: armholeDart.apex, mouth: lerp(from, to, 0.5) } : null;
}
