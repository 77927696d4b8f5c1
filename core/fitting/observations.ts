import type { AmendId } from "./amendments";

/** Where on the garment something is seen: by it the list is told in parts. */
export const OBSERVED_ON = { sleeve: "Sleeve", neck: "Collar and neck", body: "Body" } as const;

type Observation = {
  readonly on: keyof typeof OBSERVED_ON;
  readonly says: string;
  readonly amends: readonly AmendId[];
};

/** What is looked for when a garment is tried on, each with the changes that are usual for it, the likeliest first (common practice, no source). */
export const OBSERVATIONS = {
  "crown-folds": { on: "sleeve", says: "Diagonal folds from the crown", amends: ["raise-cap", "widen-sleeve"] },
  "underarm-folds": { on: "sleeve", says: "Folds at the underarm", amends: ["raise-cap", "narrow-sleeve"] },
  "swings-forward": { on: "sleeve", says: "The sleeve swings forward", amends: ["turn-back"] },
  "swings-back": { on: "sleeve", says: "The sleeve swings back", amends: ["turn-forward", "deepen-elbow-dart"] },
  "crown-puckers": { on: "sleeve", says: "The crown puckers", amends: ["less-cap-ease", "lower-cap"] },
  "cap-collapses": { on: "sleeve", says: "The cap collapses", amends: ["lower-cap", "less-cap-ease"] },
  "arm-not-raised": {
    on: "sleeve",
    says: "The arm cannot be raised",
    amends: ["lower-cap", "widen-sleeve", "longer-gusset"],
  },
  "upper-arm-tight": { on: "sleeve", says: "Tight round the upper arm", amends: ["widen-sleeve", "lower-cap"] },
  "sleeve-long": { on: "sleeve", says: "The sleeve is too long", amends: ["shorten-sleeve"] },
  "sleeve-short": { on: "sleeve", says: "The sleeve is too short", amends: ["lengthen-sleeve"] },
  "collar-stands-off": {
    on: "neck",
    says: "The collar stands off the neck",
    amends: ["less-collar-ease", "more-bow", "less-ahead"],
  },
  "collar-rides-up": { on: "neck", says: "The collar rides up", amends: ["more-tilt", "deeper-fall"] },
  "breaks-low": { on: "neck", says: "The roll line breaks low", amends: ["raise-break"] },
  "neck-tight": { on: "neck", says: "The neck is tight", amends: ["widen-neck", "deepen-front-neck"] },
  "front-neck-gapes": { on: "neck", says: "The front neck gapes", amends: ["narrow-front-neck"] },
  "armhole-tight": { on: "body", says: "The armhole cuts in", amends: ["lower-armhole"] },
  "bust-pulls": {
    on: "body",
    says: "Folds run from the bust, and the hem swings up in front",
    amends: ["fuller-bust", "longer-front"],
  },
  "bust-hollow": { on: "body", says: "The front is hollow over the bust", amends: ["flatter-bust"] },
  "folds-from-neck": { on: "body", says: "Folds run from the neck to the shoulder point", amends: ["square-shoulder"] },
  "folds-from-tip": {
    on: "body",
    says: "Folds run from the shoulder point to the underarm",
    amends: ["slope-shoulder"],
  },
  "front-armhole-gapes": { on: "body", says: "The front armhole gapes", amends: ["close-armhole"] },
  "back-rides-up": { on: "body", says: "The back rides up and pulls the neck back", amends: ["longer-back"] },
  "fold-across-blades": { on: "body", says: "A fold lies across the shoulder blades", amends: ["shorter-back"] },
  "back-tight": { on: "body", says: "Tight across the back", amends: ["wider-back"] },
  "back-loose": { on: "body", says: "Loose across the back", amends: ["narrower-back"] },
  "front-tight": { on: "body", says: "Tight across the front", amends: ["wider-front"] },
  "front-loose": { on: "body", says: "Loose across the front", amends: ["narrower-front"] },
  "fold-at-back-waist": { on: "body", says: "A fold lies across the back at the waist", amends: ["raise-back-waist"] },
  "front-hem-up": { on: "body", says: "The hem kicks up in front", amends: ["longer-front", "fuller-bust"] },
  "front-hem-down": { on: "body", says: "The hem hangs down in front", amends: ["shorter-front"] },
  "side-swings-forward": { on: "body", says: "The side seam swings forward", amends: ["side-back"] },
  "side-swings-back": { on: "body", says: "The side seam swings back", amends: ["side-forward"] },
  "waist-tight": { on: "body", says: "Tight at the waist", amends: ["wider-waist"] },
  "waist-loose": { on: "body", says: "Loose at the waist", amends: ["narrower-waist"] },
  "hip-tight": { on: "body", says: "Tight at the hip", amends: ["wider-hip"] },
  "hip-loose": { on: "body", says: "Loose at the hip", amends: ["narrower-hip"] },
  "shoulder-seam-behind": {
    on: "body",
    says: "The shoulder seam lies behind the shoulder",
    amends: ["shoulder-forward"],
  },
  "shoulder-seam-before": { on: "body", says: "The shoulder seam lies before the shoulder", amends: ["shoulder-back"] },
  "bust-below-dart": { on: "body", says: "The bust lies lower than the dart points", amends: ["lower-bust-point"] },
  "bust-above-dart": { on: "body", says: "The bust lies higher than the dart points", amends: ["raise-bust-point"] },
  "waist-above": { on: "body", says: "The garment’s waist lies above the waist", amends: ["lower-waist"] },
  "waist-below": { on: "body", says: "The garment’s waist lies below the waist", amends: ["raise-waist"] },
} as const satisfies Readonly<Record<string, Observation>>;

export type ObservationId = keyof typeof OBSERVATIONS;

export const isObservation = (id: unknown): id is ObservationId => typeof id === "string" && id in OBSERVATIONS;
