import type { BodyLength, NeckShape, TypedFigures } from "../drafted/choices";
import type { Side } from "../half";

/** The body that a fitted block is solved for, every figure read or estimated. Millimetres; angles in radians. */
export type FittedBody = {
  readonly bust: number;
  /** Under the arms, above the bust. */
  readonly upperBust: number;
  readonly waist: number;
  readonly hip: number;
  readonly neckBase: number;
  readonly shoulderWidth: number;
  readonly shoulderLength: number;
  /** How much the shoulder falls below the horizontal. */
  readonly shoulderSlope: number;
  readonly backWidth: number;
  readonly frontWidth: number;
  /** Nape to waist. */
  readonly backLength: number;
  /** Side neck point to bust point. */
  readonly frontToBust: number;
  /** Side neck point over the bust point to the waist; null where it was not read: it is solved then. */
  readonly frontToWaist: number | null;
  readonly bustSpan: number;
  readonly armholeGirth: number;
  /** Shoulder level to underarm level, as a ruler under the arm reads it. */
  readonly armholeDepth: number;
  readonly waistToHip: number;
  /** How much further forward than the tape told neck and shoulders are carried, as a fitting found; negative: more erect. */
  readonly stoop: number;
};

/** What is added to the body at each level: whole girths and whole widths, millimetres. */
export type FittedEase = {
  readonly bust: number;
  readonly waist: number;
  readonly hip: number;
  /** Over the upper arm: what a sleeve on this block begins with. */
  readonly upperArm: number;
  readonly acrossBack: number;
  readonly acrossFront: number;
  /** Both half armholes over the armscye girth. */
  readonly armhole: number;
  readonly neckline: number;
  /** How much longer the back armhole is than the front one. */
  readonly balance: number;
};
export const EASE_LEVELS = [
  "bust",
  "waist",
  "hip",
  "upperArm",
  "acrossBack",
  "acrossFront",
  "armhole",
  "neckline",
  "balance",
] as const satisfies readonly (keyof FittedEase)[];

/** Where the bust dart is sewn. "gathers": into the neck. "ease": none is sewn, a stated amount stays as ease in the armhole, the rest shortens the front. */
export const BUST_DARTS = [
  "side",
  "shoulder",
  "armhole",
  "neck",
  "gathers",
  "waist",
  "princess-shoulder",
  "princess-armhole",
  "ease",
] as const;
export type BustDartPlace = (typeof BUST_DARTS)[number];

/** What is asked of the solver beside body and ease. Millimetres and radians. */
export type FittedChoices = {
  readonly bustDart: BustDartPlace;
  /** How much of the dart angle stays as ease in the armhole of a front without a dart. */
  readonly dartEase: number;
  /** How far short of the bust point the dart ends. */
  readonly dartShort: number;
  /** "fitted": waist and hip are met; "straight": the side falls straight, drawn in by no more than `sideIntake`. */
  readonly silhouette: "fitted" | "straight";
  readonly sideIntake: number;
  /** How much of what is too much at the waist a fitted side and its darts take: 1 for all of it. */
  readonly waistShare: number;
  /** Shaping in a centre-back seam; null: solved with the other darts, 0 where the back lies on a fold. */
  readonly centreBack: number | null;
  /** "dropped": from a shoulder that runs on beyond its point, nearly straight down. */
  readonly armhole: "set-in" | "dropped";
  /** How far the shoulder runs on beyond its point: a drop, or ease over the half shoulder. */
  readonly shoulderBeyond: number;
  /** The underarm's level below the front's side neck point, where it was typed. */
  readonly chestLevel: number | null;
  /** How far the armhole is set in at half its depth, where that was typed. */
  readonly inset: Readonly<Record<Side, number | null>>;
  /** How much of the difference between the shoulder seams is eased into the front one. */
  readonly shoulderEase: number;
  /** How far below the underarm a dart at the side opens at least: further where the underarm is lowered afterwards. */
  readonly sideDartBelow: number;
  /** Width of a dart in the back shoulder where it was typed; null: only what a stoop asks. */
  readonly backShoulderDart: number | null;
  /** How much width each quarter gives from front to back: the side seam then lies so much further forward. */
  readonly sideForward: number;
  /** How much further forward than usual the shoulder seam ends at its point. */
  readonly tipForward: number;
};

/** A design neckline over the solved one: what was typed, null for what was not. Millimetres. */
export type NeckAsked = {
  readonly width: number | null;
  readonly depth: number | null;
  readonly shape: NeckShape;
  /** How much higher the side neck point stands than the body's. */
  readonly higher: number;
};

/** Everything that a fitted block is drafted from. */
export type FittedTask = {
  readonly body: FittedBody & { readonly height: number };
  readonly ease: FittedEase;
  readonly choices: FittedChoices;
  readonly typed: TypedFigures;
  readonly neck: Readonly<Record<Side, NeckAsked>>;
  readonly length: BodyLength;
  /** Width of the waist darts where it was typed. */
  readonly dartIntake: number | null;
  /** Bust point to under-bust where both were read. */
  readonly underbustBelow: number | null;
  /** Beyond the centre line, to be gathered. */
  readonly gathered: Readonly<Record<Side, number>>;
  readonly buttonStand: number;
  /** How much longer the centre front is at the hem than the side, and shorter the centre back at the waist: to nothing at the side. */
  readonly frontHemDrop: number;
  readonly backWaistRise: number;
};

/** What a fitted block could not do as it was asked, or did otherwise. Millimetres and radians. */
export type FittedTold =
  | { readonly code: "stooped"; readonly balance: number }
  | { readonly code: "front-lengthened"; readonly measured: number; readonly drafted: number }
  | { readonly code: "front-waist-drop"; readonly drop: number }
  | { readonly code: "front-short-without-dart"; readonly missing: number }
  | { readonly code: "dart-against-cup"; readonly dart: number; readonly cup: number }
  | { readonly code: "across-narrowed"; readonly by: number }
  | { readonly code: "across-widened"; readonly by: number }
  | { readonly code: "tip-not-square"; readonly by: number }
  | { readonly code: "shoulders-differ"; readonly seam: number; readonly width: number }
  | { readonly code: "second-dart" }
  | { readonly code: "waist-over-bust"; readonly over: number }
  | { readonly code: "dart-as-ease"; readonly dart: number };
