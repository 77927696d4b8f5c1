import { INCH_MM } from "../../tape";
/** The body figures that a bodice is drafted from, in millimetres. */
export type BlockMeasures = {
  readonly bust: number;
  readonly waist: number;
  readonly hip: number;
  readonly neckBase: number;
  readonly shoulderWidth: number;
  readonly armholeGirth: number;
  /** Nape to waist. */
  readonly backLength: number;
  readonly frontToBust: number;
  readonly bustSpan: number;
};

export const BLOCK_STYLES = ["woven", "knit", "dropped"] as const;
export type BlockStyle = (typeof BLOCK_STYLES)[number];

/** How the neck's width and depth are come by. */
export const NECK_RULES = ["by-size", "neck-sixth"] as const;
export type NeckRule = (typeof NECK_RULES)[number];

export const NECK_SHAPES = ["round", "scoop", "v", "off-shoulder"] as const;
export type NeckShape = (typeof NECK_SHAPES)[number];

/** What sets the chest line. */
export const ARMHOLE_RULES = ["half-armscye", "bust-quarter", "bust-sixth"] as const;
export type ArmholeRule = (typeof ARMHOLE_RULES)[number];

export const SHAPINGS = ["none", "waist-darts", "shoulder-darts", "princess-shoulder", "princess-armhole"] as const;
export type Shaping = (typeof SHAPINGS)[number];

export const GATHERS = ["none", "slight", "full"] as const;
export type Gathers = (typeof GATHERS)[number];

export const BODY_LENGTHS = ["hip", "waist"] as const;
export type BodyLength = (typeof BODY_LENGTHS)[number];

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
  readonly centreBackShaping: number;
  /** Beyond the centre front; 1 to 1 1/2 in where it buttons. */
  readonly buttonStand: number;
  readonly gathers: Gathers;
  readonly bodyLength: BodyLength;
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
