import { boxOf, type Path, pathLength, subpath } from "../../geometry";
import { edge, type Goes, hungCollar, KIND, type NamedLine, notchOn, type Piece, placePiece } from "../../pattern";
import type { CollarBase, CollarChoices, CollarDrawing, CollarHandle } from "../collar-kind";
import { joinedNeckline, lineBelowNeckline } from "../joined-neckline";
import { necklineSeam, wholeNeckline } from "../neckline-seam";
import { askedOut, letOut, RULE_OF_THUMB_MM } from "../outer-edge";
import { type BandShape, edgeAt, edgeLengthTo, frontAt, lifted } from "../stand/band-shape";
import { draftStand } from "../stand/draft-stand";
import { frontEndOf, roundedLess, separateBand, standHandles, standTask, upperEdgeOf } from "../stand/stand";
import { type Bent, type Fall, fallPiece, pointOf, underFallPiece } from "./fall";
import { FALL_SEAMS, STAND_AND_FALL_SEAMS } from "./shirt-seams";
import { fallSteps, onePieceSteps, SHIRT_CUTTING } from "./shirt-steps";

type ShirtFigures = Readonly<
  Record<"height" | "fall" | "drop" | "point" | "spread" | "ease" | "bow" | "rise" | "beyond" | "roundness", number>
>;
type ShirtChoices = Required<Pick<CollarChoices, "edgeBy" | "school" | "frontEnd" | "buttonStand">>;

/** No fall is bent further: its ends would meet below it. */
const MOST_TURN = 1.4;
/** Of what lies beyond the centre front. */
const MOST_ROUND_SHARE = 0.9;
/** Room between the stand and the fall above it on the sheet. */
const BETWEEN_MM = 24;
/** A one-piece collar is dropped over the last 4 in of its front (common practice, no source). */
const DROPPED_OVER_MM = 101.6;

const TOP_CUT = { count: 1, mirrored: false, onFold: true, interfacing: 1 } as const;
const UNDER_CUT = { ...TOP_CUT, interfacing: 0 } as const;

type Lower = {
  readonly length: number;
  readonly shoulderAt: number;
  /** From the lower edge to the outer one. */
  readonly width: number;
  /** By rule of thumb, how much of it is level at the centre back. */
  readonly level: number;
};

/** A fall 10 mm wider than its stand is dropped by 1/2 to 1 in, a wider one by more (from memory; how much more is our own figure). */
const USUAL_DROP_MM = 19.05;
const WIDER_THAN_STAND_MM = 10;
const DROP_FOR_EACH_MM = 0.75;

/** What a shirtmaker drops the front of a fall by; in one piece half an inch, to let it relax (common practice, no source). */
export function usualFallDrop({ height, fall }: Pick<ShirtFigures, "height" | "fall">, isOnePiece: boolean): number {
  if (isOnePiece) return RULE_OF_THUMB_MM;
  return Math.max(RULE_OF_THUMB_MM / 2, USUAL_DROP_MM + DROP_FOR_EACH_MM * (fall - height - WIDER_THAN_STAND_MM));
}

/**
 * A fall is bent evenly over its whole length, so that its front end is dropped: by what a shirtmaker drops it, or so far that its
 * outer edge is as long as the line it lies on from the centre back to the shoulder. In one piece the rule drops the last of it only.
 */
function bend(
  { block }: CollarBase,
  { height, fall, drop, point, spread }: ShirtFigures,
  { edgeBy }: ShirtChoices,
  { length, shoulderAt, width, level }: Lower,
): Bent {
  const below = { centreBack: fall - height, shoulder: fall - height };
  const lineBelow = lineBelowNeckline(block, below);
  const rule = usualFallDrop({ height, fall }, level > 0);
  const ring = (turn: number): BandShape => ({ neckEdge: length, level: 0, turn: -turn });
  const edgeOf = (shape: BandShape) => edgeLengthTo(shape, width, shoulderAt);
  const found = letOut({
    by: "drop",
    needed: pathLength(lineBelow.back),
    below,
    edgeAt: (turn) => edgeOf(ring(turn)),
    outAt: (turn) => frontAt(ring(turn), 0).at.y,
    asked: askedOut(edgeBy, drop, rule),
    rule,
    least: -MOST_TURN,
    most: MOST_TURN,
  });
  const byRule = (by: number): BandShape => {
    const shape = lifted(length, Math.max(0, level), by)?.shape;
    return shape ? { ...shape, turn: -shape.turn } : ring(found.turn);
  };
  const shape = edgeBy === "rule" ? byRule(rule) : ring(found.turn);
  return {
    ...found,
    outer: {
      ...found.outer,
      edge: edgeOf(shape),
      rule: { at: rule, edge: edgeOf(byRule(rule)) },
      isInformation: true,
    },
    fall: { shape, width, shoulderAt, point, spread },
    lineBelow: lineBelow.whole,
  };
}

