import type { Handle } from "../../draft";
import type { Point } from "../../geometry";
import { along, lerp, pathLength, SAME_MM, startOf } from "../../geometry";
import { hemWidthOf } from "../set-in";
import { type Balance, type BodiceBase, type BodiceSleeve, bodiceStyle } from "../style";
import { draftRaglan, type RaglanDraft } from "./raglan-draft";
import { RAGLAN_FIELDS, type RaglanLengths } from "./raglan-fields";
import { besideSleeve, bodicePiecesOf, raglanHalf, sleevePiecesOf } from "./raglan-pieces";
import { raglanSeams } from "./raglan-seams";
import { blockSteps, cuttingStep, edgeSteps, layingSteps } from "./raglan-steps";

/**
 * Raglan: the shoulder parts of front and back are cut off the bodice and turned onto the cap, whose ease goes. Common practice, no
 * source; that the over-arm line is solved so that front and back balance is our own.
 */
export const raglan = bodiceStyle({
  name: "Raglan",
  summary: "The shoulder goes with the sleeve: a seam from the neck to the underarm, and no crown to ease in.",
  usualLengthShare: 1,
  usualFinish: "plain",
  falls: null,
  isFitted: true,
  isCut: true,
  fields: RAGLAN_FIELDS,
  draft: (base, lengths): BodiceSleeve => {
    const outcome = draftRaglan(base, lengths);
    if (!outcome.ok) return { isDrawn: false, ...outcome };
    return raglanSleeve(base, outcome.draft, lengths);
  },
});

function raglanSleeve(base: BodiceBase, draft: RaglanDraft, lengths: RaglanLengths): BodiceSleeve {
  const { isTwoPiece, turnUp } = base;
  const { sleeve, task, overArm } = draft;
  const sleevePieces = sleevePiecesOf(draft, isTwoPiece, turnUp);
  const bodicePieces = bodicePiecesOf(draft);
  return {
    isDrawn: true,
    title: isTwoPiece ? "Raglan sleeve in two pieces" : "Raglan sleeve",
    fitted: { task, sleeve },
    actsBefore: blockSteps(draft, lengths),
    acts: [...layingSteps(draft), ...edgeSteps(draft, isTwoPiece, sleevePieces, bodicePieces)],
    cutting: cuttingStep(isTwoPiece),
    drawn: [...sleevePieces, ...bodicePieces],
    extra: [],
    halves: { front: raglanHalf(draft, "front"), back: raglanHalf(draft, "back") },
    seams: raglanSeams(draft, isTwoPiece),
    hemLength: hemWidthOf(sleeve.outline, null),
    hemLevel: task.lengths.length,
    finishedLength: task.lengths.length + task.lengths.finishDepth - task.lengths.fall,
    capHeight: sleeve.frame.height,
    handles: handlesOf(draft),
    misplaced: draft.misplaced,
    balances: [balanceOf(draft, lengths)],
    neck: null,
    necked: base.block,
    neckEdges: {
      back: ["back.neckline", `${isTwoPiece ? "sleeveBack" : "sleeve"}.necklineBack`],
      front: [`${isTwoPiece ? "sleeveFront" : "sleeve"}.necklineFront`, "front.neckline"],
    },
    top: null,
    width: null,
    solvers: [
      { id: "raglan.front", solution: overArm.front.edgeSolution },
      { id: "raglan.back", solution: overArm.back.edgeSolution },
      { id: "raglan.balance", solution: overArm.solution },
    ],
  };
}

function balanceOf({ overArm }: RaglanDraft, { balanceWithin }: RaglanLengths): Balance {
  return {
    field: "balanceWithin",
    what: "over-arm",
    difference: overArm.difference,
    within: balanceWithin,
    needed: overArm.needed === null ? null : Math.abs(overArm.needed),
  };
}

function handlesOf(draft: RaglanDraft): readonly Handle[] {
  const { overArm, front } = draft;
  const place = besideSleeve(draft).front;
  const middle = along(front.line, pathLength(front.line) / 2).point;
  const chord = lerp(startOf(front.line), front.meeting, 0.5);
  const out = unitOf(place(chord), place(middle));
  const downNeck = unitOf(place(front.neckPoint), place(along(front.bodyNeckline, 10).point));
  return [
    {
      name: "Front meeting point",
      at: place(front.meeting),
      field: "belowHalf",
      gain: { x: 0, y: 1 },
      isDistance: true,
    },
    {
      name: "Raglan line at the neck",
      at: place(front.neckPoint),
      field: "neckPoint",
      gain: downNeck,
      isDistance: true,
    },
    { name: "Bow of the front line", at: place(middle), field: "bowFront", gain: out, isDistance: true },
    { name: "Where the over-arm closes", at: overArm.apex, field: "dartDepth", gain: { x: 0, y: 1 }, isDistance: true },
    {
      name: "Front shoulder tip",
      at: overArm.front.tip,
      field: "dartWidth",
      gain: { x: 2, y: 0 },
    },
  ];
}

/** One that stays as it is would leave the hand no direction: then it is upwards. */
function unitOf(from: Point, to: Point): Point {
  const [x, y] = [to.x - from.x, to.y - from.y];
  const size = Math.hypot(x, y);
  return size > SAME_MM ? { x: x / size, y: y / size } : { x: 0, y: -1 };
}
