import { length, lettered, phrase, point, type StepRecord } from "../../draft";
import { endOf, line, pathLength, startOf } from "../../geometry";
import { edgeLines } from "../../pattern";
import { alongNeckline, measuredFigure, neckSeamFigure, UNDER_SMALLER_MM } from "../collar-figures";
import { type FlatDraft, type FlatTask, OUTSIDE_MM } from "./draft-flat";

export const FLAT_CUTTING: StepRecord = {
  text: phrase`Cut top and under collar each once on the fold of the cloth, and interfacing for the top collar. Press the interfacing on with a cloth between; mind your fingers and the steam. Clip the outer edge before you turn it.`,
};

export function flatSteps(task: FlatTask, draft: FlatDraft, needed: number): readonly StepRecord[] {
  const { block, fall, overlap } = task;
  const { neckline, neck, outer, top, dropped, tips, rounded } = draft;
  const whole = pathLength(neckline);
  const edge = pathLength(outer);
  return [
    {
      text: phrase`Lay front and back together at the neck point, and let the shoulders overlap by ${length(overlap)} at their points ${point("A")} and ${point("B")}. Trace the neckline, ${length(whole)} from the centre back ${point("C")} to the centre front.`,
      points: [
        lettered("A", "shoulder point of the back", tips.back),
        lettered("B", "shoulder point of the front", tips.front),
        lettered("C", "neckline at the centre back", startOf(neckline)),
      ],
      lines: [
        { id: "flat.neckline", path: neckline, kind: "guide" },
        { id: "flat.backShoulder", path: line(tips.neck, tips.back), kind: "guide" },
        { id: "flat.frontShoulder", path: line(tips.neck, tips.front), kind: "guide" },
      ],
    },
    {
      text: phrase`Draw the neck edge ${length(OUTSIDE_MM)} outside the neckline behind, off the bodice, and let it run down in front to ${point("D")}, ${length(dropped.value)} below the neckline, so that it is as long as the neckline.`,
      points: [lettered("D", "front end of the neck edge", endOf(neck))],
      lines: edgeLines(top, ["neck"]),
      figures: [
        neckSeamFigure(
          pathLength(neck),
          alongNeckline({ back: block.back.neckline.length, front: block.front.neckline.length, beyond: 0 }),
        ),
        measuredFigure(
          "collar.dropped",
          "Front end below the neckline",
          dropped.value,
          phrase`solved: the neck edge is then ${length(whole)}, as the neckline is`,
        ),
      ],
      tapeCheck: phrase`The neck edge measures ${length(whole)}, tape on its edge.`,
    },
    {
      text: phrase`Draw the outer edge ${length(fall)} from the neckline all round, from ${point("E")} at the centre back to ${point("F")}${rounded > 0 ? phrase`, and round the corner there by ${length(rounded)}` : ", and leave the corner there pointed"}. It is ${length(edge)} long; edge to edge the line that it lies on is ${length(needed)}: what it is shorter by rolls the collar up a little at the neck.`,
      points: [lettered("E", "centre back, outer edge", startOf(outer)), lettered("F", "front corner", endOf(outer))],
      lines: edgeLines(top, ["outer", "front", "centreBack"]),
      figures: [
        measuredFigure(
          "collar.outerEdge",
          "Outer edge of the collar, half",
          edge,
          phrase`the line that it lies on is ${length(needed)}; shorter by ${length(needed - edge)}`,
        ),
      ],
    },
    {
      text: phrase`Trace the under collar ${length(UNDER_SMALLER_MM)} smaller along its outer edge, so that the seam rolls under; at the neck both are the same. Notch the neck edge at the shoulder.`,
    },
  ];
}
