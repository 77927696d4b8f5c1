import { length, phrase } from "../../draft";
import { collarKind } from "../collar-kind";
import { LAPEL_USUAL } from "../lapel/lapel-usual";
import { draftRoll } from "./draft-roll";

const COMMON = "common practice, no source" as const;

/** Its width at the centre back, and by what a fall covers the seam of its stand (common practice, no source). */
const WIDTH_MM = 101.6;
const COVERS_MM = 10;

/** A collar and lapel in one, rolled over along the crease line; also called a shawl collar. */
export const roll = collarKind({
  name: "Roll collar",
  summary: "Collar and lapel in one sweep, rolled over along a crease line; also called a shawl collar.",
  alsoCalled: "roll collar shawl collar",
  standsOnNeckline: false,
  needsNeck: false,
  needsWaist: true,
  frontEdge: "grown",
  groups: [
    { title: "Front", choices: ["breakAt"], fields: ["breakDepth", "beyond", "buttonSpacing"] },
    { title: "Crease line", choices: ["rollSchool"], fields: ["rollAhead", "shoulderStand"] },
    { title: "Back collar", choices: ["backCollar", "neckEdge", "edgeBy"], fields: ["tilt", "height", "fall"] },
    { title: "Lapel", choices: ["widthAt"], fields: ["lapelWidth", "lapelFoot"] },
  ],
  usual: {
    height: {
      value: 38.1,
      rule: phrase`${length(38.1)} of the back, below its neck, lies on the crease`,
      source: COMMON,
    },
    fall: {
      value: ({ figures: { height = 0 } }) => Math.max(WIDTH_MM - height, height + COVERS_MM),
      rule: phrase`${length(WIDTH_MM)} at the centre back with what stands, and at least ${length(COVERS_MM)} more than it`,
      source: COMMON,
    },
    ...LAPEL_USUAL,
    lapelWidth: { value: 101.6, rule: phrase`${length(177.8)} for a dramatic one`, source: COMMON },
  },
  choices: {
    breakAt: { value: "underbust", rule: phrase`usual` },
    widthAt: { value: "crease", rule: phrase`usual` },
    rollSchool: { value: "neck-point", rule: phrase`through the neckline at the neck point` },
    backCollar: { value: "tilt", rule: phrase`its outer edge is solved` },
    neckEdge: {
      value: "curved",
      rule: phrase`collar and lapel are one sweep`,
      when: ({ backCollar }) => backCollar !== "overlay",
    },
    edgeBy: {
      value: "solved",
      rule: phrase`it lies flat on what it covers`,
      when: ({ backCollar }) => backCollar !== "overlay",
    },
  },
  draft: (base, figures, choices, { breakDepth, lapelFoot }) =>
    draftRoll(base, { ...figures, breakDepth: breakDepth ?? null, lapelFoot: lapelFoot ?? null }, choices),
});
