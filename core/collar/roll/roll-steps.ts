import { length, lettered, phrase, point, type StepRecord } from "../../draft";
import { line, type Path, type Point } from "../../geometry";
import type { Piece } from "../../pattern";
import { edgeLines } from "../../pattern";
import { BACK_NECK_ONLY, measuredFigure, neckSeamFigure, UNDER_SMALLER_MM } from "../collar-figures";
import type { BackCollar } from "../lapel/back-collar";
import type { FrontGround } from "../lapel/front-ground";
import { breakStep, facingStep, paperStep, rollStep } from "../lapel/lapel-steps";
import type { TurnedFigures } from "../lapel/turned-collar";
import { type OuterEdge, outerEdgeFigures } from "../outer-edge";

export type RollFigures = TurnedFigures & {
  readonly lapelWidth: number;
  /** How far above the break point the lapel is widest, along the crease; null for the usual place. */
  readonly lapelFoot: number | null;
  readonly buttonSpacing: number;
};

type Drawn = {
  readonly ground: FrontGround;
  readonly back: BackCollar;
  readonly outer: OuterEdge;
  readonly outerEdge: Path;
  /** What the other school would give, and how far it lies away at most. */
  readonly otherEdge: Path;
  readonly isOverlay: boolean;
  readonly apart: number;
  readonly widestAt: WidestPlace;
  readonly figures: RollFigures;
  readonly facing: Piece;
  readonly front: Piece;
};

/** Where a lapel is widest: on the crease, and on its edge, square to the crease or level with it. */
export type WidestPlace = {
  readonly crease: Point;
  readonly edge: Point;
  readonly foot: number;
  readonly isLevel: boolean;
};

export const ROLL_CUTTING: StepRecord = {
  text: phrase`Trace the front with its under collar ${length(UNDER_SMALLER_MM)} smaller along the outer edge, and the facing with the top collar as drawn; each is a mirrored pair, seamed at the centre back. Interface the facing; press with a cloth between, and mind your fingers and the steam. Clip to the stitching at the neck point, and no further.`,
};

export function rollSteps(drawn: Drawn): readonly StepRecord[] {
  const { ground, facing, front, figures, widestAt } = drawn;
  const buttons = front.buttons ?? [];
  return [
    paperStep(ground.front, [facing.outline]),
    breakStep(ground),
    rollStep(ground, "crease line"),
    backStep(drawn),
    {
      text: phrase`Square to it at ${point("D")} rule the centre back, ${length(figures.height + figures.fall)} wide, to ${point("E")}.`,
      points: [lettered("E", "centre back, outer edge", drawn.back.centreBack.outer)],
      lines: edgeLines(facing, ["centreBack"]),
    },
    {
      text: phrase`${widestAt.isLevel ? "Level" : "Square to the crease line"}, from ${point("F")} on ${widestAt.isLevel ? "the crease line" : "it"}, ${length(widestAt.foot)} above ${point("B")}, mark the lapel’s width of ${length(figures.lapelWidth)} at ${point("G")}.`,
      points: [
        lettered("F", "on the crease line", widestAt.crease),
        lettered("G", "lapel, where it is widest", widestAt.edge),
      ],
      lines: [{ id: "lapel.width", path: line(widestAt.crease, widestAt.edge), kind: "guide" }],
    },
    {
      text: phrase`Draw the outer edge in one unbroken sweep: from ${point("E")}, square to the centre back, past the shoulder and ${point("G")} to ${point("B")}. Fold the paper along the crease line and look: the collar lies where it will be worn.`,
      lines: [
        ...edgeLines(facing, ["outer"]),
        { id: "front.shoulder", path: ground.front.shoulder.path, kind: "seam" },
      ],
    },
    facingStep(ground, facing, phrase`Facing and top collar, in one`),
    {
      text:
        buttons.length === 0
          ? phrase`Notch the shoulder and the centre back. The zip is sewn in below ${point("B")}, between front and facing.`
          : phrase`Notch the shoulder and the centre back. Mark ${buttons.length === 1 ? "the button" : `${buttons.length} buttons`} on the centre front, the first level with ${point("B")}.`,
    },
  ];
}

function backStep({ ground, back, outer, isOverlay, otherEdge, apart, figures, facing }: Drawn): StepRecord {
  const schoolsApart = measuredFigure(
    "collar.schoolsApart",
    "Both schools’ outer edges apart",
    apart,
    phrase`the most between places equally far along the edge by tilting and by laying the back on`,
  );
  const neckSeam = neckSeamFigure(ground.backNeck, BACK_NECK_ONLY);
  const how = isOverlay
    ? phrase`Lay the back on the front with the neck points touching, and swing it until the place ${length(figures.height)} below the back neck on its centre meets the crease line. Trace its neckline from ${point("A")} to ${point("D")}`
    : phrase`Swing the upper end of that line out, away from the front, by ${length(outer.at)} to ${point("D")}${outer.isSolved ? phrase`, so that the outer edge is as long as the line it lies on, ${length(outer.needed)}` : ""}, and join it to ${point("A")}`;
  return {
    text: phrase`${how}: this is the collar’s neck edge at the back. The ${isOverlay ? "tilt" : "overlay"} school’s outer edge, drawn thin, lies up to ${length(apart)} away.`,
    points: [lettered("D", "centre back, neck edge", back.centreBack.neck)],
    lines: [...edgeLines(facing, ["backNeck"]), { id: "otherSchool", path: otherEdge, kind: "guide" }],
    figures: [neckSeam, ...outerEdgeFigures(outer), schoolsApart],
    tapeCheck: phrase`${point("A")} to ${point("D")} measures ${length(ground.backNeck)}, as the back neckline does.`,
  };
}
