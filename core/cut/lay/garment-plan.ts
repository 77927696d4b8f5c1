import { USUAL_INTERFACING_MM, USUAL_WIDTH_MM } from "../../cloth";
import type { Garment } from "../../garment";
import { cutGarment } from "../cut-garment";
import { keptPlan } from "./adjust";
import { type ClothOnTable, type LayCloth, type LayPiece, layPieces } from "./lay-pieces";
import { type LayPlan, layPlans } from "./lay-plan";

/** A cloth of a garment on the table. Lining and interfacing have neither the nap nor the shrinkage of the outer cloth. */
export function clothOnTable({ spec: { cloth, lay } }: Pick<Garment, "spec">, of: LayCloth = "outer"): ClothOnTable {
  const isFolded = lay?.fold !== "open";
  switch (of) {
    case "outer":
      return {
        width: cloth.width ?? USUAL_WIDTH_MM,
        isFolded,
        isOneWay: lay?.nap === "one-way",
        shrinkage: lay?.shrinkage ?? 0,
      };
    case "lining":
      return { width: lay?.liningWidth ?? USUAL_WIDTH_MM, isFolded, isOneWay: false, shrinkage: 0 };
    case "interfacing":
      return { width: lay?.interfacingWidth ?? USUAL_INTERFACING_MM, isFolded, isOneWay: false, shrinkage: 0 };
  }
}

/** The plan of the outer cloth: the one that the garment keeps, or the best that is found with so much work (`layPlans`). */
export function planOf(
  garment: Garment,
  work: number,
): { readonly pieces: readonly LayPiece[]; readonly plan: LayPlan; readonly table: ClothOnTable } {
  const table = clothOnTable(garment);
  const pieces = layPieces(cutGarment(garment).pieces, "outer", table);
  const kept = garment.spec.lay?.places ? keptPlan(pieces, garment.spec.lay.places, table) : null;
  let plan: LayPlan = kept ?? { laid: [], length: 0, tooWide: [] };
  if (!kept) for (const found of layPlans(pieces, table, SEED, work)) if (found) plan = found;
  return { pieces, plan, table };
}

/** The same garment gives the same plan, wherever it is laid. */
export const SEED = 20;
