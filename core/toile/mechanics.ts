import type { ClothKind } from "../cloth";
import type { SheetCloth } from "./solver/sheet";

/** Standard acceleration of free fall, metres a second squared. */
export const GRAVITY = 9.81;

/**
 * What a cloth does when it hangs and bends. `weight` in grams a square metre; `bendingLength` in millimetres as the cantilever test gives
 * it (half the overhang that dips to 41.5°); `warp`, `weft` and `bias` are the force in newtons a metre of width at which it would be twice
 * as long, along the grain, across it and in shear. `friction` is that of cloth on a body.
 */
export type Mechanics = {
  readonly weight: number;
  readonly bendingLength: number;
  readonly warp: number;
  readonly weft: number;
  readonly bias: number;
  readonly friction: number;
  readonly source: "from memory" | "typed";
};

/** Middling figures of published ranges for such cloths, from memory: none of them was measured here. */
export const MECHANICS: Readonly<Record<ClothKind, Mechanics>> = {
  "medium-woven": {
    weight: 150,
    bendingLength: 19,
    warp: 3000,
    weft: 2000,
    bias: 60,
    friction: 0.3,
    source: "from memory",
  },
  "crisp-woven": {
    weight: 110,
    bendingLength: 24,
    warp: 3000,
    weft: 2500,
    bias: 70,
    friction: 0.3,
    source: "from memory",
  },
  shirting: { weight: 120, bendingLength: 18, warp: 3000, weft: 2000, bias: 60, friction: 0.3, source: "from memory" },
  "soft-wool": {
    weight: 240,
    bendingLength: 18,
    warp: 2000,
    weft: 1500,
    bias: 50,
    friction: 0.35,
    source: "from memory",
  },
  knit: { weight: 180, bendingLength: 11, warp: 120, weft: 80, bias: 40, friction: 0.35, source: "from memory" },
};

/** Flexural rigidity in newton metres: weight per area × bending length³ (Peirce 1930, as the cantilever test of BS 3356 has it). */
export function rigidityOf({ weight, bendingLength }: Pick<Mechanics, "weight" | "bendingLength">): number {
  return (weight / 1000) * GRAVITY * (bendingLength / 1000) ** 3;
}

/** The cloth of interfaced parts: heavier, and as stiff as a fused stand or lapel. Rigidity × 6 (from memory). */
export function interfaced(cloth: Mechanics): Mechanics {
  return { ...cloth, weight: cloth.weight * 2, bendingLength: cloth.bendingLength * (6 / 2) ** (1 / 3) };
}

/** Cloth beside a seam: its allowances lie under it, pressed apart and stitched. Rigidity × 5 (from memory). */
export function seamed(cloth: Mechanics): Mechanics {
  return { ...cloth, weight: cloth.weight * 1.7, bendingLength: cloth.bendingLength * (5 / 1.7) ** (1 / 3) };
}

export function mechanicsOf(kind: ClothKind): Mechanics {
  return MECHANICS[kind];
}

/** The cloth in the solver's units. */
export function sheetCloth(cloth: Mechanics): SheetCloth {
  const { weight, warp, weft, bias } = cloth;
  return { density: weight / 1000, warp, weft, bias, rigidity: rigidityOf(cloth) };
}
