import { length, phrase } from "../../draft";
import { endOf, pathLength, startOf } from "../../geometry";
import { backward } from "../../pattern";
import { collarKind } from "../collar-kind";
import { joinedNeckline } from "../joined-neckline";
import { edgeSeam, necklineSeam, wholeNeckline } from "../neckline-seam";
import { roundedLess } from "../stand/stand";
import { draftFlat, type FlatTask, lineItLiesOn } from "./draft-flat";
import { FLAT_CUTTING, flatSteps } from "./flat-steps";

const COMMON = "common practice, no source" as const;

/** 6 to 8 cm (common practice, no source). */
const USUAL_WIDTH_MM = 69.85;

/** A collar that lies flat on front and back, with round or pointed ends. */
export const flat = collarKind({
  name: "Flat collar",
  summary: "Lies flat round the neck without a stand, with round or pointed ends; drafted on front and back.",
  alsoCalled: "flat collar round collar pointed flat lying",
  standsOnNeckline: false,
  needsNeck: false,
  needsWaist: false,
  frontEdge: "left",
  groups: [
    { title: "Shape", fields: ["fall", "overlap"] },
    { title: "Front", choices: ["frontEnd"], fields: ["roundness"] },
  ],
  usual: {
    fall: { value: USUAL_WIDTH_MM, rule: phrase`${length(60)} to ${length(80)}; usual`, source: COMMON },
    overlap: { value: 15.875, rule: phrase`${length(10)} to ${length(20)}; usual`, source: COMMON },
    roundness: {
      value: ({ figures: { fall = USUAL_WIDTH_MM } }) => fall * 0.6,
      rule: phrase`somewhat more than half of the width`,
      source: "from memory",
      when: ({ frontEnd }) => frontEnd === "round",
    },
  },
  choices: { frontEnd: { value: "round", rule: phrase`usual` } },
  draft: ({ block }, figures, { frontEnd }, given) => {
    const task: FlatTask = { block, ...figures, frontEnd };
    const draft = draftFlat(task);
    if (!draft)
      return {
        isDrawn: false,
        why: {
          what: "own",
          code: "too-wide-to-lie-flat",
          message: phrase`A collar ${length(figures.fall)} wide does not lie flat on this front: its edge would run together.`,
          reason: phrase`Front and back leave less room than it is wide.`,
          numbers: { fall: figures.fall },
          ways: [
            {
              id: "usual-width",
              label: phrase`Make it ${length(USUAL_WIDTH_MM)} wide`,
              change: { fall: USUAL_WIDTH_MM },
            },
          ],
        },
      };
    const { top, under, neck, outer, shoulderAt } = draft;
    const line = lineItLiesOn(block, figures.fall);
    const [back, tip] = [startOf(outer), endOf(outer)];
    return {
      isDrawn: true,
      title: "Flat collar",
      acts: flatSteps(task, draft, pathLength(line)),
      cutting: FLAT_CUTTING,
      drawn: [top],
      extra: [under],
      front: null,
      seams: [
        necklineSeam(joinedNeckline(block, 0), neck, "centre front", shoulderAt, {
          body: wholeNeckline(0),
          part: ["collar.neck"],
        }),
      ],
      joins: [edgeSeam(backward("collar", "outer", "front"), backward("underCollar", "outer", "front"), "neck edge")],
      handles: [
        {
          field: "fall",
          name: "Width of the collar",
          at: back,
          value: figures.fall,
          gain: { x: 0, y: 1 },
          isDistance: true,
        },
        { field: "overlap", name: "Overlap of the shoulders", at: tip, value: figures.overlap, gain: { x: 0, y: 1 } },
      ],
      joined: { neckline: joinedNeckline(block, 0), shoulderAt, fallLine: null },
      upperEdge: null,
      outer: null,
      turnedOver: null,
      lapel: null,
      rounded: roundedLess(given.roundness, frontEnd, draft.rounded),
      solvers: [{ id: "collar.length", solution: draft.dropped }],
    };
  },
});
