import { length, type Phrase, phrase } from "../../draft";
import type { StandSchool, StandTask } from "../collar-task";
import { type BandShape, leanOf } from "./band-shape";

export type SchoolEntry = {
  readonly name: string;
  /** One sentence a dressmaker can choose by. */
  readonly summary: string;
  /** How its neck edge is drawn. */
  readonly drawing: (task: StandTask, shape: BandShape) => Phrase;
};

const SCHOOLS: Readonly<Record<StandSchool, SchoolEntry>> = {
  developed: {
    name: "Developed from the neck",
    summary: "Leans in just so far that its upper edge lies round the neck with the ease you give it.",
    drawing: ({ height, neck, ease }, shape) =>
      phrase`The neck with its ease is ${length(neck + ease)} round: over a height of ${length(height)} the band leans by ${((leanOf(shape.turn) * 180) / Math.PI).toFixed(0)} degrees. Draw the neck edge as an arc${Math.abs(shape.turn) > 1e-6 ? phrase` of radius ${length(Math.abs(shape.neckEdge / shape.turn))}` : ""}, level at the centre back and ${shape.turn < 0 ? "falling" : "rising"} to the front.`,
  },
  straight: {
    name: "Straight band",
    summary: "A straight strip: it stands upright, and off the neck at its upper edge.",
    drawing: () => phrase`Rule the neck edge straight, square to the fold.`,
  },
  bowed: {
    name: "Bowed band",
    summary: "Level at the centre back and then bowed, by a rule of thumb.",
    drawing: ({ bow, level }) =>
      phrase`From the fold go ${length(level)} level, and then bow the neck edge smoothly until its end lies ${length(bow)} above the level.`,
  },
  "front-rise": {
    name: "Front rise",
    summary: "Level as far as the shoulder, and then rising to the front.",
    drawing: ({ rise, neckline }) =>
      phrase`Go level as far as the shoulder, ${length(neckline.back)}, and then let the neck edge rise smoothly until its end lies ${length(rise)} above the level.`,
  },
};

export function schoolOf(school: StandSchool): SchoolEntry {
  return SCHOOLS[school];
}
