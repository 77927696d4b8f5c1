import {
  along,
  betweenDirections,
  directionTo,
  distance,
  findRoot,
  flatten,
  line,
  opposite,
  type Path,
  type Point,
  pathLength,
  reversePath,
  startOf,
  step,
} from "../../geometry";
import { type Edge, edge } from "../../pattern";
import { LEAST_CLEARANCE_MM, smallerRunningOut } from "../collar-figures";
import type { CollarBase, CollarChoices, CollarDrawing, CollarHandle, DrawnCollar } from "../collar-kind";
import { type BackCollar, endSwungOut, foldOfStand, outerLength, overlaidBack, tiltedBack } from "../lapel/back-collar";
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
import { GROWN_SEAMS } from "../lapel/grown-seams";
import { turnedCollar, turnedHandles } from "../lapel/turned-collar";
import { necklineSeam } from "../neckline-seam";
import type { OuterEdge } from "../outer-edge";
import { ROLL_CUTTING, type RollFigures, rollSteps, type WidestPlace } from "./roll-steps";

type RollChoices = Required<
  Pick<CollarChoices, "breakAt" | "rollSchool" | "edgeBy" | "backCollar" | "neckEdge" | "widthAt">
>;

const BACK_NECK_OF_FACING = { body: ["back.neckline"], part: ["frontFacing.backNeck"] } as const;

/** The lapel is widest so far of the way from the break point to the neck, by how its width is taken. Our own choice. */
const WIDEST_AT = { crease: 0.55, break: 0.15 } as const;
/** Nearer to the neck than this share of the crease it is the collar that is widest. Our own limit. */
const HIGHEST_FOOT = 0.9;

export function draftRoll(base: CollarBase, figures: RollFigures, choices: RollChoices): CollarDrawing {
  const { block } = base;
  const turned = turnedCollar(base, figures, choices);
  if ("what" in turned) return { isDrawn: false, why: turned };
  const { ground, width, found, joined } = turned;
  const { height, fall, lapelWidth } = figures;
  const crease = distance(ground.breakPoint, ground.neck);
  const foot = figures.lapelFoot ?? crease * WIDEST_AT[choices.widthAt];
  if (foot > crease * HIGHEST_FOOT)
    return { isDrawn: false, why: { what: "foot-too-high", foot, most: crease * HIGHEST_FOOT } };
  const widest = (wide: number) => widestPlace(ground, wide, foot, choices.widthAt === "break");
  const widestAt = widest(lapelWidth);
  const isOverlay = choices.backCollar === "overlay";
  const schools = {
    tilt: () => tiltedBack(ground, width, found.turn, choices.neckEdge),
    overlay: () => overlaidBack(ground, width, height),
  };
  const [chosen, other] = isOverlay ? [schools.overlay, schools.tilt] : [schools.tilt, schools.overlay];
  const back = chosen();
  const outer: OuterEdge = isOverlay
    ? {
        ...found.outer,
        asked: null,
        isSolved: false,
        isTraced: true,
        edge: outerLength(back),
        at: endSwungOut(ground, back),
      }
    : found.outer;
  const outerEdge = rollEdge(ground, back, widestAt.edge);
  const otherEdge = rollEdge(ground, other(), widestAt.edge);
  const edgeDown = frontEdgeBelow(ground);
  const upper = upperEdges(back, outerEdge);
  const under = upperEdges(back, smallerRunningOut(outerEdge, RUNS_OUT_OVER_MM, -1));
  const places = buttonsBelow(ground, figures.buttonSpacing, base);
  const front = frontPiece(ground, under, edgeDown, levelButtons(places, base));
  const fold = foldOfStand(ground, back, height);
  const facing = { ...frontFacing(ground, upper, edgeDown, "Top collar and front facing"), lines: [fold] };
  return {
    isDrawn: true,
    title: "Roll collar",
    acts: rollSteps({
      ground,
      back,
      outer,
      outerEdge,
      otherEdge,
      isOverlay,
      apart: furthestApart(outerEdge, otherEdge),
      widestAt,
      figures,
      facing,
      front,
    }),
    cutting: ROLL_CUTTING,
    drawn: [facing],
    extra: [front, ...backFacings(ground, base)],
    front: {
      upper: under,
      edgeDown,
      buttons: places,
      lines: [rollLine(ground), fold],
      roll: ground,
    },
    seams: [
      necklineSeam(
        reversePath(block.back.neckline.path),
        reversePath(back.neck),
        "shoulder",
        null,
        BACK_NECK_OF_FACING,
      ),
    ],
    joins: GROWN_SEAMS,
    handles: [
      ...turnedHandles(ground, back, fall, choices.edgeBy === "own" && !isOverlay ? outer.at : null),
      lapelHandle(ground, widestAt, lapelWidth),
    ],
    joined,
    upperEdge: null,
    outer,
    turnedOver: { stand: height, fall },
    neckCorner: isOverlay || choices.neckEdge === "curved" ? 0 : Math.abs(found.turn),
    lapel: lapelOf(ground, back, figures, widest),
    solvers: found.solvers,
  };
}

