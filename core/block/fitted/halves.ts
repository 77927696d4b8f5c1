import type { DraftLine } from "../../draft";
import { add, along, directionTo, endOf, lerp, line, pathLength, rotateDirection, startOf, step } from "../../geometry";
import { isPrincess } from "../drafted";
import { armholeCurve, armholeDartLegs, type BodiceHalf, curve, type DartLegs, dartLine } from "../half";
import type { FittedSheet } from "./lay-out";
import { princessAbove } from "./princess";
import { type DrawnDart, princessBelow, waistDartLines } from "./waist-darts";

/** A back shoulder dart is 3 in long (common practice, no source). */
const BACK_DART_MM = 76.2;

export function frontHalf(sheet: FittedSheet): BodiceHalf {
  const { front, levels, plan, task, hemDrop } = sheet;
  const bustPoint = add(plan.bustPoint, { x: 0, y: -plan.neckPoint.front.y });
  const half: BodiceHalf = {
    side: "front",
    neckline: curve(sheet.neckline.front),
    shoulder: curve(sheet.shoulder.front),
    armhole: armholeCurve(front.armhole, front.armholeDart),
    sideSeam: front.sideSeam,
    centre: sheet.centre.front,
    shoulderDart: front.shoulderDart,
    armholeDart: front.armholeDart,
    sideDart: front.sideDart,
    ...neckTurnOf(sheet),
    bust: { bustPoint, dart: front.mouth > 0 || front.atWaist > 0 ? plan.dart : 0, isSideTurned: front.atWaist > 0 },
    isMadeUpBelow: false,
    inner: [],
  };
  const [first] = sheet.waistDarts.front;
  const turn = front.atWaist > 0 ? { about: bustPoint, by: -front.atWaist } : null;
  const open =
    front.atWaist > 0 && !first
      ? { x: bustPoint.x, width: 0, inner: 0, top: bustPoint.y, waist: levels.waist, foot: levels.hip }
      : first;
  const lines: DraftLine[] = [];
  const darts: DartLegs[] = [];
  const draw = ({ legs, lines: own }: DrawnDart) => {
    darts.push(legs);
    lines.push(...own);
  };
  if (front.princess) {
    lines.push(
      ...princessAbove("front", front.princess.inner, front.princess.outer, bustPoint, open?.top ?? bustPoint.y),
    );
    if (open) draw(princessBelow("front", open, levels.hem + Math.max(0, hemDrop.front)));
  } else {
    if (open) draw(waistDartLines("front", 0, open, levels.hem, turn));
    for (const [i, dart] of sheet.waistDarts.front.slice(1).entries())
      draw(waistDartLines("front", i + 1, dart, levels.hem));
    if (half.shoulderDart)
      lines.push(
        dartLine("front.shoulderDart", half.shoulderDart.inner, half.shoulderDart.apex, half.shoulderDart.outer),
      );
    lines.push(...armholeDartLegs(half));
    if (half.sideDart)
      lines.push(dartLine("front.sideDart", endOf(half.sideDart.upper), half.sideDart.apex, startOf(half.sideSeam)));
  }
  const stand = task.buttonStand > 0 ? [standLine(task.buttonStand, sheet)] : [];
  return { ...half, waistDarts: darts, inner: [...lines, ...stand] };
}

/** A dart in the neck opens half way along it (common practice, no source). */
const NECK_SHARE = 0.5;

function neckTurnOf({ front, neckline, task }: FittedSheet): Pick<BodiceHalf, "neckTurn"> {
  const { bustDart } = task.choices;
  if (!front.sideDart || (bustDart !== "neck" && bustDart !== "gathers")) return {};
  return {
    neckTurn: {
      at: pathLength(neckline.front) * NECK_SHARE,
      as: bustDart === "neck" ? "dart" : "gathers",
      short: task.choices.dartShort,
    },
  };
}

function standLine(out: number, { centre, levels, hemDrop }: FittedSheet): DraftLine {
  const neck = startOf(centre.front).y;
  const x = -out;
  return {
    id: "front.buttonStand",
    kind: "seam",
    path: [...line({ x: 0, y: neck }, { x, y: neck }), ...line({ x, y: neck }, { x, y: levels.hem + hemDrop.front })],
  };
}

export function backHalf(sheet: FittedSheet): BodiceHalf {
  const { plan, task, levels } = sheet;
  const shoulder = sheet.shoulder.back;
  const [from, to] = [startOf(shoulder), endOf(shoulder)];
  const isFromShoulder = task.choices.bustDart === "princess-shoulder";
  const hasPrincess = isPrincess(task.choices.bustDart);
  const whole = pathLength(shoulder);
  const wide = plan.backShoulderDart;
  const beside = (by: number) => lerp(from, to, 0.5 + by / whole);
  const long = Math.min(BACK_DART_MM, (levels.chest - beside(0).y) * 0.6);
  const apex = step(beside(0), rotateDirection(directionTo(from, to), Math.PI / 2), long);
  const shoulderDart = wide > 0 ? { inner: beside(-wide / 2), outer: beside(wide / 2), apex } : null;
  const half: BodiceHalf = {
    side: "back",
    neckline: curve(sheet.neckline.back),
    shoulder: curve(shoulder),
    armhole: curve(sheet.backArmhole),
    sideSeam: sheet.backSide,
    centre: sheet.centre.back,
    shoulderDart,
    armholeDart: null,
    isMadeUpBelow: false,
    inner: [],
  };
  const [first, ...others] = sheet.waistDarts.back;
  const lines: DraftLine[] = [];
  const darts: DartLegs[] = [];
  const draw = ({ legs, lines: own }: DrawnDart) => {
    darts.push(legs);
    lines.push(...own);
  };
  if (hasPrincess) {
    const dart = first ?? {
      x: task.body.bustSpan / 2,
      width: 0,
      inner: 0,
      top: levels.chest,
      waist: levels.waist,
      foot: levels.hip,
    };
    const turn = { x: dart.x, y: dart.top };
    const cut = Math.min(101.6, pathLength(sheet.backArmhole) * 0.6);
    const start = isFromShoulder ? beside(0) : along(sheet.backArmhole, cut).point;
    const legs = isFromShoulder && shoulderDart ? shoulderDart : { inner: start, outer: start };
    lines.push(...princessAbove("back", legs.inner, legs.outer, turn, turn.y));
    if (first) draw(princessBelow("back", first, levels.hem));
  } else {
    if (first) draw(waistDartLines("back", 0, first, levels.hem));
    for (const [i, dart] of others.entries()) draw(waistDartLines("back", i + 1, dart, levels.hem));
  }
  if (shoulderDart && !(hasPrincess && isFromShoulder))
    lines.push(dartLine("back.shoulderDart", shoulderDart.inner, apex, shoulderDart.outer));
  return { ...half, waistDarts: darts, inner: lines };
}
