import { createContext, useContext, useDeferredValue } from "react";

/** False for the moment in which a garment that was just opened shows its sheet alone. */
export const ShownPanels = createContext(true);

/** For the garment that opens: the sheet is drawn first, and the panels beside it in small steps, so that no step holds up the hand. */
export const useSheetFirst = (): boolean => useDeferredValue(true, false);

export const usePanelsShown = (): boolean => useContext(ShownPanels);
