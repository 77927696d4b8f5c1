import { type Figure, length, lettered, type Phrase, phrase, point, type StepRecord } from "../../draft";
import {
  along,
  type Cubic,
  distance,
  endOf,
  lerp,
  line,
  type NamedSolution,
  type Path,
  pathLength,
  reversePath,
  SAME_MM,
  startOf,
  subpath,
} from "../../geometry";
import { buttonAt, type Edge, edge, edgeLines, hungCollar, notchOn, type Piece } from "../../pattern";
import { STAND_SCHOOLS, type StandSchool } from "../collar-fields";
import { alongNeckline, measuredFigure, neckSeamFigure, QUARTER_HANDLE } from "../collar-figures";
import {
  type BandShape,
  bandOf,
  degrees,
  edgeAt,
  edgeLength,
  edgeLengthTo,
  frontAt,
  leanOf,
  neckEdgeOf,
} from "./band-shape";
import type { StandTask } from "./stand-task";

export type Stand = {
  readonly shape: BandShape;
  readonly piece: Piece;
  readonly acts: readonly StepRecord[];
  readonly cutting: StepRecord;
  /** From the centre back. */
  readonly neckEdge: Path;
  /** All round, closed at the centre front. */
  readonly upperGirth: number;
  /** The radius of the front corner, as far as there is room for it. */
  readonly rounded: number;
  readonly solvers: readonly NamedSolution[];
};

/** What the upper edge of each school's band would be, closed; null where a school has none for this neckline. Millimetres. */
export function upperGirthBySchool(task: StandTask): readonly { school: StandSchool; girth: number | null }[] {
  return STAND_SCHOOLS.map((school) => {
    const law = drawableBand({ ...task, school });
    return { school, girth: law ? closedUpperGirth(law.shape, task) : null };
  });
}

function closedUpperGirth(shape: BandShape, { height, neckline }: StandTask): number {
  return 2 * edgeLengthTo(shape, height, shape.neckEdge - neckline.beyond);
}

/** What a stand is as a piece: the collar itself, or what a fall is sewn to. */
type StandPiece = Pick<Piece, "id" | "kind" | "name">;
const BY_ITSELF: StandPiece = { id: "collar", kind: hungCollar("up", ["neck"]), name: "Stand collar" };

/** Drafts half a stand collar, its centre back on the fold. Null where the school has no band for this neckline. */
export function draftStand(task: StandTask, as: StandPiece = BY_ITSELF): Stand | null {
  const law = drawableBand(task);
  if (!law) return null;
  const { shape } = law;
  const upperGirth = closedUpperGirth(shape, task);
  const piece = pieceOf(task, shape, as);
  return {
    shape,
    piece,
    acts: actsOf(task, shape, piece, upperGirth),
    cutting: {
      text: phrase`Cut the collar twice on the fold of the cloth, once for each side, and its interfacing once. Press the interfacing on with a cloth between; mind your fingers and the steam.`,
    },
    neckEdge: edgeAt(shape, 0),
    upperGirth,
    rounded: roundedBy(task, edgeAt(shape, task.height)),
    solvers: law.solution ? [{ id: "collar.turn", solution: law.solution }] : [],
  };
}

/** A shorter upper edge goes round no neck. Our own limit. */
const LEAST_UPPER_MM = 60;

/** A school's band; null also where its upper edge closes to nothing. */
function drawableBand(task: StandTask) {
  const law = bandOf(task);
  return law && edgeLength(law.shape, task.height) > LEAST_UPPER_MM ? law : null;
}

/** Of the height, so that some of the front end stays straight. */
const MOST_ROUND_SHARE = 0.9;

function roundedBy({ frontEnd, roundness, height }: StandTask, upper: Path): number {
  return frontEnd === "round" ? Math.min(roundness, height * MOST_ROUND_SHARE, pathLength(upper) / 2) : 0;
}

function pieceOf(task: StandTask, shape: BandShape, as: StandPiece): Piece {
  const { height, neckline } = task;
  const neck = edgeAt(shape, 0);
  const upper = edgeAt(shape, height);
  const radius = roundedBy(task, upper);
  const edges = [
    edge("upper", "outer", "Upper edge", radius > 0 ? subpath(upper, 0, pathLength(upper) - radius) : upper),
    ...frontEdges(shape, upper, height, radius),
    edge("neck", "neck", "Neck edge", reversePath(neck)),
    edge("centreBack", "centre", "Centre back", line(startOf(neck), startOf(upper))),
  ];
  const shoulder = neckline.back;
  const centreFront = neckline.back + neckline.front;
  return {
    ...as,
    cut: { count: 2, mirrored: false, onFold: true, interfacing: 1 },
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [line(startOf(neck), startOf(upper))],
    ...buttonOf(task, shape),
    darts: [],
    grain: {
      from: { x: neckline.back / 2, y: -height * 0.9 },
      to: { x: neckline.back / 2, y: -height * 0.25 },
    },
    notches: [
      notchOn("centreBack", neck, 0, -1),
      notchOn("shoulder", neck, shoulder, -1),
      ...(neckline.beyond > 0 ? [notchOn("centreFront", neck, centreFront, -1)] : []),
    ],
  };
}

