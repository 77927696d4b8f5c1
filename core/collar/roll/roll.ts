import { length, phrase } from "../../draft";
import { collarKind } from "../collar-kind";
import { RULE_OF_THUMB_MM } from "../outer-edge";
import { draftRoll } from "./draft-roll";

const COMMON = "common practice, no source" as const;
const MEMORY = "from memory" as const;

/** A collar and lapel in one, rolled over along the crease line; also called a shawl collar. */
export const roll = collarKind({
  name: "Roll collar",
  summary: "Collar and lapel in one sweep, rolled over along a crease line; also called a shawl collar.",
  needsNeck: false,
  needsWaist: true,
  groups: [
    { title: "Front", choices: ["breakAt"], fields: ["breakDepth", "beyond", "buttonSpacing"] },
    { title: "Crease line", choices: ["rollSchool"], fields: ["rollAhead"] },
    { title: "Back collar", choices: ["backCollar", "edgeBy"], fields: ["tilt", "height", "fall"] },
    { title: "Lapel", fields: ["lapelWidth"] },
  ],
  usual: {
    beyond: {
      value: ({ buttonStand }) => (buttonStand > 0 ? buttonStand : 31.75),
      rule: phrase`the block’s button stand, or ${length(25.4)} to ${length(38.1)}`,
      source: COMMON,
    },
    buttonSpacing: { value: 101.6, rule: phrase`usual for a jacket`, source: MEMORY },
    height: {
      value: 38.1,
      rule: phrase`${length(38.1)} of the back, below its neck, lies on the crease`,
      source: COMMON,
    },
    fall: {
      value: ({ figures }) => 101.6 - (figures.height ?? 0),
      rule: phrase`${length(101.6)} at the centre back, with what stands`,
      source: COMMON,
    },
    rollAhead: {
      value: ({ figures }) => figures.height ?? 0,
      rule: phrase`two thirds to all of the stand`,
      source: MEMORY,
      when: ({ rollSchool }) => rollSchool === "ahead",
    },
    tilt: {
      value: RULE_OF_THUMB_MM,
      rule: phrase`${length(6.35)} to ${length(12.7)}`,
      source: COMMON,
      when: ({ edgeBy, backCollar }) => edgeBy === "own" && backCollar !== "overlay",
    },
    lapelWidth: { value: 101.6, rule: phrase`${length(177.8)} for a dramatic one`, source: COMMON },
  },
  choices: {
    breakAt: { value: "underbust", rule: phrase`usual` },
    rollSchool: { value: "neck-point", rule: phrase`through the neckline at the neck point` },
    backCollar: { value: "tilt", rule: phrase`its outer edge is solved` },
    edgeBy: {
      value: "solved",
      rule: phrase`it lies flat on what it covers`,
      when: ({ backCollar }) => backCollar !== "overlay",
    },
  },
  draft: (base, figures, choices, { breakDepth }) =>
    draftRoll(base, { ...figures, breakDepth: breakDepth ?? null }, choices),
});
