import { type DraftLine, type Figure, length, lettered, phrase, point, type StepRecord, toSide } from "../../draft";
import { distance, endOf, line, type Path, pathLength, SEEN_MM } from "../../geometry";
import type { Side } from "../half";
import { necklineHalf, USUAL_FULLNESS } from "../neckline-curve";
import type { BlockChoices } from "./choices";
import { type HalfCurves, hemOf, waistOut } from "./curves";
import type { BlockPlan } from "./plan";
import type { ShapedHalf } from "./shaping";

type Drawn = {
  readonly side: Side;
  readonly plan: BlockPlan;
  readonly choices: BlockChoices;
  readonly curves: HalfCurves;
  readonly shaped: ShapedHalf;
};

/** An off-shoulder top is cut straight across this far below the shoulder line (common practice, no source). */
const OFF_SHOULDER_LEVEL_MM = 6 * 25.4;

/** The acts of drafting one half, from the first line to the darts. The figures belong to the back, which is drafted first. */
export function halfSteps(drawn: Drawn): readonly StepRecord[] {
  return [
    frameStep(drawn),
    neckStep(drawn),
    shoulderStep(drawn),
    necklineStep(drawn),
    widthStep(drawn),
    armholeStep(drawn),
    ...waistAndHipSteps(drawn),
    sideStep(drawn),
    ...drawn.shaped.acts,
    ...buttonStandStep(drawn),
    ...gatherStep(drawn),
    ...offShoulderStep(drawn),
  ];
}

function frameStep({ side, plan, curves }: Drawn): StepRecord {
  const widest = Math.max(curves.underarm.x, curves.shoulderPoint.x, endOf(curves.sideSeam).x);
  const level = (id: string, y: number): DraftLine => ({
    id: `${side}.${id}`,
    kind: "guide",
    path: line({ x: 0, y }, { x: widest, y }),
  });
  const hasWaist = plan.hemLevel >= plan.waistLevel;
  const hasHip = plan.hemLevel > plan.waistLevel && plan.hemLevel >= plan.hipLevel;
  return {
    text: phrase`Fold the paper: the fold is the centre ${side}. On it mark ${point("A")}, the shoulder line, and below it ${point("F")} at ${length(plan.chestLevel)} for the chest line${hasWaist ? phrase`, ${point("H")} at ${length(plan.waistLevel)} for the waist` : []}${hasHip ? phrase`, ${point("K")} at ${length(plan.hipLevel)} for the hip` : []}${plan.hemLevel === plan.hipLevel || plan.hemLevel === plan.waistLevel ? [] : phrase`, and the hem at ${length(plan.hemLevel)}`}. Square out from each.`,
    points: [
      lettered("A", "shoulder line on the centre", { x: 0, y: 0 }),
      lettered("F", "chest line on the centre", { x: 0, y: plan.chestLevel }),
      ...(hasWaist ? [lettered("H", "waist on the centre", { x: 0, y: plan.waistLevel })] : []),
      ...(hasHip ? [lettered("K", "hip on the centre", { x: 0, y: plan.hipLevel })] : []),
    ],
    lines: [
      level("shoulderLine", 0),
      level("chestLine", plan.chestLevel),
      ...(hasWaist ? [level("waistLine", plan.waistLevel)] : []),
      ...(hasHip ? [level("hipLine", plan.hipLevel)] : []),
      { id: `${side}.centre`, kind: "seam", path: curves.centre },
    ],
    figures: figuresFor(side, plan, [
      "block.chestLevel",
      "block.bustLevel",
      "block.underbustLevel",
      "block.waistLevel",
      "block.hipLevel",
      "block.length",
    ]),
  };
}

function neckStep({ side, plan }: Drawn): StepRecord {
  const level = plan.neckLevel[side];
  const [width, depth] = [plan.neckWidth[side], plan.neckDepth[side]];
  return {
    text: phrase`From ${point("A")} out ${length(width)}${level < 0 ? toSide(-level, { more: (by) => phrase` and up ${by}, as the back stands higher`, less: () => [], none: [] }) : []}, mark ${point("B")}, the side neck point; ${level < 0 ? phrase`below its level by` : phrase`from ${point("A")} down`} ${length(depth)}, mark ${point("C")}.`,
    points: [
      lettered("B", "side neck point", { x: width, y: level }),
      lettered("C", `neck at the centre ${side}`, { x: 0, y: level + depth }),
    ],
    figures: figuresFor(side, plan, [
      "block.neck.width",
      "block.neck.frontWidth",
      "block.neck.backDepth",
      "block.neck.frontDepth",
    ]),
  };
}

