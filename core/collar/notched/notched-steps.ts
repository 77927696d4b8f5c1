import { type Figure, length, lettered, phrase, point, type StepRecord } from "../../draft";
import { distance, line, pathLength } from "../../geometry";
import { edgeLines } from "../../pattern";
import { measuredFigure, neckSeamFigure, UNDER_SMALLER_MM } from "../collar-figures";
import type { BackCollar } from "../lapel/back-collar";
import { type FrontGround, offRollLine } from "../lapel/front-ground";
import { breakStep, facingStep, paperStep, rollStep } from "../lapel/lapel-steps";
import { type OuterEdge, outerEdgeFigures } from "../outer-edge";
import type { NotchedFigures, NotchedFront, NotchedPieces } from "./lapel-outline";

type Drawn = {
  readonly ground: FrontGround;
  readonly front: NotchedFront;
  readonly back: BackCollar;
  readonly outer: OuterEdge;
  readonly figures: NotchedFigures;
  readonly pieces: NotchedPieces;
};

export const NOTCHED_CUTTING: StepRecord = {
  text: phrase`Trace front, top collar, under collar and facings apart. Cut interfacing for the top collar and the front facing, and press it on with a cloth between; mind your fingers and the steam. The lapel turns at the break point: clip to the stitching there, and no further.`,
};

/** The act at the table of each part, in order. */
export function notchedSteps(drawn: Drawn): readonly StepRecord[] {
  const { ground, pieces } = drawn;
  return [
    paperStep(ground.front, [pieces.collar.outline, pieces.front.outline]),
    breakStep(ground),
    rollStep(ground, "roll line"),
    tiltStep(drawn),
    widthStep(drawn),
    gorgeStep(drawn),
    notchStep(drawn),
    edgeStep(drawn),
    facingsStep(drawn),
    buttonStep(drawn),
  ];
}

function tiltStep({ ground, back, outer, pieces }: Drawn): StepRecord {
  return {
    text: phrase`Swing the upper end of that line out, away from the front, by ${length(outer.at)} to ${point("D")}${outer.isSolved ? phrase`: then the outer edge is as long as the line it lies on, ${length(outer.needed)}` : phrase`: the outer edge is then ${length(outer.edge)}, and the line it lies on ${length(outer.needed)}`}. Join ${point("D")} to ${point("A")}: this is the collar’s neck edge at the back.`,
    points: [lettered("D", "centre back, neck edge", back.centreBack.neck)],
    lines: edgeLines(pieces.collar, ["backNeck"]),
    figures: outerEdgeFigures(outer),
    tapeCheck: phrase`${point("A")} to ${point("D")} measures ${length(ground.backNeck)}, as the back neckline does.`,
  };
}

function widthStep({ back, figures, ground, pieces }: Drawn): StepRecord {
  const { height, fall } = figures;
  return {
    text: phrase`Square to it at ${point("D")} rule the centre back, ${length(height)} of stand and ${length(fall)} of fall, ${length(height + fall)} in all, to ${point("E")}. From ${point("A")}, square to the roll line, mark the same width: the outer edge passes there.`,
    points: [lettered("E", "centre back, outer edge", back.centreBack.outer)],
    lines: [
      ...edgeLines(pieces.collar, ["centreBack"]),
      { id: "shoulder.width", path: line(ground.neck, back.atShoulder), kind: "guide" },
    ],
  };
}

function gorgeStep({ front, figures, ground, pieces }: Drawn): StepRecord {
  const seam = pathLength(front.neckPart) + pathLength(front.gorge) + ground.backNeck;
  const figure = neckSeamFigure(
    seam,
    phrase`back neck ${length(ground.backNeck)} + ${length(front.gorgeAt)} of the front neckline + gorge ${length(pathLength(front.gorge))}`,
  );
  const width = measuredFigure(
    "collar.lapelWidth",
    "Lapel width",
    offRollLine(ground, front.lapelTip),
    phrase`from the roll line, square to it, to the lapel tip`,
  );
  return {
    text: phrase`Mark the lapel tip ${point("G")}: ${length(figures.lapelOut)} beyond the edge of the button stand and ${length(figures.gorgeDrop)} below the front neck. From ${point("F")} on the neckline, ${length(front.gorgeAt)} from ${point("A")}, rule the gorge to it.`,
    points: [lettered("F", "start of the gorge", front.gorgeStart), lettered("G", "lapel tip", front.lapelTip)],
    lines: edgeLines(pieces.front, ["gorge", "neck", "lapelNotch"]),
    figures: [figure, width],
    tapeCheck: phrase`${point("F")} to ${point("G")} measures ${length(distance(front.gorgeStart, front.lapelTip))}.`,
  };
}

function notchStep({ front, figures, pieces }: Drawn): StepRecord {
  const angle: Figure = {
    id: "collar.notchAngle",
    label: "Notch opens by",
    value: figures.notchAngle,
    kind: "angle",
    formula: phrase`between the lapel edge of ${length(figures.notchLapel)} and the collar edge of ${length(figures.notchCollar)}`,
    rule: "As it was chosen",
    source: "choice",
  };
  return {
    text: phrase`From ${point("G")} come in along the gorge by ${length(figures.notchLapel)} to the notch ${point("H")}, and from there rule the collar’s edge ${length(figures.notchCollar)} long to ${point("J")}, opening by ${figures.notchAngle.toFixed(0)} degrees.`,
    points: [lettered("H", "notch", front.notch), lettered("J", "collar tip", front.collarTip)],
    lines: edgeLines(pieces.collar, ["notch"]),
    figures: [angle],
    tapeCheck: phrase`${point("G")} to ${point("J")}, across the notch, measures ${length(distance(front.lapelTip, front.collarTip))}.`,
  };
}

function edgeStep({ pieces }: Drawn): StepRecord {
  return {
    text: phrase`Draw the outer edge of the collar from ${point("E")}, square to the centre back, through the width marked at the shoulder to ${point("J")}. Draw the lapel edge from ${point("G")} to ${point("B")}, straight or slightly rounded. Fold the paper along the roll line and look: the lapel lies where it will be worn.`,
    lines: [
      ...edgeLines(pieces.collar, ["outer"]),
      ...edgeLines(pieces.front, ["centre", "shoulder", "armhole", "side", "hem"]),
    ],
  };
}

function facingsStep({ ground, pieces }: Drawn): StepRecord {
  return facingStep(
    ground,
    pieces.frontFacing,
    phrase`Front facing, in one with the lapel`,
    phrase` Trace the under collar ${length(UNDER_SMALLER_MM)} smaller at its outer edge and notch, so that the seam rolls under.`,
  );
}

function buttonStep({ pieces }: Drawn): StepRecord {
  const buttons = pieces.front.buttons ?? [];
  const [first, second] = buttons.map(({ at }) => at);
  if (buttons.length === 0)
    return {
      text: phrase`Notch collar and front at the shoulder, and the collar at its centre back. The zip is sewn in below ${point("B")}, between front and facing.`,
    };
  return {
    text: phrase`Notch collar and front at the shoulder, and the collar at its centre back. Mark ${buttons.length === 1 ? "the button" : `${buttons.length} buttons`} on the centre front, ${first && second ? phrase`the first level with ${point("B")} and then every ${length(second.y - first.y)}` : phrase`level with ${point("B")}`}.`,
    lines: buttons.map(({ hole }, i) => ({ id: `button.${i + 1}`, path: hole, kind: "seam" })),
  };
}
