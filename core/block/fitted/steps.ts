import { length, lettered, type Phrase, phrase, point, type StepRecord, toSide } from "../../draft";
import { add, along, endOf, line, type Path, pathLength, startOf } from "../../geometry";
import type { BodiceHalf, Side } from "../half";
import type { FittedSheet } from "./lay-out";

/** The acts of drafting one half of a fitted block, from its frame to its darts. */
export function fittedSteps(side: Side, sheet: FittedSheet, half: BodiceHalf): readonly StepRecord[] {
  return [
    frameStep(side, sheet, half),
    neckStep(side, half),
    shoulderStep(side, half),
    armholeStep(side, sheet, half),
    ...(side === "front" ? bustStep(sheet, half) : []),
    sideStep(side, half),
    ...dartSteps(side, sheet, half),
    ...standSteps(half),
    ...gatherSteps(side, sheet),
  ];
}

function frameStep(side: Side, { levels, plan }: FittedSheet, half: BodiceHalf): StepRecord {
  const widest = Math.max(plan.underarm[side].x, plan.widths[side].hip, plan.tip[side].x);
  const guide = (id: string, y: number) => ({
    id: `${side}.${id}`,
    kind: "guide" as const,
    path: line({ x: 0, y }, { x: widest, y }),
  });
  const hasHip = levels.hem >= levels.hip;
  const hasWaist = levels.hem >= levels.waist;
  const lines = [
    guide("chestLine", levels.chest),
    guide("bustLine", levels.bust),
    ...(hasWaist ? [guide("waistLine", levels.waist)] : []),
    ...(hasHip ? [guide("hipLine", levels.hip)] : []),
    { id: `${side}.centre`, kind: "seam" as const, path: half.centre },
  ];
  const points = [
    lettered("A", "level of the front’s side neck point", { x: 0, y: 0 }),
    lettered("F", "chest line on the centre", { x: 0, y: levels.chest }),
    lettered("G", "bust line on the centre", { x: 0, y: levels.bust }),
    ...(hasWaist ? [lettered("H", "waist on the centre", { x: 0, y: levels.waist })] : []),
    ...(hasHip ? [lettered("K", "hip on the centre", { x: 0, y: levels.hip })] : []),
  ];
  return {
    text: hasHip
      ? phrase`The fold of the paper is the centre ${side}. From ${point("A")} mark down: ${point("F")} at ${length(levels.chest)} for the chest line, ${point("G")} at ${length(levels.bust)} for the bust, ${point("H")} at ${length(levels.waist)} for the waist, ${point("K")} at ${length(levels.hip)} for the hip, and the hem at ${length(levels.hem)}. Square out from each.`
      : hasWaist
        ? phrase`The fold of the paper is the centre ${side}. From ${point("A")} mark down: ${point("F")} at ${length(levels.chest)} for the chest line, ${point("G")} at ${length(levels.bust)} for the bust, ${point("H")} at ${length(levels.waist)} for the waist, and the hem at ${length(levels.hem)}. Square out from each.`
        : phrase`The fold of the paper is the centre ${side}. From ${point("A")} mark down: ${point("F")} at ${length(levels.chest)} for the chest line, ${point("G")} at ${length(levels.bust)} for the bust, and the hem at ${length(levels.hem)}. Square out from each.`,
    points,
    lines,
  };
}

function neckStep(side: Side, half: BodiceHalf): StepRecord {
  const [neck, centre] = [startOf(half.neckline.path), endOf(half.neckline.path)];
  return {
    text: phrase`The side neck point ${point("B")} lies ${length(neck.x)} out from the centre and ${fromA(neck.y)}; the neck at the centre, ${point("C")}, ${fromA(centre.y)}. Draw the neckline between them, level at the centre.`,
    points: [lettered("B", "side neck point", neck), lettered("C", `neck at the centre ${side}`, centre)],
    lines: [{ id: `${side}.neckline`, kind: "seam", path: half.neckline.path }],
    tapeCheck: phrase`the half neckline measures ${length(half.neckline.length)}`,
  };
}

/** How a place lies to the level of A. */
function fromA(y: number): Phrase {
  return toSide(y, {
    more: (by) => phrase`${by} below the level of ${point("A")}`,
    less: (by) => phrase`${by} above the level of ${point("A")}`,
    none: phrase`on the level of ${point("A")}`,
  });
}

function shoulderStep(side: Side, half: BodiceHalf): StepRecord {
  const tip = startOf(half.armhole.path);
  return {
    text: phrase`The shoulder point ${point("D")} lies ${length(tip.x)} out from the centre and ${fromA(tip.y)}. Rule the shoulder.`,
    points: [lettered("D", "shoulder point", tip)],
    lines: [{ id: `${side}.shoulder`, kind: "seam", path: half.shoulder.path }],
    tapeCheck: phrase`the shoulder with its dart, where it has one, measures ${length(half.shoulder.length)}`,
  };
}