function shoulderStep({ side, plan, choices, curves }: Drawn): StepRecord {
  const { neckPoint, shoulderPoint } = curves;
  const seam = line(neckPoint, shoulderPoint);
  const isExtended = distance(shoulderPoint, { x: plan.shoulderOut, y: neckPoint.y + plan.slope[side] }) > SEEN_MM;
  // Where the back stands higher its neck point lies above the shoulder line, and the slope is measured from there.
  const down = neckPoint.y + plan.slope[side];
  return {
    text: phrase`From ${point("A")} out ${length(plan.shoulderOut)} and ${toSide(down, { more: (by) => phrase`down ${by}`, less: (by) => phrase`up ${by}`, none: phrase`level with it` })}${
      isExtended
        ? phrase`; rule from ${point("B")} through there and on to ${point("D")}`
        : phrase`, mark ${point("D")}; rule ${point("B")} to ${point("D")}`
    }${choices.shoulderExtension > 0 ? phrase`, ${length(choices.shoulderExtension)} beyond the shoulder point for the drop` : []}.`,
    points: [lettered("D", "shoulder point", shoulderPoint)],
    lines: [{ id: `${side}.shoulder`, kind: "seam", path: seam }],
    tapeCheck: phrase`${point("B")} to ${point("D")} measures ${length(pathLength(seam))}`,
    figures: figuresFor(side, plan, ["block.shoulder.half"]),
  };
}

function necklineStep({ side, plan, choices, curves }: Drawn): StepRecord {
  const isV = side === "front" && (choices.neckShape === "v" || choices.neckShape === "v-hollow");
  const isSquare = side === "front" && choices.neckShape === "square";
  const compared: DraftLine[] = isV
    ? [
        {
          id: "front.roundNeckline",
          kind: "guide",
          path: [necklineHalf(plan.neckWidth.front, plan.neckWidth.front, USUAL_FULLNESS.front, curves.shoulderAngle)],
        },
      ]
    : [];
  return {
    text: isV
      ? choices.neckShape === "v"
        ? phrase`Rule ${point("B")} to ${point("C")}: the V. A round neck is drawn in lightly beside it, to compare.`
        : phrase`Draw the V from ${point("B")} to ${point("C")}, hollowed a little outwards at its middle. A round neck is drawn in lightly beside it, to compare.`
      : isSquare
        ? phrase`Rule the square neck from ${point("B")} straight down to the level of ${point("C")}, and across to it.`
        : phrase`Draw the neckline from ${point("B")}, square to the shoulder, round to ${point("C")}, square to the fold.`,
    lines: [...compared, { id: `${side}.neckline`, kind: "seam", path: curves.neckline }],
    tapeCheck: phrase`the half neckline measures ${length(pathLength(curves.neckline))}`,
  };
}

function widthStep({ side, plan }: Drawn): StepRecord {
  return {
    text: phrase`On the chest line from ${point("F")} out ${length(plan.chestQuarter)}, mark ${point("G")}, the underarm.`,
    points: [lettered("G", "underarm", { x: plan.chestQuarter, y: plan.chestLevel })],
    figures: figuresFor(side, plan, ["block.quarter.chest"]),
  };
}

function armholeStep({ side, plan, curves }: Drawn): StepRecord {
  return {
    text: phrase`Half way down from ${point("D")} to the chest line mark ${point("E")}, ${toSide(plan.inset[side], {
      more: (by) => phrase`${by} inside the shoulder point`,
      less: (by) => phrase`${by} outside the shoulder point`,
      none: phrase`straight below the shoulder point`,
    })}. Draw the armhole from ${point("D")}, square to the shoulder, through ${point("E")} and round to ${point("G")}, square to the side.`,
    points: [lettered("E", "middle of the armhole", curves.middle)],
    lines: [{ id: `${side}.armhole`, kind: "seam", path: curves.armhole }],
    tapeCheck: phrase`the ${side} armhole measures ${length(pathLength(curves.armhole))}`,
    figures: figuresFor(side, plan, ["block.inset.front", "block.inset.back"]),
  };
}

