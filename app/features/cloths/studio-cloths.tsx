import type { ClothTable } from "@core/cloth/index";
import { createContext, useContext } from "react";

const StudioCloths = createContext<ClothTable>({});

/** What this workroom says its cloths bear, for everything under it. */
export const StudioClothsProvider = StudioCloths.Provider;

export function useStudioCloths(): ClothTable {
  return useContext(StudioCloths);
}
