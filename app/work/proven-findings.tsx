import type { Finding } from "@core/judge/index";
import { createContext, type ReactNode, useContext } from "react";
import { useProvenFindings } from "./use-proven-findings";
import { useThrottledWork } from "./use-throttled-work";

const Findings = createContext<readonly Finding[]>([]);

/** Tries the remedies of the garment on the table once for all that show its findings. */
export function ProvenFindings({ children }: { readonly children: ReactNode }) {
  const garment = useThrottledWork((work) => work.garment);
  return <Findings value={useProvenFindings(garment)}>{children}</Findings>;
}

/** What was found, with the remedies that mend it. */
export const useFindings = (): readonly Finding[] => useContext(Findings);