function waistAndHipSteps({ side, plan, choices }: Drawn): StepRecord[] {
  if (choices.style === "dropped" || choices.sideSeam === "straight" || plan.hemLevel < plan.waistLevel) return [];
  const hasHip = plan.hemLevel > plan.waistLevel && plan.hemLevel >= plan.hipLevel;
  const waist = waistOut(side, plan, choices, { x: plan.chestQuarter, y: plan.chestLevel }) ?? 0;
  return [
    {
      text: phrase`On the waist line from ${point("H")} out ${length(waist)}${choices.sideSeam === "half" ? ", half fitted" : ""}, mark ${point("J")}${
        hasHip ? phrase`; on the hip line from ${point("K")} out ${length(plan.hipQuarter)}, mark ${point("L")}` : []
      }.`,
      points: [
        lettered("J", "waist at the side", { x: waist, y: plan.waistLevel }),
        ...(hasHip ? [lettered("L", "hip at the side", { x: plan.hipQuarter, y: plan.hipLevel })] : []),
      ],
      figures: figuresFor(side, plan, ["block.quarter.waist", "block.quarter.hip"]),
    },
  ];
}

function sideStep({ side, plan, curves, choices }: Drawn): StepRecord {
  return {
    text:
      choices.style === "dropped" || choices.sideSeam === "straight"
        ? phrase`Draw the side seam straight down from ${point("G")} to the hem${plan.hipQuarter > plan.chestQuarter ? ", out to the hip where that is wider" : ""}, and the hem square to the fold.`
        : plan.hemLevel < plan.waistLevel
          ? phrase`Rule the side seam from ${point("G")} towards the waist, ${length(waistOut(side, plan, choices, curves.underarm) ?? 0)} out from the fold there, as far as the hem; draw the hem.`
          : phrase`Rule the side seam from ${point("G")} to ${point("J")}${plan.hemLevel > plan.waistLevel ? phrase` and on to ${plan.hemLevel >= plan.hipLevel ? point("L") : "the hem"}, and blend the waist over an inch or two` : []}${plan.hemLevel > plan.hipLevel ? ", then straight down" : ""}; draw the hem.`,
    lines: [
      { id: `${side}.sideSeam`, kind: "seam", path: curves.sideSeam },
      { id: `${side}.hem`, kind: "seam", path: hemOf(curves) },
    ],
    tapeCheck: phrase`the side seam measures ${length(pathLength(curves.sideSeam))}`,
  };
}

/** Line and step of the button stand: beyond the centre front, from the neck to the hem. */
export function buttonStandLine({ plan, choices }: Pick<Drawn, "plan" | "choices">): DraftLine | null {
  if (choices.buttonStand <= 0) return null;
  const x = -choices.buttonStand;
  const neck = plan.neckDepth.front;
  const path = [...line({ x: 0, y: neck }, { x, y: neck }), ...line({ x, y: neck }, { x, y: plan.hemLevel })];
  return { id: "front.buttonStand", kind: "seam", path };
}

function buttonStandStep({ side, plan, choices }: Drawn): StepRecord[] {
  const stand = side === "front" ? buttonStandLine({ plan, choices }) : null;
  if (!stand) return [];
  return [
    {
      text: phrase`Button stand: draw the front edge ${length(choices.buttonStand)} beyond the centre front, from the neck to the hem.`,
      lines: [stand],
    },
  ];
}

function gatherStep({ side, plan }: Drawn): StepRecord[] {
  const extra = plan.gathered[side];
  if (extra <= 0) return [];
  return [
    {
      text: phrase`Move the fold ${length(extra)} out beyond the centre line: that much is gathered into the ${side} neck.`,
      figures: figuresFor(side, plan, ["block.gathered.front", "block.gathered.back"]),
    },
  ];
}

/** Bodice and sleeve are drafted whole, and both cut away above this line afterwards. */
function offShoulderStep({ side, choices, curves }: Drawn): StepRecord[] {
  if (choices.neckShape !== "off-shoulder") return [];
  const y = Math.min(OFF_SHOULDER_LEVEL_MM, curves.underarm.y - 10);
  const path: Path = line({ x: endOf(curves.centre).x, y }, { x: curves.underarm.x, y });
  return [
    {
      text: phrase`Off the shoulder: rule the cutting line straight across, ${length(y)} below the shoulder line. Bodice and sleeve are cut away above it once the sleeve fits.`,
      lines: [{ id: `${side}.offShoulder`, kind: "guide", path }],
    },
  ];
}

function figuresFor(side: Side, plan: BlockPlan, ids: readonly string[]): readonly Figure[] {
  const own = side === "back" ? ids.filter((id) => !id.includes("front")) : ids.filter((id) => id.includes("front"));
  return plan.figures.filter((figure) => own.includes(figure.id));
}
