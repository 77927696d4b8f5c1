import { length, phrase } from "../../draft";
import { USUAL_DROP_MM } from "../collar-figures";
import { collarKind } from "../collar-kind";
import { LAPEL_USUAL } from "../lapel/lapel-usual";
import { draftNotched } from "./draft-notched";

const COMMON = "common practice, no source" as const;
const MEMORY = "from memory" as const;

/** A collar with a lapel, drafted on the front. */
export const notched = collarKind({
  name: "Notched collar",
  summary: "A collar with lapels: they turn back together along the roll line, and meet in a notch.",
  alsoCalled: "notched collar lapel revers tailored blazer",
  standsOnNeckline: false,
  needsNeck: false,
  needsWaist: true,
  frontEdge: "grown",
  groups: [
    { title: "Front", choices: ["breakAt"], fields: ["breakDepth", "beyond", "buttonSpacing"] },
    { title: "Roll line", choices: ["rollSchool"], fields: ["rollAhead", "shoulderStand"] },
    { title: "Collar", choices: ["neckEdge", "edgeBy"], fields: ["tilt", "height", "fall"] },
    { title: "Lapel", fields: ["lapelOut", "gorgeDrop", "gorgeStart", "lapelRound"] },
    { title: "Notch", choices: ["notch"], fields: ["notchLapel", "notchCollar", "notchAngle"] },
  ],
  usual: {
    height: {
      value: 38.1,
      rule: phrase`${length(88.9)} to ${length(101.6)} at the centre back, stand and fall together`,
      source: COMMON,
    },
    fall: {
      value: 57.15,
      rule: phrase`${length(88.9)} to ${length(101.6)} at the centre back, stand and fall together`,
      source: COMMON,
    },
    ...LAPEL_USUAL,
    lapelOut: { value: 38.1, rule: phrase`${length(38.1)}`, source: COMMON },
    gorgeDrop: { value: USUAL_DROP_MM, rule: phrase`${length(USUAL_DROP_MM)}`, source: COMMON },
    lapelRound: { value: 9.525, rule: phrase`straight, or slightly rounded`, source: MEMORY },
    notchLapel: {
      value: ({ choices }) => (choices.notch === "open" ? 76.2 : 38.1),
      rule: phrase`${length(25.4)} or somewhat more where it is small, ${length(76.2)} where it is open`,
      source: COMMON,
    },
    notchCollar: {
      value: ({ choices }) => (choices.notch === "open" ? 63.5 : 31.75),
      rule: phrase`${length(12.7)} to ${length(25.4)} or somewhat more where it is small, ${length(63.5)} where it is open`,
      source: COMMON,
    },
    notchAngle: {
      value: ({ choices }) => (choices.notch === "open" ? 45 : 70),
      rule: phrase`about 45 degrees where it is open, and wider where it is small`,
      source: COMMON,
    },
  },
  choices: {
    breakAt: { value: "above-waist", rule: phrase`usual for a jacket` },
    rollSchool: { value: "ahead", rule: phrase`the collar keeps its stand at the side of the neck` },
    neckEdge: { value: "straight", rule: phrase`usual` },
    edgeBy: { value: "solved", rule: phrase`it lies flat on what it covers` },
    notch: { value: "small", rule: phrase`usual` },
  },
  draft: (base, figures, choices, given) => draftNotched(base, { ...figures, ...pick(given) }, choices),
});

/** What is found on the draft where it is left open. */
function pick({ breakDepth, gorgeStart }: { readonly breakDepth?: number; readonly gorgeStart?: number }) {
  return { breakDepth: breakDepth ?? null, gorgeStart: gorgeStart ?? null };
}
