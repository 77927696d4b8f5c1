import type { Body } from "../body";
import { emptyGarment } from "../spec";
import { type DefaultTaken, resolveSpec } from "./resolve";

/** What would stand in for the measurements that are missing from this body, each with its rule; by field path, `body.waist`. */
export function estimateBody(body: Body): readonly DefaultTaken[] {
  const spec = { ...emptyGarment("", "mm"), body, block: { source: "drafted" as const } };
  return resolveSpec(spec).defaults.filter((taken) => taken.isStandIn && taken.path.startsWith("body."));
}
