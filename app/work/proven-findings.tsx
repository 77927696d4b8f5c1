import type { Finding } from "@core/judge/index";
import { createContext, type ReactNode, useContext } from "react";
import { useCalmWork } from "./use-calm-work";
import { useProvenFindings } from "./use-proven-findings";

const Findings = createContext<readonly Finding[]>([]);

/** Tries the remedies of the garment on the table once for all that show its findings. */
export function ProvenFindings({ children }: { readonly children: ReactNode }) {
  const garment = useCalmWork((work) => work.garment);
  return <Findings value={useProvenFindings(garment)}>{children}</Findings>;
}

/** What was found, with the remedies that mend it. */
export const useFindings = (): readonly Finding[] => useContext(Findings);
