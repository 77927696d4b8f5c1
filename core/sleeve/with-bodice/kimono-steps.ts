import { SIDES, type Side } from "../../block";
import { type DraftLine, type Figure, type LetteredPoint, length, phrase, point, type StepRecord } from "../../draft";
import { endOf, line, mapPath, type Path, type Point, pathLength, SAME_MM, startOf } from "../../geometry";
import type { Piece } from "../../pattern";
import { edgeLines } from "../../pattern";
import { numberOf } from "../style";
import { slashOf } from "./gusset";
import type { KimonoDraft, KimonoLengths } from "./kimono-draft";
import { besideEachOther } from "./kimono-pieces";

const MEASURED = { rule: "Measured on the draft", source: "geometry" } as const;

export function kimonoSteps(
  draft: KimonoDraft,
  lengths: KimonoLengths,
  pieces: readonly Piece[],
): readonly StepRecord[] {
  return [
    neckStep(draft, lengths),
    overArmStep(draft),
    hemStep(draft),
    underarmStep(draft, lengths),
    ...gussetStep(draft),
    tracingStep(draft, pieces),
    facingStep(draft, lengths),
  ];
}

/** A place of both halves, where each lies. */
function marked(draft: KimonoDraft, n: number, name: string, of: (side: Side) => Point): readonly LetteredPoint[] {
  const places = besideEachOther(draft);
  return SIDES.map((side) => ({ letter: numberOf(side, n), name: `${side} ${name}`, at: places[side](of(side)) }));
}

function drawnLines(
  draft: KimonoDraft,
  id: string,
  kind: DraftLine["kind"],
  of: (side: Side) => Path,
): readonly DraftLine[] {
  const places = besideEachOther(draft);
  return SIDES.map((side) => ({ id: `${id}.${side}`, path: mapPath(of(side), places[side]), kind }));
}

function neckStep(draft: KimonoDraft, { frontDown, backDown, tipUp }: KimonoLengths): StepRecord {
  const { ground, neck } = draft;
  const dart = ground.hadShoulderDart
    ? phrase`First close every shoulder dart and open it into the armhole. `
    : phrase``;
  return {
    text: phrase`${dart}Lay front and back of the block down. Lower the neck by ${length(frontDown)} at the centre front, ${point("1")}, and ${length(backDown)} at the centre back, ${point("11")}; raise the shoulder tips by ${length(tipUp)}, to ${point("3")} and ${point("13")}; move the side neck points out along the line to them, ${length(ground.out.front)} at the front, to ${point("2")}, and ${length(ground.out.back)} at the back, to ${point("12")}. Draw both necks again, square to the shoulder and to the centre.`,
    points: [
      ...marked(draft, 1, "neck at the centre", (side) => startOf(ground[side].centre)),
      ...marked(draft, 2, "new neck point", (side) => draft[side].neckPoint),
      ...marked(draft, 3, "raised shoulder tip", (side) => draft[side].tip),
    ],
    lines: [
      ...drawnLines(draft, "neck", "guide", (side) => ground[side].neckline.path),
      ...drawnLines(draft, "armhole", "guide", (side) => ground[side].armhole.path),
      ...drawnLines(draft, "centreLine", "guide", (side) => ground[side].centre),
    ],
    figures: [
      {
        id: "kimono.neck",
        label: "Neck, all round",
        value: neck.girth,
        kind: "length",
        formula: phrase`twice front ${length(ground.front.neckline.length)} and back ${length(ground.back.neckline.length)}`,
        ...MEASURED,
      },
    ],
    tapeCheck: phrase`The neck measures ${length(neck.girth)} all round.`,
  };
}

function overArmStep(draft: KimonoDraft): StepRecord {
  const { front, back, sleeveLength } = draft;
  const whole = pathLength(front.overArm);
  const degrees = (front.angle * 180) / Math.PI;
  const fell = Math.abs(front.angle - Math.atan2(front.tip.y - front.neckPoint.y, front.tip.x - front.neckPoint.x));
  const bent =
    fell > SAME_MM
      ? phrase`, from the tip on falling by ${(fell * (180 / Math.PI)).toFixed(0)} degrees more and rounded over it`
      : phrase`, straight on`;
  const angle: Figure = {
    id: "kimono.angle",
    label: "Sleeve line, below the level",
    value: degrees,
    kind: "angle",
    formula: phrase`angle of the over-arm line beyond the shoulder tip, at the front; ${((back.angle * 180) / Math.PI).toFixed(0)}° at the back`,
    ...MEASURED,
  };
  return {
    text: phrase`Rule from ${point("2")} through ${point("3")}${bent}, ${length(sleeveLength.front)} beyond the tip to ${point("4")}; at the back from ${point("12")} through ${point("13")}, ${length(sleeveLength.back)} beyond it to ${point("14")}: the over-arm lines.`,
    points: marked(draft, 4, "end of the over-arm line", (side) => draft[side].overArmEnd),
    lines: drawnLines(draft, "overArm", "guide", (side) => draft[side].overArm),
    figures: [
      angle,
      {
        id: "kimono.overArm",
        label: "Over-arm seam",
        value: whole,
        kind: "length",
        formula: phrase`from the neck over the tip to the hem; ${length(pathLength(back.overArm))} at the back`,
        ...MEASURED,
      },
    ],
    tapeCheck: phrase`Both over-arm lines measure ${length(whole)}.`,
  };
}

