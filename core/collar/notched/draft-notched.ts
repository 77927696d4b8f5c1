import {
  directionTo,
  endOf,
  findRoot,
  flatten,
  lerp,
  line,
  mapPath,
  opposite,
  type Path,
  pathLength,
  reversePath,
  startOf,
  step,
} from "../../geometry";
import { edge, hungCollar, KIND, notchOn, type Piece } from "../../pattern";
import { LEAST_CLEARANCE_MM, smallerTo, tipInside, USUAL_DROP_MM } from "../collar-figures";
import type { CollarBase, CollarChoices, CollarDrawing, CollarHandle, DrawnCollar } from "../collar-kind";
import { frontOnBack } from "../joined-neckline";
import { type BackCollar, foldOfStand, tiltedBack } from "../lapel/back-collar";
import { clearanceInside, type FrontGround, turnedBack } from "../lapel/front-ground";
import {
  backFacings,
  buttonsBelow,
  frontEdgeBelow,
  frontFacing,
  frontPiece,
  levelButtons,
  rollLine,
} from "../lapel/front-pieces";
import { turnedCollar, turnedHandles } from "../lapel/turned-collar";
import { necklineSeam } from "../neckline-seam";
import {
  gorgeLength,
  type NotchedFigures,
  type NotchedFront,
  type NotchedPieces,
  notchedFront,
  outerEdgeToTip,
} from "./lapel-outline";
import { NOTCHED_SEAMS } from "./notched-seams";
import { NOTCHED_CUTTING, notchedSteps } from "./notched-steps";

type NotchedChoices = Required<Pick<CollarChoices, "breakAt" | "rollSchool" | "edgeBy" | "neckEdge">>;

/** A lapel shorter than this, from its tip down to the break point, is none. Our own limit. */
const LEAST_LAPEL_MM = 10;
/** The shortest stretch of gorge between the neckline and the notch. Our own limit. */
const LEAST_GORGE_MM = 8;

export function draftNotched(base: CollarBase, figures: NotchedFigures, choices: NotchedChoices): CollarDrawing {
  const { block } = base;
  const turned = turnedCollar(base, figures, choices);
  if ("what" in turned) return { isDrawn: false, why: turned };
  const { ground, width, found, joined } = turned;
  const breakY = ground.breakPoint.y;
  const most = block.front.neckline.length - LEAST_GORGE_MM;
  if (figures.gorgeStart !== null && figures.gorgeStart > most) {
    return { isDrawn: false, why: { what: "gorge-beyond-neckline", start: figures.gorgeStart, most } };
  }
  const front = notchedFront(ground, figures);
  if (front.lapelTip.y > breakY - LEAST_LAPEL_MM) {
    return {
      isDrawn: false,
      why: { what: "lapel-below-break", tip: front.lapelTip.y, breakY, usualDrop: USUAL_DROP_MM },
    };
  }
  const gorge = gorgeLength(front) - LEAST_GORGE_MM;
  if (figures.notchLapel > gorge) {
    return { isDrawn: false, why: { what: "notch-too-long", lapel: figures.notchLapel, gorge } };
  }
  const back = tiltedBack(ground, width, found.turn, choices.neckEdge);
  const pieces = piecesOf(base, ground, front, back, figures);
  const { collar } = pieces;
  const place = frontOnBack(block);
  const neckSeam = [...reversePath(back.neck), ...front.neckPart, ...front.gorge];
  return {
    isDrawn: true,
    title: "Notched collar",
    acts: notchedSteps({ ground, front, back, outer: found.outer, figures, pieces }),
    cutting: NOTCHED_CUTTING,
    drawn: [pieces.front, collar],
    extra: [pieces.underCollar, pieces.frontFacing, ...pieces.backFacing],
    front: { ...pieces.grown, lines: [rollLine(ground)], roll: ground },
    seams: [
      necklineSeam(
        [...reversePath(block.back.neckline.path), ...mapPath([...front.neckPart, ...front.gorge], place)],
        neckSeam,
        "notch",
        ground.backNeck,
        {
          body: ["back.neckline", "front.neck", "front.gorge"],
          part: ["collar.backNeck", "collar.frontNeck", "collar.gorge"],
        },
      ),
    ],
    joins: NOTCHED_SEAMS,
    handles: [
      ...turnedHandles(ground, back, figures.fall, choices.edgeBy === "own" ? found.outer.at : null),
      ...lapelHandles(front, figures),
    ],
    joined,
    upperEdge: null,
    outer: found.outer,
    turnedOver: { stand: figures.height, fall: figures.fall },
    neckCorner: choices.neckEdge === "curved" ? 0 : Math.abs(found.turn),
    lapel: lapelOf(ground, front, figures),
    solvers: found.solvers,
  };
}

