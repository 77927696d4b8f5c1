import type { Source } from "../draft";
import type { ClothKind } from "./cloths";

/**
 * What a cloth does when it hangs and bends. `weight` in grams a square metre; `bendingLength` in millimetres as the cantilever test gives it (half
 * the overhang that dips to 41.5°); `warp`, `weft` and `bias` are the force in newtons a metre of width at which it would be twice as long, along
 * the grain, across it and in shear.
 */
export type ClothHangs = { readonly [figure in (typeof HANGS_FIGURES)[number]]: number };

export const HANGS_FIGURES = ["weight", "bendingLength", "warp", "weft", "bias"] as const;

/** Middling figures of published ranges for such cloths, from memory: none of them was measured here. */
const HANGS: Readonly<Record<ClothKind, ClothHangs>> = {
  "medium-woven": { weight: 150, bendingLength: 19, warp: 3000, weft: 2000, bias: 60 },
  "crisp-woven": { weight: 110, bendingLength: 24, warp: 3000, weft: 2500, bias: 70 },
  shirting: { weight: 120, bendingLength: 18, warp: 3000, weft: 2000, bias: 60 },
  "soft-wool": { weight: 240, bendingLength: 18, warp: 2000, weft: 1500, bias: 50 },
  knit: { weight: 180, bendingLength: 11, warp: 120, weft: 80, bias: 40 },
};

/** What was tested of a cloth. */
export type OwnHangs = { readonly [figure in keyof ClothHangs]?: number | undefined };

/** How a kind of cloth hangs: as it was tested, and as is usual where it was not; and where the figures come from. */
export function hangsOf(kind: ClothKind, own: OwnHangs = {}): ClothHangs & { readonly source: Source } {
  const given = Object.fromEntries(Object.entries(own).filter(([, figure]) => figure !== undefined));
  return { ...HANGS[kind], ...given, source: Object.keys(given).length > 0 ? "choice" : "from memory" };
}