function hemStep(draft: KimonoDraft): StepRecord {
  const { halfHem } = draft;
  return {
    text: phrase`Square down from ${point("4")} and ${point("14")}, ${length(halfHem)} each, and mark ${point("5")} and ${point("15")}: half the sleeve round its hem.`,
    points: marked(draft, 5, "lower end of the hem", (side) => draft[side].underarmEnd),
    lines: drawnLines(draft, "sleeveHem", "guide", (side) => line(draft[side].overArmEnd, draft[side].underarmEnd)),
    figures: [
      {
        id: "sleeve.hemWidth",
        label: "Width at the hem",
        value: 2 * halfHem,
        kind: "length",
        formula: phrase`the arm there, with its ease; half of it front and back`,
        rule: "Arm and ease",
        source: "geometry",
      },
    ],
  };
}

function underarmStep(draft: KimonoDraft, { underarmOut, curve }: KimonoLengths): StepRecord {
  const { front, back, frontOut } = draft;
  const down = front.corner.y - endOf(front.half.armhole.path).y;
  return {
    text: phrase`At the underarm go ${length(down)} down and out ${length(underarmOut + frontOut)} at the front, to ${point("6")}, and ${length(underarmOut - frontOut)} at the back, to ${point("16")}. Rule from ${point("5")} to ${point("6")} and straight down the side, and round the corner off, from ${length(curve)} before it to as much after it; the same from ${point("15")}.`,
    points: marked(draft, 6, "corner of the underarm", (side) => draft[side].corner),
    lines: drawnLines(draft, "underarm", "guide", (side) => draft[side].underarm),
    figures: [
      {
        id: "kimono.underarm",
        label: "Underarm and side",
        value: pathLength(front.underarm),
        kind: "length",
        formula: phrase`from the hem of the sleeve round the underarm to the lower edge; ${length(pathLength(back.underarm))} at the back`,
        ...MEASURED,
      },
      {
        id: "kimono.frontOut",
        label: "Front underarm moved out, back one in",
        value: frontOut,
        kind: "length",
        formula: phrase`moved until both underarm seams are of one length`,
        rule: "Balanced along the underarm",
        source: "solved",
      },
    ],
    tapeCheck: phrase`Front and back measure the same from the hem round the underarm and down, ${length(pathLength(front.underarm))}.`,
  };
}

function gussetStep(draft: KimonoDraft): readonly StepRecord[] {
  const { gusset, front } = draft;
  if (!gusset) return [];
  const degrees = ((front.angle * 180) / Math.PI).toFixed(0);
  return [
    {
      text: phrase`For a gusset, rule from the middle of the underarm curve towards the shoulder tip, ${length(gusset.slash)} long, to ${point("7")} and ${point("17")}. Raised to the level from ${degrees} degrees the underarm opens by ${length(gusset.width)}: draw a diamond with sides of ${length(gusset.slash)}, ${length(gusset.width)} wide and ${length(gusset.length)} from front to back. Stitch a strip of fine cloth round the end of each slash before you cut into it.`,
      points: marked(draft, 7, "end of the slash", (side) => slashOf(draft[side], gusset).to),
      lines: drawnLines(draft, "slash", "seam", (side) => {
        const { from, to } = slashOf(draft[side], gusset);
        return line(from, to);
      }),
      figures: [
        {
          id: "kimono.gusset.width",
          label: "Gusset, from bodice to sleeve",
          value: gusset.width,
          kind: "length",
          formula: phrase`2 × shoulder tip to underarm × sine of half the angle, ${degrees}°: what raising the arm to the level opens`,
          rule: "Gusset from the angle",
          source: "geometry",
        },
        {
          id: "kimono.gusset.length",
          label: "Gusset, from front to back",
          value: gusset.length,
          kind: "length",
          formula: phrase`2 × √(${length(gusset.slash)}² − ${length(gusset.width / 2)}²)`,
          rule: "Gusset from the angle",
          source: "geometry",
        },
      ],
    },
  ];
}

function tracingStep({ front }: KimonoDraft, pieces: readonly Piece[]): StepRecord {
  return {
    text: phrase`Trace front and back off, the centre on the fold where it is straight, with notches at the shoulder tip and at the underarm.`,
    lines: pieces.flatMap((piece) => edgeLines(piece)),
    tapeCheck: phrase`The front measures ${length(front.overArmEnd.x)} from the centre to the end of the sleeve, level.`,
  };
}

function facingStep({ ground, neck }: KimonoDraft, { facing, slit }: KimonoLengths): StepRecord {
  const opening =
    slit > 0
      ? phrase` Cut an opening ${length(slit)} deep at the centre back, and face it: the neck then opens to ${length(neck.girth + 2 * slit)}.`
      : phrase``;
  return {
    text: phrase`Neck facings: trace the necks, ${length(ground.front.neckline.length)} and ${length(ground.back.neckline.length)}, and draw the outer edges ${length(facing)} away all round, along the shoulder and square to the centre.${opening}`,
  };
}
