import type { findingsOf } from "@app/workers/prove-remedies";
import type { Garment } from "@core/garment/index";
import type { Finding } from "@core/judge/index";
import type { Remote } from "comlink";
import { useEffect, useRef, useState } from "react";

/** Remedies are tried once the hand has been still for so long. */
const STILL_MS = 250;

/**
 * The findings of a garment, with the remedies that were tried and mend it: they are tried in a worker, once the figures have come to rest,
 * since each costs a draft; until then a finding shows those that it had.
 */
export function useProvenFindings(garment: Garment): readonly Finding[] {
  const [proven, setProven] = useState<{ readonly of: Garment; readonly findings: readonly Finding[] } | null>(null);
  const [isReady, setReady] = useState(false);
  const ask = useRef<Remote<typeof findingsOf> | null>(null);
  useEffect(() => {
    let worker: Worker | null = null;
    let isGone = false;
    const timer = setTimeout(async () => {
      const { wrap } = await import("comlink");
      if (isGone) return;
      worker = new Worker(new URL("../workers/prove-remedies.worker.ts", import.meta.url), { type: "module" });
      ask.current = wrap<typeof findingsOf>(worker);
      setReady(true);
    }, STILL_MS);
    return () => {
      isGone = true;
      clearTimeout(timer);
      ask.current = null;
      worker?.terminate();
    };
  }, []);
  useEffect(() => {
    let isOld = false;
    if (!isReady) return;
    const timer = setTimeout(() => {
      ask.current?.(garment.spec).then((findings) => {
        if (!isOld) setProven({ of: garment, findings });
      });
    }, STILL_MS);
    return () => {
      isOld = true;
      clearTimeout(timer);
    };
  }, [garment, isReady]);
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