function widestPlace(ground: FrontGround, width: number, foot: number, isLevel: boolean): WidestPlace {
  const crease = step(ground.breakPoint, ground.up, foot);
  return { crease, edge: step(crease, isLevel ? level(ground) : ground.outwards, width), foot, isLevel };
}

const level = ({ outwards }: FrontGround): Point => ({ x: Math.sign(outwards.x), y: 0 });

/** Dragged outwards the lapel gets wider, dragged along the crease line its foot gets steeper or longer. */
function lapelHandle(ground: FrontGround, { edge, foot, isLevel }: WidestPlace, width: number): CollarHandle {
  const { up, outwards } = ground;
  const out = level(ground).x;
  // Level with the crease: going up by one millimetre takes so many along the crease, and that far aside.
  const gains = isLevel
    ? { width: { x: out, y: (-out * up.x) / up.y }, foot: { x: 0, y: 1 / up.y } }
    : { width: outwards, foot: up };
  return {
    field: "lapelWidth",
    name: "Lapel width",
    at: edge,
    value: width,
    gain: gains.width,
    ...(isLevel ? {} : { isDistance: true as const }),
    across: { field: "lapelFoot", value: foot, gain: gains.foot },
  };
}

/** From the centre back over the shoulder and the widest place of the lapel down to the break point, unbroken. */
function rollEdge(ground: FrontGround, back: BackCollar, widest: Point): Path {
  const down = opposite(ground.up);
  const chord = directionTo(widest, ground.breakPoint);
  const arriving = directionTo({ x: 0, y: 0 }, { x: chord.x, y: chord.y + 1 });
  return [
    back.outer,
    betweenDirections(back.atShoulder, down, widest, down),
    betweenDirections(widest, down, ground.breakPoint, arriving),
  ];
}

function upperEdges(back: BackCollar, outerEdge: Path): readonly Edge[] {
  const { neck } = back.centreBack;
  const outer = startOf(outerEdge);
  return [
    edge("outer", "outer", "Outer edge", reversePath(outerEdge)),
    edge("centreBack", "collar-centre", "Centre-back seam", line(outer, neck)),
    edge("backNeck", "collar-neck", "Back neck edge", reversePath(back.neck)),
  ];
}

/** Above the break point facing and front come to meet again. Our own choice. */
const RUNS_OUT_OVER_MM = 40;

const APART_PLACES = 60;

/** The most by which two outer edges lie apart, at places equally far along each. */
function furthestApart(some: Path, others: Path): number {
  const [long, otherLong] = [pathLength(some), pathLength(others)];
  return Math.max(
    ...Array.from({ length: APART_PLACES + 1 }, (_, i) =>
      distance(along(some, (long * i) / APART_PLACES).point, along(others, (otherLong * i) / APART_PLACES).point),
    ),
  );
}

/** What comes too near to the armhole is the lapel, or the collar where it passes the shoulder: whichever can mend it is narrowed. */
function lapelOf(
  ground: FrontGround,
  back: BackCollar,
  { lapelWidth, height, fall }: RollFigures,
  widest: (width: number) => WidestPlace,
): DrawnCollar["lapel"] {
  const armhole = flatten(ground.front.armhole.path);
  const clearanceOf = (wide: number, atShoulder: number) => {
    const passing = { ...back, atShoulder: step(ground.neck, ground.outwards, atShoulder) };
    const below = rollEdge(ground, passing, widest(wide).edge).slice(1);
    return clearanceInside(
      flatten(below, 12).map((p) => turnedBack(ground, p)),
      armhole,
    );
  };
  const clearance = clearanceOf(lapelWidth, height + fall);
  const most = (of: (value: number) => number, now: number) =>
    clearance < LEAST_CLEARANCE_MM
      ? findRoot((value) => of(value) - LEAST_CLEARANCE_MM, NARROWEST_MM, now, 0.01)
      : null;
  const lapel = most((wide) => clearanceOf(wide, height + fall), lapelWidth);
  const collar = lapel?.converged ? null : most((falls) => clearanceOf(lapelWidth, height + falls), fall);
  const found = collar ?? lapel;
  return {
    clearance,
    field: collar ? "fall" : "lapelWidth",
    widest: found?.converged ? found.value : null,
    notch: null,
    breakY: ground.breakPoint.y,
    chest: ground.chest,
    waist: ground.waist,
  };
}

const NARROWEST_MM = 20;