/** At the centre front, in the middle of the height; the hole runs on along the band from it. */
function buttonOf({ button, height, neckline }: StandTask, shape: BandShape): Pick<Piece, "buttons"> {
  if (button === null) return {};
  const middle = edgeAt(shape, height / 2);
  const { point: at, direction } = along(middle, edgeLengthTo(shape, height / 2, shape.neckEdge - neckline.beyond));
  return { buttons: [buttonAt(at, { x: -direction.x, y: -direction.y }, button)] };
}

/** Down the front: square, or its upper corner rounded off. */
function frontEdges(shape: BandShape, upper: Path, height: number, radius: number): readonly Edge[] {
  const corner = endOf(upper);
  const foot = frontAt(shape, 0).at;
  if (radius <= 0) return [edge("front", "outer", "Front end", line(corner, foot))];
  const from = endOf(subpath(upper, 0, pathLength(upper) - radius));
  const to = lerp(corner, foot, radius / height);
  const round: Cubic = [from, lerp(from, corner, QUARTER_HANDLE), lerp(to, corner, QUARTER_HANDLE), to];
  const down = distance(to, foot) > SAME_MM ? line(to, foot) : [];
  return [edge("front", "outer", "Front end", [round, ...down])];
}

function actsOf(task: StandTask, shape: BandShape, piece: Piece, upperGirth: number): readonly StepRecord[] {
  const { height, neckline, school } = task;
  const whole = neckEdgeOf(task);
  const foot = frontAt(shape, 0).at;
  const top = frontAt(shape, height).at;
  const neck = edgeAt(shape, 0);
  const upper = edgeAt(shape, height);
  const seam = neckSeamFigure(pathLength(neck), alongNeckline(neckline));
  const upperEdge = measuredFigure(
    "collar.upperEdge",
    "Upper edge, closed",
    upperGirth,
    phrase`twice the upper edge from the centre back to the centre front; the neck is ${length(task.neck)} round`,
  );
  const lean: Figure = {
    id: "collar.lean",
    label: "Lean from the upright",
    value: (leanOf(shape.turn) * 180) / Math.PI,
    kind: "angle",
    formula: phrase`the half band turns by ${degrees(shape.turn)} degrees; turn = π × sine of the lean`,
    rule: "A leaning stand is a part of a cone",
    source: "geometry",
  };
  return [
    {
      text: phrase`Rule the centre back, ${length(height)} high, from ${point("A")} up to ${point("B")}: it lies on the fold.`,
      points: [
        lettered("A", "centre back, neck edge", { x: 0, y: 0 }),
        lettered("B", "centre back, upper edge", { x: 0, y: -height }),
      ],
      lines: edgeLines(piece, ["centreBack"]),
    },
    {
      text: phrase`${drawingOf(task, shape)} Mark ${point("C")} at its end: ${length(whole)} along the edge from ${point("A")}, as the neckline is.`,
      points: [lettered("C", "front, neck edge", foot)],
      lines: edgeLines(piece, ["neck"]),
      figures: [seam, ...(school === "straight" ? [] : [lean])],
      tapeCheck: phrase`${point("A")} to ${point("C")} measures ${length(whole)}, tape on its edge; ${point("C")} lies ${length(-foot.y)} above the level of ${point("A")}.`,
    },
    {
      text: phrase`Draw the upper edge ${length(height)} from it all along, square to the fold at ${point("B")}, to ${point("D")}, and the front end ${task.frontEnd === "round" ? "with its upper corner rounded off" : "square between them"}.`,
      points: [lettered("D", "front, upper edge", top)],
      lines: edgeLines(piece, ["upper", "front"]),
      figures: [upperEdge],
      tapeCheck: phrase`${point("B")} to ${point("D")} measures ${length(pathLength(upper))} before any rounding.`,
    },
    {
      text: phrase`Notch the neck edge at the shoulder, ${length(neckline.back)} from the centre back${neckline.beyond > 0 ? phrase`, and at the centre front, ${length(neckline.back + neckline.front)} from it` : ""}, and the fold at both ends.`,
    },
  ];
}

/** How the neck edge of a school is drawn. */
function drawingOf(task: StandTask, shape: BandShape): Phrase {
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
