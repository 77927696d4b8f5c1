import type { ClothHangs } from "../cloth";
import type { SheetCloth } from "./solver/sheet";

/** Standard acceleration of free fall, metres a second squared. */
export const GRAVITY = 9.81;

/** Flexural rigidity in newton metres: weight per area × bending length³ (Peirce 1930, as the cantilever test of BS 3356 has it). */
export function rigidityOf({ weight, bendingLength }: Pick<ClothHangs, "weight" | "bendingLength">): number {
  return (weight / 1000) * GRAVITY * (bendingLength / 1000) ** 3;
}

/** The cloth of interfaced parts: heavier, and as stiff as a fused stand or lapel. Rigidity × 6 (from memory). */
export function interfaced(cloth: ClothHangs): ClothHangs {
  return { ...cloth, weight: cloth.weight * 2, bendingLength: cloth.bendingLength * (6 / 2) ** (1 / 3) };
}

/** Cloth beside a seam: its allowances lie under it, pressed apart and stitched. Rigidity × 5 (from memory). */
export function seamed(cloth: ClothHangs): ClothHangs {
  return { ...cloth, weight: cloth.weight * 1.7, bendingLength: cloth.bendingLength * (5 / 1.7) ** (1 / 3) };
}

/** The cloth in the solver's units. */
export function sheetCloth(cloth: ClothHangs): SheetCloth {
  const { weight, warp, weft, bias } = cloth;
  return { density: weight / 1000, warp, weft, bias, rigidity: rigidityOf(cloth) };
}
