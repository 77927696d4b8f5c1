import type { Source } from "../draft";

/** What a cloth bears at the sleeve; lengths in millimetres. */
export type ClothTakes = {
  /** Usual ease of the whole cap. Negative: the sleeve is stretched in. */
  readonly capEase: { readonly least: number; readonly most: number };
  /** Usual ease of the sleeve over the upper arm. */
  readonly upperArmEase: { readonly least: number; readonly most: number };
  /** The share of a section that can be eased in before puckers show. */
  readonly mostEaseShare: number;
};

export type Cloth = ClothTakes & {
  readonly kind: ClothKind;
  readonly name: string;
  /** Between which ratios it gathers well: fewer do not show, more are bulky. From memory. */
  readonly gathers: { readonly least: number; readonly most: number };
  readonly source: Source;
};

export const CLOTH_KINDS = ["knit", "shirting", "crisp-woven", "medium-woven", "soft-wool"] as const;
export type ClothKind = (typeof CLOTH_KINDS)[number];

export const DEFAULT_CLOTH: ClothKind = "medium-woven";

/**
 * Cap and upper-arm ease by cloth: the knit's cap by common practice, the others from memory. The 8 % limit is
 * said of crisp cloth (common practice, no source); the limits of softer cloth are our own steps above it.
 */
const CLOTHS: Readonly<Record<ClothKind, Cloth>> = {
  knit: {
    kind: "knit",
    name: "Knit",
    capEase: { least: -10, most: 0 },
    upperArmEase: { least: -10, most: 10 },
    mostEaseShare: 0.01,
    gathers: { least: 1.15, most: 1.6 },
    source: "common practice, no source",
  },
  shirting: {
    kind: "shirting",
    name: "Shirting",
    capEase: { least: 0, most: 6 },
    upperArmEase: { least: 60, most: 100 },
    mostEaseShare: 0.08,
    gathers: { least: 1.2, most: 2.0 },
    source: "from memory",
  },
  "crisp-woven": {
    kind: "crisp-woven",
    name: "Crisp cotton or silk",
    capEase: { least: 10, most: 20 },
    upperArmEase: { least: 38, most: 50 },
    mostEaseShare: 0.08,
    gathers: { least: 1.25, most: 2.2 },
    source: "from memory",
  },
  "medium-woven": {
    kind: "medium-woven",
    name: "Medium woven",
    capEase: { least: 20, most: 35 },
    upperArmEase: { least: 38, most: 50 },
    mostEaseShare: 0.14,
    gathers: { least: 1.2, most: 1.8 },
    source: "from memory",
  },
  "soft-wool": {
    kind: "soft-wool",
    name: "Soft wool, jacket",
    capEase: { least: 30, most: 50 },
    upperArmEase: { least: 60, most: 90 },
    mostEaseShare: 0.18,
    gathers: { least: 1.15, most: 1.5 },
    source: "from memory",
  },
};

/** A kind of cloth with its usual figures, or with a workroom's own. */
export function clothOf(kind: ClothKind, own?: ClothTakes): Cloth {
  return own ? { ...CLOTHS[kind], ...own, source: "choice" } : CLOTHS[kind];
}

/** The figures of a cloth by themselves. */
export function takesOf({ capEase, upperArmEase, mostEaseShare }: Cloth): ClothTakes {
  return { capEase, upperArmEase, mostEaseShare };
}

/** A workroom's own figures, for the kinds where they differ from the usual ones. */
export type ClothTable = { readonly [kind in ClothKind]?: ClothTakes };
