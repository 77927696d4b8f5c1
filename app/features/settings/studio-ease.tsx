import type { OwnEase } from "@core/studio/index";
import { createContext, useContext } from "react";

const Context = createContext<OwnEase>({});

/** The workroom's own table of ease, for everything under it. */
export const StudioEaseProvider = Context.Provider;

export function useStudioEase(): OwnEase {
  return useContext(Context);
}