function armholeStep(side: Side, { plan }: FittedSheet, half: BodiceHalf): StepRecord {
  const underarm = endOf(half.armhole.path);
  const by = { x: 0, y: -plan.neckPoint.front.y };
  const middle = add(plan.middle[side], by);
  return {
    text: phrase`Mark ${point("E")}, ${length(middle.x)} out from the centre, half way down the armhole, and the underarm ${point("J")}, ${length(underarm.x)} out and ${length(underarm.y)} down. Draw the armhole from ${point("D")}, square to the shoulder, through ${point("E")} and round to ${point("J")}, square to the side.`,
    points: [lettered("E", "middle of the armhole", middle), lettered("J", "underarm", underarm)],
    lines: [{ id: `${side}.armhole`, kind: "seam", path: half.armhole.path }],
    tapeCheck: phrase`the ${side} armhole, any dart in it closed, measures ${length(half.armhole.length)}`,
  };
}

function bustStep({ plan, front }: FittedSheet, half: BodiceHalf): StepRecord[] {
  if (!half.bust || half.bust.dart === 0) return [];
  const { bustPoint } = half.bust;
  const dart = [half.sideDart?.apex, half.shoulderDart?.apex, half.armholeDart?.apex].find((one) => one !== undefined);
  const { neckTurn, neckline } = half;
  const slash = neckTurn ? line(along(neckline.path, neckTurn.at).point, bustPoint) : null;
  const lines = half.inner.filter((one) =>
    ["front.sideDart", "front.shoulderDart", "front.armholeDart"].includes(one.id),
  );
  return [
    {
      text: phrase`The bust point ${point("W")} lies ${length(bustPoint.x)} out from the centre and ${length(bustPoint.y)} down. The bust dart opens ${length(front.mouth > 0 ? front.mouth : 2 * Math.sin(plan.dart / 2) * pathLength(line(bustPoint, plan.underarm.front)))} at its edge; its legs are of one length.`,
      points: [
        lettered("W", "bust point", bustPoint),
        ...(dart && !front.princess ? [lettered("V", "point of the bust dart", dart)] : []),
      ],
      lines,
    },
    ...(slash && neckTurn
      ? [
          {
            text:
              neckTurn.as === "dart"
                ? phrase`Slash the finished front from the neck, ${length(neckTurn.at)} from ${point("B")}, to ${point("W")}, and close the dart at the side: it opens in the neck, and ends ${length(neckTurn.short)} short of ${point("W")}.`
                : phrase`Slash the finished front from the neck, ${length(neckTurn.at)} from ${point("B")}, to ${point("W")}, and close the dart at the side: what opens in the neck is gathered there.`,
            lines: [{ id: "front.slash", kind: "guide" as const, path: slash }],
          },
        ]
      : []),
  ];
}

function sideStep(side: Side, half: BodiceHalf): StepRecord {
  const upper = half.sideDart?.upper;
  const hem: Path = line(endOf(half.centre), endOf(half.sideSeam));
  return {
    text: phrase`Draw the side seam straight down from ${point("J")}, in a smooth curve over waist and hip, and the hem.`,
    lines: [
      ...(upper ? [{ id: `${side}.sideUpper`, kind: "seam" as const, path: upper }] : []),
      { id: `${side}.sideSeam`, kind: "seam", path: half.sideSeam },
      { id: `${side}.hem`, kind: "seam", path: hem },
    ],
    tapeCheck: phrase`the side seam, any dart in it closed, measures ${length(pathLength(half.sideSeam) + (upper ? pathLength(upper) : 0))}`,
  };
}

function dartSteps(side: Side, { waistDarts }: FittedSheet, half: BodiceHalf): StepRecord[] {
  const isPrincess = half.inner.some(({ id }) => id === `${side}.princess`);
  const own = half.inner.filter(
    ({ id }) =>
      id.startsWith(`${side}.dart`) ||
      id.startsWith(`${side}.princess`) ||
      (side === "back" && id === "back.shoulderDart"),
  );
  if (own.length === 0) return [];
  const [dart] = waistDarts[side];
  return [
    {
      text: isPrincess
        ? dart
          ? phrase`Draw the princess line over ${length(dart.x)} from the centre, and take out ${length(dart.width)} at the waist between its edges.`
          : phrase`Draw the princess line.`
        : dart
          ? phrase`Waist dart: ${length(dart.x)} from the centre, ${length(dart.width)} wide at the waist.`
          : phrase`Draw the dart of the back shoulder.`,
      lines: own,
    },
  ];
}

function standSteps(half: BodiceHalf): StepRecord[] {
  const stand = half.inner.find(({ id }) => id === "front.buttonStand");
  return stand
    ? [
        {
          text: phrase`Draw the front edge of the button stand beyond the centre front, from the neck to the hem.`,
          lines: [stand],
        },
      ]
    : [];
}

function gatherSteps(side: Side, { task }: FittedSheet): StepRecord[] {
  const extra = task.gathered[side];
  return extra > 0
    ? [
        {
          text: phrase`Move the fold ${length(extra)} out beyond the centre line: that much is gathered into the ${side} neck.`,
        },
      ]
    : [];
}
