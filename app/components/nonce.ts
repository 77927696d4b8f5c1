import { createContext } from "react";

/** The word that this page's own scripts and styles carry, by which the browser tells them from others. */
export const NonceContext = createContext<string | undefined>(undefined);
