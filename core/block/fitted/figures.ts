import { type Figure, length, type Phrase, phrase } from "../../draft";
import { along, DEGREE, distance, pathLength } from "../../geometry";
import type { BodiceHalf, Level, Side } from "../half";
import { measureBlock } from "../measured";
import type { FittedSheet } from "./lay-out";

const RULE = "Fitted block";

const solved = (id: string, label: string, value: number, formula: Phrase): Figure => ({
  id,
  label,
  value,
  kind: "length",
  formula,
  rule: RULE,
  source: "solved",
});

const typedOr = (typed: number | undefined | null, formula: Phrase): Phrase =>
  typed === undefined || typed === null ? formula : phrase`as typed; ${formula}`;

/** Every figure of a fitted block with what it follows from, and what its finished lines measure against what they were to. */
export function fittedFigures(sheet: FittedSheet, halves: Readonly<Record<Side, BodiceHalf>>): readonly Figure[] {
  const { task, plan, levels, front } = sheet;
  const { body, ease, typed, neck } = task;
  const around = phrase`both halves of both necklines measure neck base ${length(body.neckBase)} + ${length(ease.neckline)}`;
  const nape = -plan.neckPoint.front.y;
  return [
    solved("block.neck.width", "Neck width", neck.back.width ?? plan.neck.width.back, typedOr(neck.back.width, around)),
    solved(
      "block.neck.frontWidth",
      "Front neck width",
      neck.front.width ?? plan.neck.width.front,
      typedOr(neck.front.width, around),
    ),
    solved(
      "block.neck.backDepth",
      "Back neck depth",
      neck.back.depth ?? plan.neck.depth.back,
      typedOr(
        neck.back.depth,
        phrase`0.054 of neck base ${length(body.neckBase)}, from ${length(15)} to ${length(25)}`,
      ),
    ),
    solved(
      "block.neck.frontDepth",
      "Front neck depth",
      neck.front.depth ?? plan.neck.depth.front,
      typedOr(neck.front.depth, phrase`1.1 of the neck’s width`),
    ),
    {
      ...solved(
        "block.shoulder.slope",
        "Shoulder slope",
        0,
        phrase`as measured; the back slopes 2° less, the front 2° more`,
      ),
      kind: "angle",
      value: body.shoulderSlope / DEGREE,
    },
    solved(
      "block.inset.back",
      "Back armhole set in",
      plan.tip.back.x - plan.middle.back.x,
      phrase`across back ${length(body.backWidth)} + ease ${length(ease.acrossBack)}, half of it, against the shoulder point`,
    ),
    solved(
      "block.inset.front",
      "Front armhole set in",
      plan.tip.front.x - plan.middle.front.x,
      phrase`across front ${length(body.frontWidth)} + ease ${length(ease.acrossFront)}, half of it, against the shoulder point`,
    ),
    solved(
      "block.chestLevel",
      "Chest line below the shoulder line",
      levels.chest,
      phrase`both armholes measure armscye girth ${length(body.armholeGirth)} + ${length(ease.armhole)}`,
    ),
    solved(
      "block.bustLevel",
      "Bust below the shoulder line",
      levels.bust,
      phrase`neck to bust point ${length(body.frontToBust)}`,
    ),
    solved(
      "block.underbustLevel",
      "Under-bust below the shoulder line",
      levels.underbust,
      phrase`below the bust point`,
    ),
    solved(
      "block.waistLevel",
      "Waist below the shoulder line",
      levels.waist,
      phrase`nape ${length(nape)} below the front’s neck point + nape to waist ${length(body.backLength)}`,
    ),
    solved(
      "block.hipLevel",
      "Hip below the shoulder line",
      levels.hip,
      phrase`waist to hip ${length(body.waistToHip)}`,
    ),
    solved("block.length", "Length", levels.hem, typedOr(typed.length, phrase`below the front’s side neck point`)),
    solved(
      "block.quarter.front",
      "Front at the chest line",
      plan.underarm.front.x,
      phrase`of bust ${length(body.bust)} + ease ${length(ease.bust)}, so that the back has 47 of 100 of the width under the arm`,
    ),
    solved("block.quarter.back", "Back at the chest line", plan.underarm.back.x, phrase`the rest of the bust’s half`),
    {
      ...solved(
        "block.bustDart",
        "Bust dart",
        0,
        body.frontToWaist === null
          ? phrase`half of bust ${length(body.bust)} − upper bust ${length(body.upperBust)}, over the height from across front to the bust point`
          : phrase`the front length ${length(body.frontToWaist)} measured; the back armhole is longer than the front one by ${length(halves.back.armhole.length - halves.front.armhole.length)}`,
      ),
      kind: "angle",
      value: plan.dart / DEGREE,
    },
    solved(
      "block.bustDart.mouth",
      "Bust dart where it opens",
      mouthOf(halves.front) ?? front.mouth,
      phrase`the dart’s angle at the edge that it is sewn in`,
    ),
    solved(
      "block.frontLength",
      "Side neck point to waist, drafted",
      plan.frontLength,
      body.frontToWaist === null
        ? phrase`as the dart and the balance of both armholes ask`
        : phrase`measured ${length(body.frontToWaist)}`,
    ),
    ...(sheet.waistDarts.front[0]
      ? [
          solved(
            "block.dart.inner",
            "Waist dart towards the centre",
            sheet.waistDarts.front[0].inner,
            phrase`half of the dart`,
          ),
          solved(
            "block.dart.aboveHip",
            "Waist dart closes above the hip",
            levels.hip - sheet.waistDarts.front[0].foot,
            phrase`usual`,
          ),
        ]
      : []),
    ...gatheredFigures(sheet),
    ...metFigures(sheet, halves),
  ];
}

