import { add, endOf, line, lineCubic, mapPath, type Path, type Point } from "../../geometry";
import { isPrincess } from "../drafted";
import type { Side } from "../half";
import { type DartedFront, placeBustDart } from "./bust-dart";
import { necklineOf } from "./neck-shape";
import { centreBack, downTo, sideToHip } from "./sides";
import type { FittedPlan } from "./solve";
import type { FittedTask } from "./task";
import { LEAST_DART_HEIGHT_MM, type WaistDart } from "./waist-darts";

/** Where everything of a fitted block lies on the sheet: the plan moved so that the front's side neck point lies at level 0. */
export type FittedSheet = {
  readonly task: FittedTask;
  readonly plan: FittedPlan;
  /** How much lower the hem lies at the centre front than at the side; and at the centre back. Negative: higher. */
  readonly hemDrop: Readonly<Record<Side, number>>;
  readonly levels: {
    readonly chest: number;
    readonly bust: number;
    readonly underbust: number;
    readonly waist: number;
    readonly hip: number;
    readonly hem: number;
  };
  readonly front: DartedFront;
  readonly backArmhole: Path;
  readonly backSide: Path;
  readonly neckline: Readonly<Record<Side, Path>>;
  readonly shoulder: Readonly<Record<Side, Path>>;
  readonly centre: Readonly<Record<Side, Path>>;
  readonly waistDarts: Readonly<Record<Side, readonly WaistDart[]>>;
};

/** Bust point to under-bust where it was not read; from memory. */
const UNDERBUST_BELOW_BUST_MM = 76;
/** The front dart stops this far below the bust point; a waist dart closes this far above the hip (common practice, no source). */
const BELOW_BUST_POINT_MM = 25;
const ABOVE_HIP_MM = 38;
export function layOut(task: FittedTask, plan: FittedPlan): FittedSheet {
  const { choices, typed } = task;
  const by: Point = { x: 0, y: -plan.neckPoint.front.y };
  const here = (p: Point) => add(p, by);
  const movedPath = (path: Path) => mapPath(path, here);
  const waist = typed.waistLevel ?? plan.waistLevel + by.y;
  const hip = typed.hipLevel ?? plan.hipLevel + by.y;
  const bust = plan.bustPoint.y + by.y;
  const hem = hemLevel(task, waist, hip, plan);
  const levels = {
    chest: plan.underarm.back.y + by.y,
    bust: typed.bustLevel ?? bust,
    underbust: typed.underbustLevel ?? bust + (task.underbustBelow ?? UNDERBUST_BELOW_BUST_MM),
    waist,
    hip,
    hem,
  };
  const lowest = Math.max(plan.underarm.front.y, plan.underarm.back.y) + by.y;
  const side = (which: Side): Path => {
    const underarm = here(plan.underarm[which]);
    const solved = sideToHip(
      underarm,
      plan.widths[which],
      { backLength: waist, waistToHip: hip - waist },
      Math.max(bust, lowest),
    );
    return downTo(solved, hem);
  };
  const closed = {
    neckPoint: here(plan.neckPoint.front),
    tip: here(plan.tip.front),
    armhole: movedPath(plan.armhole.front),
    levelArmhole: movedPath(plan.levelArmhole),
    levelSide: side("front"),
    bustPoint: here(plan.bustPoint),
    dart: plan.dart,
    dartShort: choices.dartShort,
    sideDartBelow: choices.sideDartBelow,
  };
  const front = placeBustDart(closed, choices.bustDart);
  const shoulder = { front: front.shoulder, back: line(here(plan.neckPoint.back), here(plan.tip.back)) };
  const necks = (which: Side) =>
    necklineOf(which, task, {
      neck: here(plan.neckPoint[which]),
      depth: plan.neck.depth[which],
      angle: plan.angle[which],
      shoulder: shoulder[which],
      hem,
    });
  const [frontNeck, backNeck] = [necks("front"), necks("back")];
  const gathered = task.gathered;
  // Gathers hang as they will: their hem is cut straight.
  const hemDrop = {
    front: (gathered.front > 0 ? 0 : plan.frontWaistDrop) + task.frontHemDrop,
    back: -task.backWaistRise,
  };
  const centreOf = (which: Side, from: Point): Path => {
    const out = -gathered[which];
    const drop = hemDrop[which];
    if (out < 0) {
      const turn = { x: out, y: from.y };
      return [lineCubic(from, turn), lineCubic(turn, { x: out, y: hem + drop })];
    }
    if (which === "front" || plan.widths.back.centre === 0) return line(from, { x: 0, y: hem + drop });
    const shaped = centreBack(from, {
      centre: plan.widths.back.centre,
      from: Math.max(plan.middle.back.y + by.y, from.y + 10),
      body: { backLength: waist + drop, waistToHip: hip - waist },
    });
    return downTo(shaped, hem + drop);
  };
  return {
    task,
    plan,
    hemDrop,
    levels,
    front,
    backArmhole: movedPath(plan.armhole.back),
    backSide: side("back"),
    neckline: { front: frontNeck.neckline, back: backNeck.neckline },
    shoulder: { front: frontNeck.shoulder, back: backNeck.shoulder },
    centre: { front: centreOf("front", endOf(frontNeck.neckline)), back: centreOf("back", endOf(backNeck.neckline)) },
    waistDarts: { front: waistDarts("front", plan, task, levels), back: waistDarts("back", plan, task, levels) },
  };
}

