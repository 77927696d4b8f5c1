import { compareMethods, type MethodFigures, type Swept, sweepMethods, tradeOffOf } from "@core/compare/index";
import { sewnSleeve } from "@core/drafting/index";
import { draftGarment } from "@core/garment/index";
import { LOWEST_CAP_MM, type SetInMethod, type TradeOff } from "@core/sleeve/set-in/index";
import { readGarment } from "@core/spec/index";

/** What the methods' page shows of a garment, worked out away from the screen. Millimetres. */
export type SideBySide = {
  readonly methods: readonly {
    readonly method: SetInMethod;
    readonly name: string;
    readonly figures: MethodFigures | null;
  }[];
  /** Every fitting cap with the ease that is wanted. */
  readonly curve: TradeOff["points"];
  readonly upperArm: number;
  /** The least width that the cloth wants over the arm, and the lowest and highest cap. */
  readonly leastWidth: number;
  readonly heights: { readonly least: number; readonly most: number };
  readonly sweep: readonly Swept[];
};

const CURVE_STEPS = 160;
const SWEPT_EASES = 200;
/** Ease beyond this is a puff. */
const MOST_SWEPT_EASE_MM = 60;

/** Null when the file is no garment, or none with a sleeve to compare. */
export function sideBySide(file: unknown): SideBySide | null {
  const read = readGarment(file);
  const garment = read.ok ? draftGarment(read.spec) : null;
  const sleeve = garment && sewnSleeve(garment);
  if (!read.ok || !garment || !sleeve) return null;
  const { cap } = sleeve.task;
  const eases = Array.from({ length: SWEPT_EASES }, (_, i) => (MOST_SWEPT_EASE_MM * i) / (SWEPT_EASES - 1));
  return {
    methods: compareMethods(read.spec).map(({ method, name, figures }) => ({ method, name, figures })),
    curve: tradeOffOf(sleeve, CURVE_STEPS)?.points ?? [],
    upperArm: cap.upperArm,
    leastWidth: cap.upperArm + garment.resolved.cloth.upperArmEase.least,
    heights: { least: LOWEST_CAP_MM, most: cap.armhole.depth },
    sweep: sweepMethods(read.spec, eases),
  };
}
