import type { AmendId } from "./amendments";

/** What is looked for when a garment is tried on, each with the changes that are usual for it, the likeliest first (common practice, no source). */
export const OBSERVATIONS = {
  "crown-folds": { says: "Diagonal folds from the crown", amends: ["raise-cap", "widen-sleeve"] },
  "underarm-folds": { says: "Folds at the underarm", amends: ["raise-cap", "narrow-sleeve"] },
  "swings-forward": { says: "The sleeve swings forward", amends: ["turn-back"] },
  "swings-back": { says: "The sleeve swings back", amends: ["turn-forward", "deepen-elbow-dart"] },
  "crown-puckers": { says: "The crown puckers", amends: ["less-cap-ease", "lower-cap"] },
  "cap-collapses": { says: "The cap collapses", amends: ["lower-cap", "less-cap-ease"] },
  "arm-not-raised": { says: "The arm cannot be raised", amends: ["lower-cap", "widen-sleeve", "longer-gusset"] },
  "upper-arm-tight": { says: "Tight round the upper arm", amends: ["widen-sleeve", "lower-cap"] },
  "sleeve-long": { says: "The sleeve is too long", amends: ["shorten-sleeve"] },
  "sleeve-short": { says: "The sleeve is too short", amends: ["lengthen-sleeve"] },
  "collar-stands-off": {
    says: "The collar stands off the neck",
    amends: ["less-collar-ease", "more-bow", "less-ahead"],
  },
  "collar-rides-up": { says: "The collar rides up", amends: ["more-tilt", "deeper-fall"] },
  "breaks-low": { says: "The roll line breaks low", amends: ["raise-break"] },
  "neck-tight": { says: "The neck is tight", amends: ["widen-neck", "deepen-front-neck"] },
  "front-neck-gapes": { says: "The front neck gapes", amends: ["narrow-front-neck"] },
  "armhole-tight": { says: "The armhole cuts in", amends: ["lower-armhole"] },
} as const satisfies Readonly<Record<string, { readonly says: string; readonly amends: readonly AmendId[] }>>;

export type ObservationId = keyof typeof OBSERVATIONS;

export const isObservation = (id: unknown): id is ObservationId => typeof id === "string" && id in OBSERVATIONS;