function gatheredFigures({ task, plan }: FittedSheet): readonly Figure[] {
  const sides: readonly Side[] = ["front", "back"];
  return sides.flatMap((side) =>
    task.gathered[side] > 0
      ? [
          solved(
            `block.gathered.${side}`,
            side === "front" ? "Front half with its gathers" : "Back half with its gathers",
            plan.underarm[side].x + task.gathered[side],
            phrase`${length(plan.underarm[side].x)} + ${length(task.gathered[side])} to gather`,
          ),
        ]
      : [],
  );
}

/** What the finished lines measure, each against its target: the miss stands beside it. */
function metFigures(
  { task, levels, plan, front }: FittedSheet,
  halves: Readonly<Record<Side, BodiceHalf>>,
): readonly Figure[] {
  const { body, ease, choices } = task;
  const named: readonly Level[] = [
    { id: "bust", name: "Bust", y: levels.bust },
    { id: "waist", name: "Waist", y: levels.waist },
    { id: "hip", name: "Hip", y: levels.hip },
  ];
  const measured = measureBlock({ ...halves, depth: 0, levels: named, drafts: [], figures: [], solvers: [] });
  const met = (id: string, label: string, value: number | null, asked: number, eased: number): readonly Figure[] =>
    value === null
      ? []
      : [
          {
            id: `block.fit.${id}`,
            label,
            value,
            kind: "length",
            formula: phrase`measured on the finished lines; the body’s ${length(asked)} + ease ${length(eased)} = ${length(asked + eased)}`,
            rule: RULE,
            source: "geometry",
          },
          {
            id: `block.miss.${id}`,
            label: `${label}, missed by`,
            value: value - asked - eased,
            kind: "length",
            formula: phrase`${length(value)} − ${length(asked + eased)}`,
            rule: RULE,
            source: "geometry",
          },
        ];
  // A dart that stays as ease makes the front armhole longer by as much.
  const asEase =
    front.mouth === 0 && front.atWaist === 0 ? pathLength(plan.levelArmhole) - pathLength(plan.armhole.front) : 0;
  const isBodyNeck = [task.neck.front, task.neck.back].every(
    ({ width, depth, shape, higher }) => width === null && depth === null && shape === "round" && higher === 0,
  );
  const isFitted = choices.silhouette === "fitted" && choices.waistShare === 1 && task.dartIntake === null;
  return [
    ...(isBodyNeck ? met("neckline", "Neckline, whole", measured.neckline, body.neckBase, ease.neckline) : []),
    ...met("armhole", "Armhole, whole", measured.armhole, body.armholeGirth, ease.armhole + asEase),
    ...met("bust", "Block at the bust", measured.bust, body.bust, ease.bust),
    ...(isFitted ? met("waist", "Block at the waist", measured.waist, body.waist, ease.waist) : []),
    ...met("hip", "Block at the hip", measured.hip, body.hip, ease.hip),
  ];
}

/** How wide a dart opens that is turned to the neck. */
function mouthOf({ neckTurn, bust, neckline }: BodiceHalf): number | null {
  if (!neckTurn || !bust) return null;
  return 2 * Math.sin(bust.dart / 2) * distance(bust.bustPoint, along(neckline.path, neckTurn.at).point);
}