/** Where the hem lies below the front's side neck point: as typed, or by where the bodice ends. */
export function hemLevel({ typed, length, body }: FittedTask, waist: number, hip: number, plan: FittedPlan): number {
  if (typed.length !== undefined) return typed.length;
  const nape = -plan.neckPoint.front.y;
  switch (length) {
    case "waist":
      return waist;
    case "hip":
      return hip;
    case "below-hip":
      return waist + (hip - waist) * BELOW_HIP_SHARE;
    case "knee":
      return nape + KNEE_SHARE * body.height;
  }
}

/** Shirt and jacket reach a third of the way to the hip beyond it; a dress 0.575 of the height below the nape (from memory). */
const BELOW_HIP_SHARE = 1.35;
const KNEE_SHARE = 0.575;

function waistDarts(
  which: Side,
  plan: FittedPlan,
  { body, choices, typed, dartIntake }: FittedTask,
  levels: FittedSheet["levels"],
): readonly WaistDart[] {
  const solved = plan.widths[which].darts;
  const hasPrincess = isPrincess(choices.bustDart);
  const total = solved.reduce((sum, width) => sum + width, 0);
  // A princess seam takes up what two darts would; so does a waist that is the hem.
  const isOne = hasPrincess || levels.hem < levels.hip || choices.bustDart === "waist";
  const widths = dartIntake !== null ? [dartIntake] : total > 0 && isOne ? [total] : solved;
  const first = widths[0];
  if (first === undefined || first <= 0) return [];
  const bustX = body.bustSpan / 2;
  const bust = plan.bustPoint.y - plan.neckPoint.front.y;
  const lowest = Math.max(plan.underarm.front.y, plan.underarm.back.y) - plan.neckPoint.front.y;
  const net = plan.widths[which].waist + total + plan.widths[which].centre;
  const x =
    which === "front" ? bustX : hasPrincess ? bustX : plan.widths.back.centre + (net - plan.widths.back.centre) / 2;
  const top =
    which === "front"
      ? hasPrincess || choices.bustDart === "waist"
        ? Math.max(bust, lowest)
        : Math.max(bust + BELOW_BUST_POINT_MM, lowest)
      : Math.max(bust, lowest);
  const foot = Math.max(levels.hip - (typed.dartAboveHip ?? ABOVE_HIP_MM), levels.waist + LEAST_DART_HEIGHT_MM);
  if (Math.min(levels.waist, levels.hem) - top < LEAST_DART_HEIGHT_MM) return [];
  const common = { waist: levels.waist, foot };
  const inner = typed.dartInner ?? first / 2;
  const main: WaistDart = { ...common, x, width: first, inner: Math.min(inner, first), top };
  const second = widths[1];
  if (second === undefined || second <= 0) return [main];
  // The second one stands between the first and the side, a little shorter.
  const out = plan.underarm[which].x - plan.widths[which].side;
  const start = x + first / 2;
  const beside = start + (out - start) * SECOND_PLACE;
  return [
    main,
    {
      ...common,
      x: beside,
      width: second,
      inner: second / 2,
      top: top + (levels.waist - top) * 0.2,
      foot: foot - (foot - levels.waist) * 0.2,
    },
  ];
}

const SECOND_PLACE = 0.4;
