import { SIDES, type Side } from "../../block";
import { type DraftLine, type LetteredPoint, length, type Phrase, phrase, point, type StepRecord } from "../../draft";
import { along, endOf, line, mapPath, mirrored, type Path, pathLength } from "../../geometry";
import type { Piece } from "../../pattern";
import { edgeLines } from "../../pattern";
import { numberOf } from "../style";
import type { RaglanDraft } from "./raglan-draft";
import type { RaglanLengths } from "./raglan-fields";
import { edgeFigure, meetingFigure, necklineFigure, overArmFigures } from "./raglan-figures";
import { asBack, besideSleeve, footOf } from "./raglan-pieces";

/** What is done on the block, before the plain sleeve is drawn. */
export function blockSteps(draft: RaglanDraft, lengths: RaglanLengths): readonly StepRecord[] {
  return [lowerStep(draft, lengths), placesStep(draft, lengths), lineStep(draft, lengths)];
}

function lowerStep(draft: RaglanDraft, { lowering }: RaglanLengths): StepRecord {
  const places = besideSleeve(draft);
  const guides = SIDES.flatMap((side): readonly DraftLine[] => {
    const { neckline, shoulder, armhole, sideSeam, centre } = draft.block[side];
    const hem = line(endOf(sideSeam), endOf(centre));
    const parts: Readonly<Record<string, Path>> = {
      neckline: neckline.path,
      shoulder: shoulder.path,
      armhole: armhole.path,
      side: sideSeam,
      centre,
      hem,
    };
    return Object.entries(parts).map(([id, path]) => ({
      id: `block.${side}.${id}`,
      path: mapPath(path, places[side]),
      kind: "guide",
    }));
  });
  const dart = draft.hadShoulderDart
    ? phrase`First close every shoulder dart and open it into the armhole. `
    : phrase``;
  const text =
    lowering > 0
      ? phrase`${dart}Lay front and back of the block down. A raglan has no crown seam to give, so lower the underarm of both by ${length(lowering)}, to ${point("1")} at the front and ${point("11")} at the back, and draw the armhole down to it again; the sleeve is drawn for this armhole.`
      : phrase`${dart}Lay front and back of the block down, the underarm at ${point("1")} at the front and ${point("11")} at the back.`;
  return {
    text,
    points: SIDES.map((side) => ({
      letter: numberOf(side, 1),
      name: `${side} underarm`,
      at: places[side](endOf(draft.block[side].armhole.path)),
    })),
    lines: guides,
    tapeCheck: phrase`Shoulder tip to lowered underarm measures ${length(draft.block.front.armhole.length)} at the front and ${length(draft.block.back.armhole.length)} at the back.`,
  };
}

function placesStep(draft: RaglanDraft, lengths: RaglanLengths): StepRecord {
  const places = besideSleeve(draft);
  const marks = SIDES.flatMap((side): readonly LetteredPoint[] => [
    {
      letter: numberOf(side, 2),
      name: `${side} end of the raglan line at the neck`,
      at: places[side](draft[side].neckPoint),
    },
    { letter: numberOf(side, 3), name: `${side} meeting point`, at: places[side](draft[side].meeting) },
  ]);
  return {
    text: phrase`From the side neck point down the neckline ${length(pathLength(draft.front.partNeckline))}, mark ${point("2")} and ${point("12")}. Up the armhole from the underarm mark the meeting points: ${point("3")} at ${length(draft.front.meetingAt)} at the front, ${point("13")} at ${length(draft.back.meetingAt)} at the back.`,
    points: marks,
    figures: [meetingFigure(draft, "front", lengths), meetingFigure(draft, "back", lengths)],
  };
}

function lineStep(draft: RaglanDraft, { bowFront, bowBack }: RaglanLengths): StepRecord {
  const places = besideSleeve(draft);
  return {
    text: phrase`Rule ${point("2")} to ${point("3")} and ${point("12")} to ${point("13")}, bow them outwards at their middle, ${length(bowFront)} at the front and ${length(bowBack)} at the back, and let them run into the armhole. Mark shoulder, neck and armhole on both sides of each line, and cut the shoulder parts off along it.`,
    lines: SIDES.map((side) => ({
      id: `cut.${side}`,
      path: mapPath(draft[side].line, places[side]),
      kind: "guide",
    })),
    tapeCheck: phrase`The lines measure ${length(pathLength(draft.front.line))} at the front and ${length(pathLength(draft.back.line))} at the back.`,
  };
}

