import type { BodyAlterationKind } from "../../block";
import type { Garment } from "../../garment";
import type { SpecChange } from "../../spec";
import { INCH_MM } from "../../tape";

/** A figure that is looked for: what it is now and within what it is looked for, in millimetres. */
export type FitFigure = { readonly now: number; readonly least: number; readonly most: number };

/** What can be asked of a toile, and the figure of the draft that moves it. */
export type FitGoal = {
  /** The read that is to be met. */
  readonly read: string;
  readonly says: string;
  readonly figure: string;
  /** What is usually asked for, in millimetres (common practice, no source). */
  readonly target: number;
  /** About how far the read moves for each millimetre of the figure. */
  readonly moves: number;
  /** Null where this garment has no such figure. */
  readonly figureOf: (garment: Garment) => FitFigure | null;
  readonly change: (garment: Garment, value: number) => SpecChange;
};

/** A figure is looked for so far from what it is. Our own limits. */
const FALL_MM = { less: 30, more: 60, least: 10 } as const;
const EASE_MM = { less: 60, more: 120 } as const;
const ALTERED_MM = 80;
const QUARTER_MM = 40;

const collarFigure = ({ resolved }: Garment, name: "fall" | "shoulderStand") => resolved.collar?.figures[name];

/** What the block is altered by already, of one kind. */
function alteredBy({ spec }: Garment, kind: BodyAlterationKind): number {
  return (spec.block.alterations ?? []).reduce((sum, one) => sum + (one.kind === kind ? one.by : 0), 0);
}

/** A goal whose figure is one alteration of the block, in place of those of its kind. */
function byAlteration(kind: BodyAlterationKind, most: number): Pick<FitGoal, "figureOf" | "change"> {
  return {
    figureOf: (garment) => {
      const { block } = garment.resolved;
      if (block.source !== "drafted" || block.school !== "fitted" || !garment.block) return null;
      const now = alteredBy(garment, kind);
      return { now, least: now - most, most: now + most };
    },
    change: ({ spec }, by) => ({
      block: {
        alterations: [...(spec.block.alterations ?? []).filter((one) => one.kind !== kind), { kind, by }],
      },
    }),
  };
}

export const FIT_GOALS = {
  "collar-cover": {
    read: "collar.cover.back",
    says: "Cover of the neck seam",
    figure: "Fall",
    target: 0.375 * INCH_MM,
    moves: 1,
    figureOf: (garment) => {
      const now = collarFigure(garment, "fall");
      return now === undefined
        ? null
        : { now, least: Math.max(FALL_MM.least, now - FALL_MM.less), most: now + FALL_MM.more };
    },
    change: (_, fall) => ({ collar: { fall } }),
  },
  "stand-off-neck": {
    read: "stand.offNeck",
    says: "Stand off the neck",
    figure: "Stand at the shoulder",
    target: 0.3125 * INCH_MM,
    moves: -0.3,
    figureOf: (garment) => {
      const now = collarFigure(garment, "shoulderStand");
      const stand = garment.resolved.collar?.figures.height;
      return now === undefined || stand === undefined ? null : { now, least: 0, most: Math.max(now, stand) };
    },
    change: (_, shoulderStand) => ({ collar: { shoulderStand } }),
  },
  "upper-arm-room": {
    read: "room.upperArm",
    says: "Room at the upper arm",
    figure: "Ease at the upper arm",
    target: 2 * INCH_MM,
    moves: 1,
    figureOf: ({ resolved: { sleeve }, sleeve: drafted }) => {
      // By any other method the cap says how wide a sleeve is that is sewn in.
      if (!sleeve || (drafted?.family === "sewn" && sleeve.method !== "fit-first")) return null;
      const now = sleeve.upperArmEase;
      return { now, least: Math.max(0, now - EASE_MM.less), most: now + EASE_MM.more };
    },
    change: (_, upperArmEase) => ({ sleeve: { upperArmEase } }),
  },
  "level-hem": {
    read: "hem.frontOverBack",
    says: "Hem higher in front than behind",
    figure: "Length of the centre front",
    target: 0,
    moves: -1,
    ...byAlteration("front-hem", ALTERED_MM),
  },
  "bust-room": {
    read: "room.bust",
    says: "Room at the bust",
    figure: "Fullness of the bust, each half",
    target: 2 * INCH_MM,
    moves: 2,
    ...byAlteration("bust-fullness", QUARTER_MM),
  },
  "waist-room": {
    read: "room.waist",
    says: "Room at the waist",
    figure: "Room at the waist, each quarter",
    target: 1.5 * INCH_MM,
    moves: 4,
    ...byAlteration("waist-room", QUARTER_MM),
  },
  "hip-room": {
    read: "room.hip",
    says: "Room at the hip",
    figure: "Room at the hip, each quarter",
    target: 2 * INCH_MM,
    moves: 4,
    ...byAlteration("hip-room", QUARTER_MM),
  },
} as const satisfies Readonly<Record<string, FitGoal>>;

export type FitGoalId = keyof typeof FIT_GOALS;