/** The top collar as it lies on the sheet, and the under collar. */
function collars(fall: Fall, up: number, goes: Goes): readonly [Piece, Piece] {
  const top = fallPiece(fall, { id: "collar", kind: hungCollar(goes, ["neck"]), name: "Top collar", cut: TOP_CUT });
  const under = underFallPiece(fall, {
    id: "underCollar",
    kind: KIND.underCollar,
    name: "Under collar",
    cut: UNDER_CUT,
  });
  return [placePiece(top, ({ x, y }) => ({ x, y: y - up }), false), under];
}

function fallHandles(
  { shape, width, point, spread }: Fall,
  figures: ShirtFigures,
  up: number,
): readonly CollarHandle[] {
  const { tip } = pointOf({ shape, width, point, spread, shoulderAt: 0 });
  return [
    {
      field: "fall",
      name: "Width of the collar",
      at: { x: 0, y: -up - width },
      value: figures.fall,
      gain: { x: 0, y: -1 },
      isDistance: true,
    },
    { field: "spread", name: "Collar point", at: { x: tip.x, y: tip.y - up }, value: spread, gain: { x: 1, y: 0 } },
  ];
}

export function standAndFall(
  base: CollarBase,
  figures: ShirtFigures,
  choices: ShirtChoices,
  askedRoundness: number | undefined,
): CollarDrawing {
  const { beyond, height } = figures;
  // The fall is sewn on as far as the centre front: only what runs on beyond it may be rounded.
  const square = draftStand(standTask(base, figures, { school: choices.school, frontEnd: "square" }));
  const room = square ? pathLength(edgeAt(square.shape, height)) - square.upperGirth / 2 : 0;
  const roundness = Math.min(figures.roundness, Math.max(0, room) * MOST_ROUND_SHARE);
  const frontEnd = roundness > 1 ? choices.frontEnd : "square";
  const task = standTask(base, { ...figures, roundness }, { school: choices.school, frontEnd });
  const stand = draftStand(task, { id: "collarStand", kind: hungCollar("stand", ["neck"]), name: "Collar stand" });
  if (!stand) return { isDrawn: false, why: { what: "no-stand", height, school: task.school } };
  const length = stand.upperGirth / 2;
  const shoulderAt = edgeLengthTo(stand.shape, height, task.neckline.back);
  const bent = bend(base, figures, choices, { length, shoulderAt, width: figures.fall, level: 0 });
  const up = BETWEEN_MM - boxOf([stand.piece.outline]).top + Math.max(0, pointOf(bent.fall).foot.y);
  const [top, under] = collars(bent.fall, up, "over");
  const neckline = joinedNeckline(base.block, beyond);
  const upper = subpath(edgeAt(stand.shape, height), 0, length);
  const band = separateBand(base.block, beyond, choices.buttonStand);
  return {
    isDrawn: true,
    title: "Shirt collar with a stand",
    acts: [...stand.acts, ...fallSteps(bent, top, up), ...band.acts],
    cutting: SHIRT_CUTTING,
    drawn: [markedForFall(stand.piece, upper, shoulderAt), top],
    extra: [under, ...band.pieces],
    front: null,
    seams: [
      necklineSeam(neckline, stand.neckEdge, frontEndOf(beyond), task.neckline.back, {
        body: wholeNeckline(beyond),
        part: ["collarStand.neck"],
      }),
      {
        id: "collar.fall",
        kind: "collar",
        name: "Fall on the stand",
        body: "collarStand.upper",
        part: "collar.neck",
        bodyEdges: ["collarStand.upper"],
        partEdges: ["collar.neck"],
        bodyName: "stand",
        partName: "fall",
        bodyPath: upper,
        partPath: edgeAt(bent.fall.shape, 0),
        from: "centre back",
        to: "centre front",
        mark: { name: "shoulder", bodyAt: shoulderAt, partAt: shoulderAt },
      },
    ],
    joins: STAND_AND_FALL_SEAMS,
    handles: [
      ...standHandles(task, stand).filter(({ field }) => field !== "height"),
      ...fallHandles(bent.fall, figures, up),
    ],
    joined: { neckline, shoulderAt: task.neckline.back, fallLine: bent.lineBelow },
    upperEdge: upperEdgeOf(task, stand),
    outer: bent.outer,
    turnedOver: { stand: height, fall: figures.fall },
    lapel: null,
    rounded: roundedLess(askedRoundness, choices.frontEnd, stand.rounded),
    solvers: [...stand.solvers, ...bent.solvers],
  };
}

