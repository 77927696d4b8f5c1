import type { Body, MeasureId } from "@core/body/index";
import { estimateBody } from "@core/resolve/index";

/** What stands in for a measure that was not taken, in millimetres or degrees. */
export type Estimates = { readonly [id in MeasureId]?: number };

/** The estimates for a body, by the measure. */
export function estimatesFor(body: Body): Estimates {
  return Object.fromEntries(estimateBody(body).map(({ path, value }) => [path.slice("body.".length), value]));
}
