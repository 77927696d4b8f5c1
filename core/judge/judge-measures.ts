import { type Body, findBodySlips, type Slip } from "../body";
import { phrase } from "../draft";
import type { Finding, Remedy } from "./finding";

/** The slips of the tape in a garment's measures, as findings. */
export function judgeMeasures(body: Body): readonly Finding[] {
  return findBodySlips(body).map((slip) => ({
    code: `slip-${slip.code}`,
    severity: "warning",
    station: "measures",
    message: slip.message,
    reason: slip.reason,
    numbers: slip.numbers,
    remedies: remediesFor(slip, body),
  }));
}

/** Two figures that changed places can be put back; anything else is for the tape. */
function remediesFor({ code }: Slip, { wrist, elbow, hand }: Body): readonly Remedy[] {
  if (code === "wrist-over-elbow" && wrist !== undefined && elbow !== undefined) {
    return [
      { id: "swap-wrist-elbow", label: phrase`Swap wrist and elbow`, change: { body: { wrist: elbow, elbow: wrist } } },
    ];
  }
  if (code === "wrist-over-hand" && wrist !== undefined && hand !== undefined) {
    return [
      { id: "swap-wrist-hand", label: phrase`Swap wrist and hand`, change: { body: { wrist: hand, hand: wrist } } },
    ];
  }
  return [];
}
