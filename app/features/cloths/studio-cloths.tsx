import type { ClothKind, ClothTable, ClothTakes, OwnHangs } from "@core/cloth/index";
import { createContext, useContext } from "react";

/** What a workroom says its cloths bear, and the cloths of its own that it still uses. */
export type StudioCloths = {
  readonly table: ClothTable;
  readonly own: readonly {
    readonly id: string;
    readonly name: string;
    readonly kind: ClothKind;
    readonly takes: ClothTakes;
    readonly width: number | null;
    readonly hangs: OwnHangs | null;
  }[];
};

const Context = createContext<StudioCloths>({ table: {}, own: [] });

/** For everything under it. */
export const StudioClothsProvider = Context.Provider;

export function useStudioCloths(): StudioCloths {
  return useContext(Context);
}
