import { length, type Phrase, phrase } from "../../draft";
import { type BandShape, degrees, leanOf } from "./band-shape";
import type { StandTask } from "./stand-task";

/** How the neck edge of a school is drawn. */
export function drawingOf(task: StandTask, shape: BandShape): Phrase {
  const { school, height, neck, ease, bow, level, rise, neckline } = task;
  switch (school) {
    case "developed":
      return phrase`The neck with its ease is ${length(neck + ease)} round: over a height of ${length(height)} the band leans by ${degrees(leanOf(shape.turn), 0)} degrees. Draw the neck edge as an arc${Math.abs(shape.turn) > 1e-6 ? phrase` of radius ${length(Math.abs(shape.neckEdge / shape.turn))}` : ""}, level at the centre back and ${shape.turn < 0 ? "falling" : "rising"} to the front.`;
    case "straight":
      return phrase`Rule the neck edge straight, square to the fold.`;
    case "bowed":
      return phrase`From the fold go ${length(level)} level, and then bow the neck edge smoothly until its end lies ${length(bow)} above the level.`;
    case "front-rise":
      return phrase`Go level as far as the shoulder, ${length(neckline.back)}, and then let the neck edge rise smoothly until its end lies ${length(rise)} above the level.`;
  }
}
