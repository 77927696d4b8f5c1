import type { Body } from "@core/body/index";
import { useEffect, useRef, useState } from "react";
import type { Estimates } from "./estimates";

/** The estimates for a body, a moment after it is typed. What works them out is fetched after the page: a first screen does not wait for it. */
export function useEstimates(body: Body): Estimates {
  const [estimates, setEstimates] = useState<Estimates>({});
  const key = JSON.stringify(body);
  const latest = useRef(body);
  latest.current = body;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a body is new at every keystroke, what it says is not
  useEffect(() => {
    let isCurrent = true;
    const timer = setTimeout(async () => {
      const { estimatesFor } = await import("./estimates");
      if (isCurrent) setEstimates(estimatesFor(latest.current));
    }, AFTER_MS);
    return () => {
      isCurrent = false;
      clearTimeout(timer);
    };
  }, [key]);
  return estimates;
}

const AFTER_MS = 200;
