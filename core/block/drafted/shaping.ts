import { at } from "../../data";
import type { DraftLine, LetteredPoint, StepRecord } from "../../draft";
import { length, lettered, phrase, point } from "../../draft";
import {
  along,
  directionTo,
  distance,
  fairCurve,
  lengthAtHeight,
  lerp,
  line,
  lineCubic,
  type Path,
  type Point,
  pathLength,
  rotateDirection,
  step,
  subpath,
} from "../../geometry";
import { type DartLegs, dartLine, type ShoulderDart, type Side } from "../half";
import { type BlockChoices, type BlockMeasures, isPrincess } from "./choices";
import { type HalfCurves, shoulderDart } from "./curves";
import type { BlockPlan } from "./plan";

/** The front dart stops this far below the bust point, so that it does not end on it (common practice, no source). */
const BELOW_BUST_POINT_MM = 25.4;
/** A princess line from the armhole leaves it 4 in below the shoulder point (common practice, no source). */
const PRINCESS_DOWN_ARMHOLE_MM = 4 * 25.4;
/** A dart shorter than this above the waist shapes nothing. Our own limit. */
const LEAST_DART_MM = 20;

export type ShapedHalf = {
  readonly acts: readonly StepRecord[];
  readonly lines: readonly DraftLine[];
  readonly shoulderDart: ShoulderDart | null;
  readonly waistDarts: readonly DartLegs[];
};

/** Darts and princess lines of a half, with the acts that draw them. */
export function shapeHalf(
  side: Side,
  plan: BlockPlan,
  choices: BlockChoices,
  body: BlockMeasures,
  curves: HalfCurves,
): ShapedHalf {
  if (choices.style === "dropped") return { acts: [], lines: [], shoulderDart: null, waistDarts: [] };
  const waist = choices.shaping === "none" ? null : waistDart(side, plan, choices, body);
  const shoulder =
    side === "front"
      ? choices.shaping === "shoulder-darts" && frontShoulderDart(plan, choices, body, curves)
      : shoulderDart("back", choices) > 0 && backShoulderDart(plan, choices, curves);
  const princess = isPrincess(choices.shaping) ? princessLine(side, plan, choices, body, curves) : null;
  const shaped = [waist, shoulder || null, princess].filter((one) => one !== null);
  return {
    acts: shaped.map((one) => one.act),
    lines: shaped.flatMap((one) => one.act.lines ?? []),
    shoulderDart: (shoulder || null)?.dart ?? null,
    waistDarts: waist ? waist.legs : [],
  };
}

type Shape = {
  readonly act: StepRecord;
  readonly dart: ShoulderDart | null;
  readonly legs: readonly DartLegs[];
};

function waistDart(side: Side, plan: BlockPlan, { dartIntake }: BlockChoices, body: BlockMeasures): Shape | null {
  const { inner, outer, underbust } = plan.dart;
  const x = body.bustSpan / 2;
  const top = side === "front" ? Math.max(plan.bustLevel + BELOW_BUST_POINT_MM, plan.chestLevel) : plan.chestLevel;
  if (dartIntake <= 0 || Math.min(plan.waistLevel, plan.hemLevel) - top < LEAST_DART_MM) return null;
  const closed = Math.max(plan.hipLevel - plan.dart.aboveHip, plan.waistLevel + LEAST_DART_MM);
  const isClosed = plan.hemLevel >= closed;
  const p = { x, y: top };
  const q = { x: x - inner, y: plan.waistLevel };
  const r = { x: x + outer, y: plan.waistLevel };
  const points: LetteredPoint[] = [
    lettered("P", "top of the waist dart", p),
    lettered("Q", "inner waist of the dart", q),
    lettered("R", "outer waist of the dart", r),
  ];
  const foot = { x, y: closed };
  if (isClosed) points.push(lettered("S", "bottom of the waist dart", foot));
  // Under the bust a fitted dart is as wide as what the block holds too much there, shared as at the waist.
  const isFittedAbove =
    side === "front" &&
    underbust !== null &&
    plan.underbustLevel > top + LEAST_DART_MM &&
    plan.underbustLevel < plan.waistLevel;
  const under = (share: number, way: 1 | -1) =>
    isFittedAbove && underbust !== null ? [{ x: x + way * underbust * share, y: plan.underbustLevel }] : [];
  const leg = (waist: Point, above: readonly Point[]): Path => {
    const stops = [p, ...above, waist, foot];
    const whole = stops.slice(1).map((to, i) => lineCubic(stops[i] ?? to, to));
    return isClosed ? whole : subpath(whole, 0, lengthAtHeight(whole, plan.hemLevel));
  };
  const legs: DartLegs = {
    inner: leg(q, under(inner / dartIntake, -1)),
    outer: leg(r, under(outer / dartIntake, 1)),
  };
  return {
    dart: null,
    legs: [legs],
    act: {
      text: phrase`From the centre line out ${length(x)}, half the bust-point distance, draw the waist dart: top ${point("P")} ${
        side === "front" ? phrase`${length(BELOW_BUST_POINT_MM)} below the bust point` : phrase`on the chest line`
      }, ${length(dartIntake)} wide at the waist, ${point("Q")} to ${point("R")}${
        isClosed ? phrase`, closed at ${point("S")} ${length(plan.dart.aboveHip)} above the hip` : []
      }.`,
      points,
      lines: [
        { id: `${side}.dartInner`, kind: "seam", path: legs.inner },
        { id: `${side}.dartOuter`, kind: "seam", path: legs.outer },
      ],
    },
  };
}

