import { type Figure, length, lettered, phrase, point, type StepRecord, wholeUp } from "../../draft";
import { type Point, pathLength, startOf } from "../../geometry";
import type { Piece } from "../../pattern";
import { edgeLines } from "../../pattern";
import { alongNeckline, neckSeamFigure, UNDER_SMALLER_MM } from "../collar-figures";
import type { CollarBase } from "../collar-kind";
import { outerEdgeFigures } from "../outer-edge";
import { edgeAt, frontAt } from "../stand/band-shape";
import { type Bent, pointOf } from "./fall";

export const SHIRT_CUTTING: StepRecord = {
  text: phrase`Cut top and under collar each once on the fold of the cloth, and interfacing for the top collar and the stand. Press the interfacing on with a cloth between; mind your fingers and the steam. Trim the points before you turn them, and push them out with something blunt.`,
};

const onSheet = (up: number) => (p: Point) => ({ x: p.x, y: p.y - up });

/** The lower edge bent the other way, the outer edge and the point; the letters go on from those before. */
function pointSteps(
  { fall, outer }: Bent,
  top: Piece,
  up: number,
  [back, front, edge, tip]: readonly [string, string, string, string],
): readonly StepRecord[] {
  const at = onSheet(up);
  const ends = pointOf(fall);
  const drop = frontAt(fall.shape, 0).at.y;
  return [
    {
      text: phrase`${fall.shape.level > 0 ? phrase`Let the lower edge run level and then drop it at the front, until its end ${point(front)} lies ${length(drop)} below the level of ${point(back)}` : phrase`Bend the lower edge down evenly over its whole length, level at the fold, until its end ${point(front)} lies ${length(drop)} below the level of ${point(back)}`}: the outer edge is then ${length(outer.edge)} from the centre back to the shoulder, and the line that it lies on ${length(outer.needed)}.`,
      points: [lettered(front, "front, lower edge", at(ends.foot))],
      lines: edgeLines(top, ["neck"]),
      figures: outerEdgeFigures(outer),
      tapeCheck: phrase`${point(back)} to ${point(front)} measures ${length(pathLength(edgeAt(fall.shape, 0)))}, tape on its edge.`,
    },
    {
      text: phrase`From ${point(front)} rule the front edge ${length(fall.point)} long to the point ${point(tip)}, which lies ${length(fall.spread)} forward of square.`,
      points: [lettered(tip, "collar point", at(ends.tip))],
      lines: edgeLines(top, ["front"]),
    },
    {
      text: phrase`Draw the outer edge from ${point(edge)}, square to the fold and ${length(fall.width)} from the lower edge as far as the shoulder, and on to ${point(tip)} in one sweep. Notch the lower edge at the shoulder, ${length(fall.shoulderAt)} from the centre back, and the fold at both ends.`,
      lines: edgeLines(top, ["outer"]),
    },
    {
      text: phrase`Trace the under collar ${length(UNDER_SMALLER_MM)} smaller along its outer and front edges, so that the seam rolls under; below both are the same.`,
    },
  ];
}

export function fallSteps(bent: Bent, top: Piece, up: number): readonly StepRecord[] {
  const { fall } = bent;
  const whole = pathLength(edgeAt(fall.shape, 0));
  const at = onSheet(up);
  return [
    {
      text: phrase`The fall, above the stand: rule its centre back ${length(fall.width)} high, from ${point("E")} up to ${point("F")}. Its lower edge is as long as the upper edge of the stand to the centre front, ${length(whole)}.`,
      points: [
        lettered("E", "centre back, lower edge of the fall", at({ x: 0, y: 0 })),
        lettered("F", "centre back, outer edge", at({ x: 0, y: -fall.width })),
      ],
      lines: edgeLines(top, ["centreBack"]),
    },
    ...pointSteps(bent, top, up, ["E", "G", "F", "H"]),
  ];
}

type OnePieceFigures = { readonly height: number; readonly fall: number; readonly beyond: number };

export function onePieceSteps(
  { block }: CollarBase,
  bent: Bent,
  top: Piece,
  { height, fall, beyond }: OnePieceFigures,
): readonly StepRecord[] {
  const neck = edgeAt(bent.fall.shape, 0);
  const half = pathLength(neck);
  const strip = stripFor(2 * half);
  const back = block.back.neckline.length;
  const front = block.front.neckline.length;
  const seam = neckSeamFigure(half, alongNeckline({ back, front, beyond }));
  const paper: Figure = {
    id: "collar.strip",
    label: "Strip for the whole collar, with seams",
    value: strip,
    kind: "length",
    formula: phrase`neck edge ${length(2 * half)} + seams ${length(STRIP_SEAMS_MM)}; cut it ${wholeUp(strip)} and trim the surplus`,
    rule: "Strip for a collar",
    source: "common practice, no source",
  };
  return [
    {
      text: phrase`Cut a strip of paper ${wholeUp(strip)} long, for ${length(strip)} with seams, and fold it across its middle: half of it is ${wholeUp(strip, 0.5)}, and the surplus is trimmed. Rule the centre back on the fold, ${length(height + fall)} high, from ${point("A")} up to ${point("B")}: ${length(height)} of it stands and ${length(fall)} falls.`,
      points: [
        lettered("A", "centre back, neck edge", startOf(neck)),
        lettered("B", "centre back, outer edge", { x: 0, y: -height - fall }),
      ],
      lines: edgeLines(top, ["centreBack"]),
      figures: [seam, paper],
    },
    ...pointSteps(bent, top, 0, ["A", "C", "B", "D"]),
  ];
}

/** An inch of seams in all, half of it at each end (common practice, no source). */
const STRIP_SEAMS_MM = 25.4;

/** How long a strip is for a whole neck edge with its seams, before it is cut up to a whole unit of the tape. Millimetres. */
export function stripFor(wholeNeckEdge: number): number {
  return wholeNeckEdge + STRIP_SEAMS_MM;
}
