import type { ListedGarment } from "@database/queries/garments";
import { format } from "date-fns";

/** A garment as lists show it, from the summary that saving it stored. */
export function listedGarment({ id, name, clientName, version, changedAt, summary }: ListedGarment) {
  return {
    id,
    name,
    clientName,
    version,
    changed: format(changedAt, "d MMM"),
    drawing: summary?.drawing ?? null,
    sleeve: summary?.sleeve ?? null,
    collar: summary?.collar ?? null,
    next: summary?.next ?? null,
  };
}