/** Half of the seam lies on each side of a dart from the middle of the shoulder to above the bust point. */
function frontShoulderDart(plan: BlockPlan, choices: BlockChoices, body: BlockMeasures, curves: HalfCurves): Shape {
  const intake = shoulderDart("front", choices);
  const { neckPoint, shoulderPoint } = curves;
  const whole = distance(neckPoint, shoulderPoint);
  const inner = lerp(neckPoint, shoulderPoint, (whole - intake) / 2 / whole);
  const outer = lerp(neckPoint, shoulderPoint, (whole + intake) / 2 / whole);
  const apex = { x: body.bustSpan / 2, y: Math.max(plan.bustLevel, outer.y + LEAST_DART_MM) };
  return {
    dart: { inner, outer, apex },
    legs: [],
    act: {
      text: phrase`Shoulder dart: at the middle of the shoulder mark ${point("T")} and, ${length(intake)} further out, ${point("V")}; rule both to the bust point ${point("W")}, ${length(apex.x)} from the centre line.`,
      points: [
        lettered("T", "inner leg of the shoulder dart", inner),
        lettered("V", "outer leg of the shoulder dart", outer),
        lettered("W", "bust point", apex),
      ],
      lines: [dartLine("front.shoulderDart", inner, apex, outer)],
      tapeCheck: phrase`the shoulder less the dart measures ${length(whole - intake)}`,
    },
  };
}

/** 3 in long (common practice, no source), and never down to the chest line. */
const BACK_DART_MM = 76.2;
const BACK_DART_SHARE = 0.6;

/** Square to the shoulder from its middle, towards the shoulder blade. */
function backShoulderDart(plan: BlockPlan, choices: BlockChoices, { neckPoint, shoulderPoint }: HalfCurves): Shape {
  const intake = shoulderDart("back", choices);
  const whole = distance(neckPoint, shoulderPoint);
  const beside = (by: number) => lerp(neckPoint, shoulderPoint, 0.5 + by / whole);
  const [inner, middle, outer] = [beside(-intake / 2), beside(0), beside(intake / 2)];
  const long = Math.min(BACK_DART_MM, (plan.chestLevel - middle.y) * BACK_DART_SHARE);
  const apex = step(middle, rotateDirection(directionTo(neckPoint, shoulderPoint), Math.PI / 2), long);
  return {
    dart: { inner, outer, apex },
    legs: [],
    act: {
      text: phrase`Back shoulder dart: at the middle of the shoulder mark ${point("X")} and, ${length(intake)} further out, ${point("Y")}; square to the shoulder between them go down ${length(long)} to ${point("Z")}, and rule both to it.`,
      points: [
        lettered("X", "inner leg of the back shoulder dart", inner),
        lettered("Y", "outer leg of the back shoulder dart", outer),
        lettered("Z", "point of the back shoulder dart", apex),
      ],
      lines: [dartLine("back.shoulderDart", inner, apex, outer)],
      tapeCheck: phrase`the shoulder less the dart measures ${length(whole - intake)}`,
    },
  };
}

/** A seam from the shoulder or the armhole over the bust point (at the back, over the dart's top) to the waist dart. */
function princessLine(
  side: Side,
  plan: BlockPlan,
  choices: BlockChoices,
  body: BlockMeasures,
  curves: HalfCurves,
): Shape {
  const isFromShoulder = choices.shaping === "princess-shoulder";
  const start = isFromShoulder
    ? lerp(curves.neckPoint, curves.shoulderPoint, 0.5)
    : along(curves.armhole, Math.min(PRINCESS_DOWN_ARMHOLE_MM, pathLength(curves.armhole) * 0.6)).point;
  const turn: Point = {
    x: body.bustSpan / 2,
    y: side === "front" ? Math.max(plan.bustLevel, start.y + LEAST_DART_MM) : plan.chestLevel,
  };
  const over = seamOver(start, turn);
  const dart = waistDart(side, plan, choices, body);
  const top = dart?.act.points?.[0]?.at;
  // On straight into the dart, whose top lies below the bust point.
  const path: Path = top && top.y - turn.y > 0.01 ? [...over, ...line(turn, top)] : over;
  return {
    dart: null,
    legs: [],
    act: {
      text: phrase`Princess line: from ${point("T")}, ${
        isFromShoulder
          ? phrase`the middle of the shoulder`
          : phrase`${length(PRINCESS_DOWN_ARMHOLE_MM)} down the armhole from the shoulder point`
      }, curve to ${point("W")} ${side === "front" ? "at the bust point" : "above the dart"} and on into the waist dart.`,
      points: [
        lettered("T", "top of the princess line", start),
        lettered("W", side === "front" ? "bust point" : "turn of the princess line", turn),
      ],
      lines: [{ id: `${side}.princess`, kind: "seam", path }],
      tapeCheck: phrase`the princess line measures ${length(pathLength(over))} to ${point("W")}`,
    },
  };
}

/** From a start, bowed a little to the side it comes from, and straight down where it arrives. */
function seamOver(start: Point, end: Point): Path {
  const fall = end.y - start.y;
  const [p0, p1, , p3] = at(fairCurve([start, end]), 0);
  return [[p0, p1, { x: p3.x, y: p3.y - fall * 0.45 }, p3]];
}
