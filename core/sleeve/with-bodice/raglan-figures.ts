import type { Side } from "../../block";
import { type Figure, length, phrase } from "../../draft";
import { pathLength } from "../../geometry";
import type { RaglanDraft } from "./raglan-draft";
import type { RaglanLengths } from "./raglan-fields";

const MEASURED = { rule: "Measured on the draft", source: "geometry" } as const;

export function meetingFigure(draft: RaglanDraft, side: Side, { belowHalf }: RaglanLengths): Figure {
  const { half, meetingAt } = draft[side];
  return {
    id: side === "front" ? "raglan.meetingPoint" : "raglan.meetingPoint.back",
    label: `Meeting point, ${side}, from the underarm`,
    value: meetingAt,
    kind: "length",
    formula: phrase`armhole ${length(half.armhole.length)} from shoulder tip to lowered underarm ÷ 2 − ${length(belowHalf)}`,
    rule: "Half the armhole, less a little",
    source: "common practice, no source",
  };
}

export function edgeFigure(draft: RaglanDraft, side: Side): Figure {
  const onBodice = pathLength(draft[side].line);
  return {
    id: `raglan.edge.${side}`,
    label: `Raglan edge, ${side}`,
    value: pathLength(draft.overArm[side].edge),
    kind: "length",
    formula: phrase`from neck to meeting point on the sleeve; ${length(onBodice)} on the bodice`,
    ...MEASURED,
  };
}

export function necklineFigure({ front, back, block }: RaglanDraft): Figure {
  const onSleeve = pathLength(front.partNeckline) + pathLength(back.partNeckline);
  const onBodice = pathLength(front.bodyNeckline) + pathLength(back.bodyNeckline);
  return {
    id: "raglan.neckline",
    label: "Half neckline, all parts",
    value: onSleeve + onBodice,
    kind: "length",
    formula: phrase`sleeve ${length(onSleeve)} + bodice ${length(onBodice)}; the block’s is ${length(block.front.neckline.length + block.back.neckline.length)}`,
    ...MEASURED,
  };
}

export function overArmFigures({ overArm, front, back, sleeve }: RaglanDraft): readonly Figure[] {
  const line = sleeve.outline.crown.x + overArm.shift;
  return [
    {
      id: "raglan.shoulderDifference",
      label: "Back shoulder longer than front",
      value: back.half.shoulder.length - front.half.shoulder.length,
      kind: "length",
      formula: phrase`back ${length(back.half.shoulder.length)} − front ${length(front.half.shoulder.length)}; taken up over the arm`,
      ...MEASURED,
    },
    {
      id: "raglan.overArmShift",
      label: "Over-arm line moved to balance",
      value: overArm.shift,
      kind: "length",
      formula: phrase`moved to the ${overArm.shift < 0 ? "back" : "front"} of the crown until front and back are of one length over the arm`,
      rule: "Balanced over the arm",
      source: "solved",
    },
    {
      id: "raglan.grainShift",
      label: "Grain from the over-arm line, at the crown",
      value: Math.abs(line),
      kind: "length",
      formula: phrase`the grain runs up from the middle of the wrist; the line over the arm lies to the ${line > 0 ? "front" : "back"} of it`,
      ...MEASURED,
    },
  ];
}
