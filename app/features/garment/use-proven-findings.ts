import type { Finding } from "@core/check/index";
import { type Garment, provenFindings } from "@core/garment/index";
import { useEffect, useState } from "react";

/** Remedies are tried once the hand has been still for so long. */
const STILL_MS = 250;

/**
 * The findings of a garment, with the remedies that were tried and mend it: they are tried once the figures have come to rest, since each
 * costs a draft; until then a finding shows those that it had.
 */
export function useProvenFindings(garment: Garment): readonly Finding[] {
  const [proven, setProven] = useState<{ readonly of: Garment; readonly findings: readonly Finding[] } | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setProven({ of: garment, findings: provenFindings(garment) }), STILL_MS);
    return () => clearTimeout(timer);
  }, [garment]);
  // Of a finding in the same words the remedies are the same.
  if (proven?.of === garment) return proven.findings;
  return garment.findings.map((finding) => ({
    ...finding,
    remedies: proven?.findings.find((one) => isSame(one, finding))?.remedies ?? [],
  }));
}

function isSame(a: Finding, b: Finding): boolean {
  return a.code === b.code && JSON.stringify(a.message) === JSON.stringify(b.message);
}
