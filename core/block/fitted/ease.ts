import type { BlockStyle } from "../drafted";
import type { FittedEase } from "./task";

/** What a garment is made as, which says how much room it has. */
export const EASE_GARMENTS = ["dress", "blouse", "jacket", "coat", "shirt", "cardigan", "t-shirt"] as const;
export type EaseGarment = (typeof EASE_GARMENTS)[number];

export const EASE_GARMENT_NAMES: Readonly<Record<EaseGarment, string>> = {
  dress: "Dress",
  blouse: "Blouse",
  jacket: "Jacket",
  coat: "Coat",
  shirt: "Shirt",
  cardigan: "Cardigan",
  "t-shirt": "T-shirt",
};

/** What a bodice of a style is made as where nobody said (common practice, no source). */
export function usualGarment(style: BlockStyle): EaseGarment {
  return style === "knit" ? "t-shirt" : style === "dropped" ? "cardigan" : "blouse";
}

type Row = readonly [
  bust: number,
  waist: number,
  hip: number,
  upperArm: number,
  acrossBack: number,
  acrossFront: number,
  armhole: number,
  neckline: number,
  balance: number,
];

/** Total ease at a bust of 920 mm, whole girths and widths (from memory, tuned by eye in a trial). */
const AT_920: Readonly<Record<EaseGarment, Row>> = {
  dress: [50, 30, 40, 40, 12, 4, 22, 3, 12],
  blouse: [60, 40, 50, 45, 14, 6, 28, 3, 12],
  jacket: [100, 80, 80, 70, 24, 12, 50, 5, 15],
  coat: [160, 150, 130, 100, 36, 20, 85, 5, 16],
  shirt: [160, 180, 130, 80, 34, 22, 75, 5, 14],
  cardigan: [80, 100, 70, 40, 18, 10, 40, 3, 10],
  "t-shirt": [20, 60, 20, 10, 4, 2, 14, 0, 8],
};

/** The bust that the table of ease is for. */
export const EASE_BASE_BUST_MM = 920;
const BY_BUST = 0.4;
const SCALE = { least: 0.85, most: 1.35 } as const;

/** What a cloth adds at the bust and in the armhole (from memory): a knit gives, soft wool is thick. A T-shirt is a knit already. */
const BY_CLOTH: Readonly<Record<string, { readonly bust: number; readonly armhole: number }>> = {
  knit: { bust: -40, armhole: -10 },
  "crisp-woven": { bust: 10, armhole: 4 },
  "medium-woven": { bust: 10, armhole: 4 },
  "soft-wool": { bust: 20, armhole: 8 },
};
/** These are made of what their row says already. */
const OF_THEIR_CLOTH: Readonly<Partial<Record<EaseGarment, readonly string[]>>> = {
  "t-shirt": ["knit"],
  cardigan: ["knit"],
  jacket: ["soft-wool", "medium-woven"],
  coat: ["soft-wool", "medium-woven"],
  blouse: ["crisp-woven", "medium-woven", "shirting"],
  dress: ["crisp-woven", "medium-woven", "shirting"],
};

/** A row of the table as figures by their level. */
export function easeAtBase(garment: EaseGarment): FittedEase {
  const [bust, waist, hip, upperArm, acrossBack, acrossFront, armhole, neckline, balance] = AT_920[garment];
  return { bust, waist, hip, upperArm, acrossBack, acrossFront, armhole, neckline, balance };
}

/**
 * The usual ease of a garment of a cloth on a bust, in millimetres: larger bodies need more, by two fifths of what they are larger. What a
 * workroom has of its own for such a garment stands in place of the table, and is no further changed by the cloth.
 */
export function usualEase(
  garment: EaseGarment,
  cloth: string,
  bust: number,
  own: Partial<Record<keyof FittedEase, number | undefined>> = {},
): FittedEase {
  const scale = Math.min(SCALE.most, Math.max(SCALE.least, 1 + BY_BUST * (bust / EASE_BASE_BUST_MM - 1)));
  const row = easeAtBase(garment);
  const added = clothAdds(garment, cloth);
  return {
    bust: (own.bust ?? row.bust + added.bust) * scale,
    waist: (own.waist ?? row.waist) * scale,
    hip: (own.hip ?? row.hip) * scale,
    upperArm: (own.upperArm ?? row.upperArm) * scale,
    acrossBack: (own.acrossBack ?? row.acrossBack) * scale,
    acrossFront: (own.acrossFront ?? row.acrossFront) * scale,
    armhole: (own.armhole ?? row.armhole + added.armhole) * scale,
    neckline: own.neckline ?? row.neckline,
    balance: own.balance ?? row.balance,
  };
}

/** What a cloth adds to a garment's row, on a bust of 920 mm: nothing where the row is for such a cloth. */
export function clothAdds(garment: EaseGarment, cloth: string): { readonly bust: number; readonly armhole: number } {
  const isOfItsCloth = OF_THEIR_CLOTH[garment]?.includes(cloth);
  return isOfItsCloth ? NOTHING_ADDED : (BY_CLOTH[cloth] ?? NOTHING_ADDED);
}

const NOTHING_ADDED = { bust: 0, armhole: 0 } as const;
