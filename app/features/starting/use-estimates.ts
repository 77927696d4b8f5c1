import type { Body, MeasureId } from "@core/body/index";
import { useEffect, useState } from "react";

/** What stands in for a measure that was not taken, in millimetres or degrees; nothing until the first is worked out. */
export type Estimates = { readonly [id in MeasureId]?: number };

/** The estimates for a body, a moment after it is typed. What works them out is fetched after the page: a first screen does not wait for it. */
export function useEstimates(body: Body): Estimates {
  const [estimates, setEstimates] = useState<Estimates>({});
  const key = JSON.stringify(body);
  useEffect(() => {
    let isCurrent = true;
    const timer = setTimeout(async () => {
      const { estimateBody } = await import("@core/resolve/index");
      if (!isCurrent) return;
      const taken = estimateBody(JSON.parse(key) as Body);
      setEstimates(Object.fromEntries(taken.map(({ path, value }) => [path.slice("body.".length), value])));
    }, AFTER_MS);
    return () => {
      isCurrent = false;
      clearTimeout(timer);
    };
  }, [key]);
  return estimates;
}

const AFTER_MS = 200;