/** The stand's upper edge marked where the shoulder meets it, and at the centre front, where the fall ends. */
function markedForFall(stand: Piece, upper: Path, shoulderAt: number): Piece {
  const to = pathLength(upper);
  const edges = stand.edges.flatMap((one) =>
    one.id === "upper" && one.length > to + NOTCH_BEFORE_END_MM
      ? [
          edge("upper", "outer", one.name, upper),
          edge("upperEnd", "end", "Upper edge, button stand", subpath(one.path, to, one.length)),
        ]
      : [one],
  );
  const notches = [notchOn("fallShoulder", upper, shoulderAt), notchOn("fallEnd", upper, to - NOTCH_BEFORE_END_MM)];
  return { ...stand, edges, outline: edges.flatMap(({ path }) => path), notches: [...stand.notches, ...notches] };
}

/** A mark at the very end of the edge has no direction of its own where the edge is rounded off. */
const NOTCH_BEFORE_END_MM = 1e-3;

/** One piece that turns over by itself: its stand dies away towards the centre front. */
export function onePiece(base: CollarBase, figures: ShirtFigures, choices: ShirtChoices): CollarDrawing {
  const { beyond, height } = figures;
  const { back, front } = base.block;
  const shoulderAt = back.neckline.length;
  const length = shoulderAt + front.neckline.length + beyond;
  const lower = { length, shoulderAt, width: height + figures.fall, level: length - DROPPED_OVER_MM };
  const bent = bend(base, figures, choices, lower);
  const lines: readonly NamedLine[] = [
    { role: "stand-fold", name: "Fold of the stand", path: edgeAt(bent.fall.shape, height) },
  ];
  const [plainTop, plainUnder] = collars(bent.fall, 0, "up");
  const [top, under] = [
    { ...plainTop, lines },
    { ...plainUnder, lines },
  ];
  const neckline = joinedNeckline(base.block, beyond);
  const band = separateBand(base.block, beyond, choices.buttonStand);
  return {
    isDrawn: true,
    title: "One-piece shirt collar",
    acts: [...onePieceSteps(base, bent, top, figures), ...band.acts],
    cutting: SHIRT_CUTTING,
    drawn: [top],
    extra: [under, ...band.pieces],
    front: null,
    seams: [
      necklineSeam(neckline, edgeAt(bent.fall.shape, 0), frontEndOf(beyond), shoulderAt, {
        body: wholeNeckline(beyond),
        part: ["collar.neck"],
      }),
    ],
    joins: FALL_SEAMS,
    handles: fallHandles(bent.fall, figures, 0),
    joined: { neckline, shoulderAt, fallLine: bent.lineBelow },
    upperEdge: null,
    turnsOver: { girth: 2 * edgeLengthTo(bent.fall.shape, height, length - beyond), neck: base.neck },
    outer: bent.outer,
    turnedOver: { stand: height, fall: figures.fall },
    lapel: null,
    solvers: bent.solvers,
  };
}
