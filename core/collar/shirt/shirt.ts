import { length, phrase } from "../../draft";
import { UNDER_SMALLER_MM } from "../collar-figures";
import { type CollarChoices, collarKind } from "../collar-kind";
import { STAND_CHOICES, STAND_USUAL } from "../stand/stand";
import { onePiece, standAndFall, usualFallDrop } from "./draft-shirt";

const COMMON = "common practice, no source" as const;
const MEMORY = "from memory" as const;
/** A one-piece collar is 4 in high (common practice, no source); so much of it stands. */
const ONE_PIECE_MM = 101.6;
const ONE_PIECE_STANDS_MM = 38.1;

/** A fall covers the seam of its stand by 10 mm or more (common practice, no source). */
const COVERS_MM = 10;

const isOnePiece = ({ shirtCut }: CollarChoices) => shirtCut === "one-piece";
const hasStand = (choices: CollarChoices) => !isOnePiece(choices);

/** A stand and a fall, or one piece that is turned down. */
export const shirt = collarKind({
  name: "Shirt collar",
  summary: "Turned down, with points: a fall on a stand, or one piece that turns over by itself.",
  alsoCalled: "shirt collar stand and fall button-down",
  standsOnNeckline: true,
  needsNeck: true,
  needsWaist: false,
  frontEdge: "left",
  hasStandButton: hasStand,
  groups: [
    { title: "Shape", choices: ["shirtCut"], fields: ["height", "fall"] },
    { title: "Outer edge", choices: ["edgeBy"], fields: ["drop"] },
    { title: "Points", fields: ["point", "spread"] },
    { title: "Stand", choices: ["school", "frontEnd"], fields: ["ease", "bow", "rise", "roundness"] },
    { title: "Front", choices: ["buttonStand"], fields: ["beyond"] },
  ],
  usual: {
    height: {
      value: ({ choices }) => (isOnePiece(choices) ? ONE_PIECE_STANDS_MM : 28.575),
      rule: phrase`usual for what stands of a shirt collar at the centre back`,
      source: MEMORY,
    },
    fall: {
      value: ({ choices, figures }) =>
        isOnePiece(choices) ? ONE_PIECE_MM - ONE_PIECE_STANDS_MM : (figures.height ?? 0) + COVERS_MM,
      rule: phrase`${length(10)} or more than the stand, so that it covers its seam; in one piece ${length(101.6)} with what stands`,
      source: COMMON,
    },
    drop: {
      value: ({ choices, figures }) =>
        usualFallDrop({ height: figures.height ?? 0, fall: figures.fall ?? 0 }, isOnePiece(choices)),
      rule: phrase`${length(12.7)} to ${length(25.4)} for a fall ${length(10)} wider than its stand, more for a wider one; in one piece ${length(12.7)}, to let it relax`,
      source: MEMORY,
      when: ({ edgeBy }) => edgeBy === "own",
    },
    point: {
      value: ({ choices, figures }) => (figures.fall ?? 0) + (isOnePiece(choices) ? (figures.height ?? 0) : 0) + 15.875,
      rule: phrase`somewhat more than the collar is wide at the centre back`,
      source: MEMORY,
    },
    spread: { value: 25.4, rule: phrase`usual`, source: MEMORY },
    ease: { ...STAND_USUAL.ease, when: (choices) => hasStand(choices) && STAND_USUAL.ease.when(choices) },
    bow: { ...STAND_USUAL.bow, when: (choices) => hasStand(choices) && STAND_USUAL.bow.when(choices) },
    rise: { ...STAND_USUAL.rise, when: (choices) => hasStand(choices) && STAND_USUAL.rise.when(choices) },
    roundness: {
      ...STAND_USUAL.roundness,
      when: (choices) => hasStand(choices) && STAND_USUAL.roundness.when(choices),
    },
    beyond: STAND_USUAL.beyond,
  },
  choices: {
    shirtCut: { value: "stand-and-fall", rule: phrase`usual` },
    edgeBy: { value: "rule", rule: phrase`what a shirtmaker drops it by` },
    school: { ...STAND_CHOICES.school, when: hasStand },
    frontEnd: { ...STAND_CHOICES.frontEnd, when: hasStand },
    buttonStand: STAND_CHOICES.buttonStand,
  },
  draft: (base, figures, choices, { roundness }) => {
    const { point, spread } = figures;
    // The under collar's front edge is a little shorter still.
    if (point - UNDER_SMALLER_MM <= Math.abs(spread))
      return { isDrawn: false, why: { what: "spread-beyond-point", point, spread } };
    return choices.shirtCut === "one-piece"
      ? onePiece(base, figures, choices)
      : standAndFall(base, figures, choices, roundness);
  },
});
