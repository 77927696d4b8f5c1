import { type BlockOutline, type OutlineFault, SIDES } from "../block";
import { length, phrase } from "../draft";
import type { Finding } from "./finding";

const OUTLINE_FAULTS: Readonly<Record<OutlineFault["why"], string>> = {
  "too-short": "is too short to be one",
  "crosses-itself": "crosses itself",
  "not-downwards": "does not run from the shoulder down to the underarm",
  "crosses-neckline": "crosses the neckline",
  "too-bent": "is too bent for a shoulder seam",
};

/** Edges that were pointed at and make no bodice: they have to be pointed at again. */
export function judgeOutline({ side, edge, why }: OutlineFault): Finding {
  return {
    code: "outline-unusable",
    severity: "fault",
    station: "block",
    message: phrase`The ${side} ${edge} edge ${OUTLINE_FAULTS[why]}.`,
    reason: phrase`Another edge may have been pointed at by mistake, or the drawing has a slip there. Open the drawing or the photograph again and choose the edge once more.`,
    numbers: {},
    remedies: [],
  };
}

/** A traced length is an estimate, and says how good. */
export function judgeTraced(from: "drawing" | "photograph", error: number | null): readonly Finding[] {
  if (from !== "photograph" || error === null) return [];
  return [
    {
      code: "traced-estimate",
      severity: "note",
      station: "block",
      message: phrase`The edges were traced from a photograph; each length is good to about ± ${length(error)}.`,
      reason: phrase`That is how far the points clicked may lie beside the edge. The camera's own bending of straight lines comes on top: lay a tape along one edge to be sure before you cut.`,
      numbers: { error },
      remedies: [],
    },
  ];
}

/** Without a grain line only the armhole itself says which way a photographed piece hangs. */
export function judgeGrain(from: "drawing" | "photograph", outline: BlockOutline): readonly Finding[] {
  if (from === "drawing" || SIDES.every((side) => outline[side].grain !== null)) return [];
  return [
    {
      code: "grain-not-given",
      severity: "note",
      station: "block",
      message: phrase`Which way is down was told from the armhole, which is taken to run out level at the underarm.`,
      reason: phrase`The armhole’s depth and the notch levels rest on it; its length does not. Point at the centre line or the grain as well to be exact.`,
      numbers: {},
      remedies: [],
    },
  ];
}
