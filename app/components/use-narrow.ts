import { useSyncExternalStore } from "react";

/** Below this a sheet has no room for a panel beside it: panels come up from below it. */
export const NARROW = "(max-width: 61.99em)";
/** Below this one half of a draft fills the sheet. */
export const PHONE = "(max-width: 47.99em)";

/** Is the window as narrow as that? On the server it never is. */
export function useNarrow(query: typeof NARROW | typeof PHONE): boolean {
  return useSyncExternalStore(
    (onChange) => {
      const list = window.matchMedia(query);
      list.addEventListener("change", onChange);
      return () => list.removeEventListener("change", onChange);
    },
    () => window.matchMedia(query).matches,
    () => false,
  );
}