/** The shoulder parts on the plain sleeve. */
export function layingSteps(draft: RaglanDraft): readonly StepRecord[] {
  const { overArm } = draft;
  const onSide = (side: Side, path: Path) => (side === "front" ? path : asBack(path));
  const at = (side: Side, p: { readonly x: number; readonly y: number }) => (side === "front" ? p : mirrored(p));
  const tipGap = overArm.front.tip.x + overArm.back.tip.x;
  return [
    {
      text: phrase`On the sleeve, up the front cap from ${point("C")} mark ${point("4")}, ${length(draft.front.meetingAt)} along the curve, and up the back cap from ${point("D")} mark ${point("14")}, ${length(draft.back.meetingAt)}: the meeting points, as far from the underarm as on the bodice.`,
      points: SIDES.map((side) => ({
        letter: numberOf(side, 4),
        name: `${side} meeting point on the sleeve`,
        at: at(side, overArm[side].meeting),
      })),
    },
    {
      text: phrase`Lay the shoulder parts on the cap, front to front and back to back, necks up: ${point("3")} on ${point("4")} and ${point("13")} on ${point("14")}. Turn each about its meeting point until the shoulder tips ${point("5")} and ${point("15")} stand ${length(tipGap)} apart over the crown, half of it to each side of a line ${besideCrown(overArm.shift)}.`,
      points: SIDES.flatMap((side) => [
        { letter: numberOf(side, 5), name: `${side} shoulder tip`, at: at(side, overArm[side].tip) },
        { letter: numberOf(side, 6), name: `${side} of the side neck`, at: at(side, overArm[side].sideNeck) },
        { letter: numberOf(side, 7), name: `${side} end of the raglan line`, at: at(side, overArm[side].neckPoint) },
      ]),
      lines: SIDES.flatMap((side): readonly DraftLine[] =>
        (["neckline", "shoulder", "armhole"] as const).map((edge) => ({
          id: `laid.${side}.${edge}`,
          path: onSide(side, overArm[side][edge]),
          kind: "strip",
        })),
      ),
      figures: overArmFigures(draft),
      tapeCheck: phrase`Front and back measure the same from the neck over the tip to where they close, ${length(pathLength(overArm.frontLeg))}${Math.abs(overArm.difference) < 0.05 ? [] : phrase`, but for ${length(Math.abs(overArm.difference))}`}.`,
    },
  ];
}

function besideCrown(shift: number): Phrase {
  if (Math.abs(shift) < 0.4) return phrase`through the crown`;
  return phrase`${length(Math.abs(shift))} to the ${shift > 0 ? "front" : "back"} of the crown, which balances them`;
}

/** The sleeve's new edges, and what is cut. */
export function edgeSteps(
  draft: RaglanDraft,
  isTwoPiece: boolean,
  sleevePieces: readonly Piece[],
  bodicePieces: readonly Piece[],
): readonly StepRecord[] {
  const { overArm } = draft;
  const { apex } = overArm;
  const lines = sleevePieces.flatMap((piece) => edgeLines(piece));
  const closing = ["dartFront", "dartBack", "overArm"];
  const isClosing = (one: DraftLine) => closing.includes(one.id.split(".")[1] ?? "");
  return [
    {
      text: phrase`Draw the sleeve’s raglan edges, ${point("7")} to ${point("4")} and ${point("17")} to ${point("14")}, along the parts and smoothly into the lower cap, each as long as on the bodice; trace the neck edges. Of the cap nothing is eased in any more.`,
      lines: lines.filter((one) => !isClosing(one)),
      figures: [edgeFigure(draft, "front"), edgeFigure(draft, "back"), necklineFigure(draft)],
      tapeCheck: phrase`${point("7")} to ${point("4")} measures ${length(pathLength(overArm.front.edge))}, ${point("17")} to ${point("14")} ${length(pathLength(overArm.back.edge))}.`,
    },
    {
      text: isTwoPiece
        ? phrase`Draw the over-arm seam: along both shoulders, softly round the tips, together at ${point("8")}, ${length(apex.y - Math.max(overArm.front.tip.y, overArm.back.tip.y))} below them, and straight on to the middle of the hem. Cut the sleeve apart along it.`
        : phrase`Draw the over-arm dart: along both shoulders, softly round the tips, closing at ${point("8")}, ${length(apex.y - Math.max(overArm.front.tip.y, overArm.back.tip.y))} below them.`,
      points: [
        {
          letter: "8",
          name: isTwoPiece ? "where the over-arm seam comes to the middle" : "point of the over-arm dart",
          at: apex,
        },
      ],
      lines: lines.filter(isClosing),
    },
    {
      text: phrase`Draw the grain anew: up from the middle of the wrist, square to the cap line${isTwoPiece ? ", and parallel to it in both halves" : ""}.`,
      lines: [
        {
          id: "grainAnew",
          path: line(
            footOf(draft),
            along(line(footOf(draft), { x: footOf(draft).x, y: 0 }), footOf(draft).y * 0.6).point,
          ),
          kind: "guide",
        },
      ],
    },
    {
      text: phrase`Trace front and back off below the raglan line, each with its own grain.`,
      lines: bodicePieces.flatMap((piece) => edgeLines(piece)),
    },
  ];
}

export const cuttingStep = (isTwoPiece: boolean): StepRecord => ({
  text: isTwoPiece
    ? phrase`Cut front and back of the sleeve twice each, as mirrored pairs, and front and back of the bodice. Sew the raglan seams first, then the over-arm seam from the neck down, then underarm and side in one.`
    : phrase`Cut the sleeve twice, as a mirrored pair, and front and back of the bodice. Sew the over-arm dart, then the raglan seams, then underarm and side in one.`,
});
