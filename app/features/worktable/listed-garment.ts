import type { GarmentSummary } from "@core/garment/index";
import { format } from "date-fns";

type Listed = {
  readonly id: string;
  readonly name: string;
  readonly clientName: string;
  readonly version: number;
  readonly changedAt: Date;
  readonly summary: GarmentSummary | null;
};

/** A garment as lists show it, from the summary that saving it stored. */
export function listedGarment({ id, name, clientName, version, changedAt, summary }: Listed) {
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