function piecesOf(
  base: CollarBase,
  ground: FrontGround,
  front: NotchedFront,
  back: BackCollar,
  { buttonSpacing, height }: NotchedFigures,
): NotchedPieces {
  // A zip ends at the break point: what lies above it is an edge of its own.
  const isZipped = base.closing === "zip";
  const upper = [
    ...(isZipped ? [edge("lapel", "outer", "Lapel edge", reversePath(front.lapelEdge))] : []),
    edge("lapelNotch", "notch", "Notch edge of the lapel", line(front.lapelTip, front.notch)),
    edge("gorge", "gorge", "Gorge", reversePath(front.gorge)),
    edge("neck", "neck", "Front neck", reversePath(front.neckPart)),
  ];
  const edgeDown = [...(isZipped ? [] : front.lapelEdge), ...frontEdgeBelow(ground)];
  const top = [back.outer, ...outerEdgeToTip(ground, back, front.collarTip)];
  const under = smallerTo(top, tipInside(top, front.collarTip, front.notch), -1);
  const buttons = buttonsBelow(ground, buttonSpacing, base);
  const lines = [foldOfStand(ground, back, height)];
  return {
    front: frontPiece(ground, upper, edgeDown, levelButtons(buttons, base)),
    grown: { upper, edgeDown, buttons },
    collar: {
      ...collarPiece(front, back, top, { id: "collar", kind: COLLAR, name: "Top collar", interfacing: 1 }),
      lines,
    },
    underCollar: {
      ...collarPiece(front, back, under, {
        id: "underCollar",
        kind: KIND.underCollar,
        name: "Under collar",
        interfacing: 0,
      }),
      lines,
    },
    frontFacing: frontFacing(ground, upper, edgeDown, "Front facing with lapel"),
    backFacing: backFacings(ground, base),
  };
}

/** The collar goes up from the neck, and turns over at the fold of its stand. */
const COLLAR = hungCollar("up", ["backNeck", "frontNeck", "gorge"]);

function collarPiece(
  front: NotchedFront,
  back: BackCollar,
  /** From the centre back to the collar's tip. */
  outerEdge: Path,
  { id, kind, name, interfacing }: Pick<Piece, "id" | "kind" | "name"> & { readonly interfacing: number },
): Piece {
  const { neck } = back.centreBack;
  const [outer, tip] = [startOf(outerEdge), endOf(outerEdge)];
  const fold = line(outer, neck);
  const edges = [
    edge("backNeck", "collar-neck", "Back neck edge", reversePath(back.neck)),
    edge("frontNeck", "neck", "Front neck edge", front.neckPart),
    edge("gorge", "gorge", "Gorge", front.gorge),
    edge("notch", "notch", "Notch edge of the collar", line(front.notch, tip)),
    edge("outer", "outer", "Outer edge", reversePath(outerEdge)),
    edge("centreBack", "centre", "Centre back", fold),
  ];
  const middle = lerp(neck, outer, 0.5);
  return {
    id,
    kind,
    name,
    cut: { count: 1, mirrored: false, onFold: true, interfacing },
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [fold],
    darts: [],
    grain: {
      from: step(step(middle, opposite(back.away), GRAIN_IN_MM), directionTo(neck, outer), GRAIN_HALF_MM),
      to: step(step(middle, opposite(back.away), GRAIN_IN_MM), directionTo(neck, outer), -GRAIN_HALF_MM),
    },
    notches: [notchOn("shoulder", back.neck, 0, -1), notchOn("centreBack", back.neck, pathLength(back.neck), -1)],
  };
}

const GRAIN_IN_MM = 36;
const GRAIN_HALF_MM = 20;

function lapelOf(ground: FrontGround, front: NotchedFront, figures: NotchedFigures): DrawnCollar["lapel"] {
  const armhole = flatten(ground.front.armhole.path);
  const clearanceOf = ({ lapelTip, notch, lapelEdge }: NotchedFront) =>
    clearanceInside(
      flatten([...line(notch, lapelTip), ...lapelEdge], 12).map((p) => turnedBack(ground, p)),
      armhole,
    );
  const clearance = clearanceOf(front);
  const { lapelOut } = figures;
  const widest =
    clearance < LEAST_CLEARANCE_MM
      ? findRoot(
          (out) => clearanceOf(notchedFront(ground, { ...figures, lapelOut: out })) - LEAST_CLEARANCE_MM,
          0,
          lapelOut,
          0.01,
        )
      : null;
  return {
    clearance,
    field: "lapelOut",
    widest: widest?.converged ? widest.value : null,
    notch: { lapel: figures.notchLapel, collar: figures.notchCollar },
    breakY: ground.breakPoint.y,
    chest: ground.chest,
    waist: ground.waist,
  };
}

function lapelHandles(
  front: NotchedFront,
  { lapelOut, gorgeDrop, notchLapel }: NotchedFigures,
): readonly CollarHandle[] {
  return [
    {
      field: "lapelOut",
      name: "Lapel tip",
      at: front.lapelTip,
      value: lapelOut,
      gain: { x: -1, y: 0 },
      isDistance: true,
      across: { field: "gorgeDrop", value: gorgeDrop, gain: { x: 0, y: 1 } },
    },
    {
      field: "notchLapel",
      name: "Notch",
      at: front.notch,
      value: notchLapel,
      gain: directionTo(front.lapelTip, front.gorgeStart),
      isDistance: true,
    },
  ];
}
