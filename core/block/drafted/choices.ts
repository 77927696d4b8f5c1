import { INCH_MM } from "../../tape";
/** The body figures that a bodice is drafted from, in millimetres. */
export type BlockMeasures = {
  readonly bust: number;
  readonly waist: number;
  /** Null where it was not measured and nothing rests on it. */
  readonly underbust: number | null;
  readonly hip: number;
  readonly neckBase: number;
  readonly shoulderWidth: number;
  readonly armholeGirth: number;
  /** Nape to waist. */
  readonly backLength: number;
  readonly frontToBust: number;
  readonly bustSpan: number;
};

export type BlockStyle = "woven" | "knit" | "dropped";

/** How the neck's width and depth are come by. */
export type NeckRule = "by-size" | "neck-sixth";

export type NeckShape = "round" | "scoop" | "v" | "v-hollow" | "square" | "boat" | "off-shoulder";

/** What sets the chest line. */
export type ArmholeRule = "half-armscye" | "bust-quarter" | "bust-sixth";

export const SHAPINGS = ["none", "waist-darts", "shoulder-darts", "princess-shoulder", "princess-armhole"] as const;
export type Shaping = (typeof SHAPINGS)[number];

/** Does a shaping, or a bust dart's place, lie in a seam that cuts the half apart? */
export function isPrincess<Of extends string>(of: Of): of is Extract<Of, "princess-shoulder" | "princess-armhole"> {
  return of === "princess-shoulder" || of === "princess-armhole";
}

export type Underbust = "free" | "fitted";

export type Gathers = "none" | "slight" | "full";

/** "fitted": in at the waist and out to the hip; "half": half of that; "straight": boxes, gathered bodies, coats. */
export type SideSeam = "fitted" | "half" | "straight";

/** The figures of a bodice that may be typed in place of the rule that gives them. Millimetres, levels below the side neck point. */
export type TypedFigures = {
  readonly frontNeckWidth?: number | undefined;
  readonly backNeckWidth?: number | undefined;
  readonly frontNeckDepth?: number | undefined;
  readonly backNeckDepth?: number | undefined;
  /** How far the armhole is set in at half its depth. */
  readonly frontInset?: number | undefined;
  readonly backInset?: number | undefined;
  readonly chestLevel?: number | undefined;
  readonly bustLevel?: number | undefined;
  readonly underbustLevel?: number | undefined;
  readonly waistLevel?: number | undefined;
  readonly hipLevel?: number | undefined;
  /** From the side neck point to the hem. */
  readonly length?: number | undefined;
  /** How much of the waist dart lies towards the centre. */
  readonly dartInner?: number | undefined;
  /** How far above the hip the waist dart closes. */
  readonly dartAboveHip?: number | undefined;
  readonly frontGathers?: number | undefined;
  readonly backGathers?: number | undefined;
};

export const TYPED_FIGURES = [
  "frontNeckWidth",
  "backNeckWidth",
  "frontNeckDepth",
  "backNeckDepth",
  "frontInset",
  "backInset",
  "chestLevel",
  "bustLevel",
  "underbustLevel",
  "waistLevel",
  "hipLevel",
  "length",
  "dartInner",
  "dartAboveHip",
  "frontGathers",
  "backGathers",
] as const satisfies readonly (keyof TypedFigures)[];
export type TypedFigure = (typeof TYPED_FIGURES)[number];

/** "fitted": solved from the body; "quick": by the rules that people draft by at the table. */
export const BLOCK_SCHOOLS = ["fitted", "quick"] as const;
export type BlockSchool = (typeof BLOCK_SCHOOLS)[number];

/** Where a bodice ends that has no length typed. The quick rules know hip and waist, and take any other as the hip. */
export type BodyLength = "hip" | "waist" | "below-hip" | "knee";

/** Every choice of a drafted bodice, with its defaults taken. Lengths in millimetres. */
export type BlockChoices = {
  readonly style: BlockStyle;
  readonly neckRule: NeckRule;
  readonly neckShape: NeckShape;
  readonly armholeRule: ArmholeRule;
  /** Over the half shoulder; 1/2 in for a jacket. */
  readonly shoulderEase: number;
  readonly backSlope: number;
  readonly frontSlope: number;
  /** How far a dropped shoulder runs on beyond its point. */
  readonly shoulderExtension: number;
  /** Per quarter, at each level. */
  readonly chestEase: number;
  readonly waistEase: number;
  readonly hipEase: number;
  readonly shaping: Shaping;
  readonly dartIntake: number;
  readonly shoulderDartIntake: number;
  /** Nothing for a back without one. */
  readonly backShoulderDart: number;
  readonly centreBackShaping: number;
  /** Beyond the centre front; 1 to 1 1/2 in where it buttons. */
  readonly buttonStand: number;
  readonly gathers: Gathers;
  readonly bodyLength: BodyLength;
  readonly sideSeam: SideSeam;
  /** How much higher the back stands at the neck than the front. */
  readonly backHigher: number;
  /** Whether the waist dart takes in what the block holds too much under the bust. */
  readonly underbust: Underbust;
  readonly typed: TypedFigures;
};

type StyleDefaults = Pick<
  BlockChoices,
  "armholeRule" | "backSlope" | "frontSlope" | "shoulderExtension" | "chestEase" | "shaping"
>;

/** What each style begins with: the first of the listed variants (common practice, no source). */
export const STYLE_DEFAULTS: Readonly<Record<BlockStyle, StyleDefaults>> = {
  woven: {
    armholeRule: "half-armscye",
    backSlope: INCH_MM,
    frontSlope: INCH_MM,
    shoulderExtension: 0,
    chestEase: INCH_MM / 2,
    shaping: "waist-darts",
  },
  knit: {
    armholeRule: "bust-quarter",
    backSlope: 0.75 * INCH_MM,
    frontSlope: 0.75 * INCH_MM,
    shoulderExtension: 0,
    chestEase: 0,
    shaping: "none",
  },
  dropped: {
    armholeRule: "bust-sixth",
    backSlope: INCH_MM,
    frontSlope: INCH_MM,
    shoulderExtension: INCH_MM / 2,
    chestEase: INCH_MM,
    shaping: "none",
  },
};

/** A dart takes 1 to 1 1/2 in (common practice, no source); its least stands first. */
export const DART_INTAKE_MM = INCH_MM;
/** What a shoulder dart takes before anything is tried on. Our own choice. */
export const SHOULDER_DART_INTAKE_MM = 0.75 * INCH_MM;
