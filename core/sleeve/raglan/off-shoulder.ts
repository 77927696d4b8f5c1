import { SIDES, type Side } from "../../block";
import { type Figure, length, phrase, point, type StepRecord } from "../../draft";
import { distance, endOf, line, mapPath, mix, type Path, pathLength, reversePath, startOf } from "../../geometry";
import { bodicePiece, edge, hemEdges, MIRRORED_PAIR, type Piece, placePiece, uprightGrain } from "../../pattern";
import { type BodiceBase, type BodiceSleeve, bodiceStyle, type StyleSeam, type TopEdge } from "../bodice-style";
import { edgeLines } from "../edge-lines";
import { elasticRound } from "../finish";
import { RAGLAN_FIELDS } from "./fields";
import { draftOffShoulder, type OffShoulderDraft, type OffShoulderLengths } from "./off-shoulder-draft";
import { besideSleeve, turnedUp } from "./raglan-pieces";
import { blockSteps, layingSteps } from "./raglan-steps";

const { lowering, neckPoint, belowHalf, bowFront, bowBack } = RAGLAN_FIELDS;

/**
 * Off the shoulder: a raglan cut straight across below the shoulder, bodice and sleeve alike, its upper edge a casing for elastic.
 * Common practice, no source.
 */
export const offShoulder = bodiceStyle({
  name: "Off the shoulder",
  summary: "A raglan cut straight across below the shoulder, drawn in by elastic round both arms.",
  usualLengthShare: 0.5,
  usualFinish: "elastic",
  falls: "fall",
  isFitted: true,
  isCut: false,
  fields: {
    drop: {
      label: "Upper edge, below the side neck point",
      bounds: { least: 20, most: 300 },
      usual: 152.4,
      rule: phrase`6 in, variable`,
      source: "common practice, no source",
    },
    elasticWidth: {
      label: "Width of the upper elastic",
      bounds: { least: 3, most: 80 },
      usual: 25.4,
      rule: phrase`a wide one`,
      source: "common practice, no source",
    },
    spread: {
      label: "Spread down the middle",
      bounds: { least: 0, most: 600 },
      usual: 101.6,
      rule: phrase`so that top and hem gather`,
      source: "from memory",
    },
    fall: {
      label: "Length for the puff",
      bounds: { least: 0, most: 250 },
      usual: 101.6,
      rule: phrase`4 to 5 in on a loose sleeve`,
      source: "common practice, no source",
    },
    lowering,
    neckPoint,
    belowHalf,
    bowFront,
    bowBack,
  },
  draft: (base, lengths): BodiceSleeve => {
    const outcome = draftOffShoulder(base, lengths);
    return outcome.ok ? offShoulderSleeve(base, outcome.draft, lengths) : { isDrawn: false, ...outcome };
  },
});

function offShoulderSleeve(base: BodiceBase, draft: OffShoulderDraft, lengths: OffShoulderLengths): BodiceSleeve {
  const { raglan } = draft;
  const { sleeve, task } = raglan;
  const sleevePiece = sleevePieceOf(draft, base.turnUp);
  const bodicePieces = SIDES.map((side) => bodicePieceOf(draft, side));
  const top = topOf(base, draft, lengths.spread);
  const lowest = { dartWidth: 0, dartDepth: 0, balanceWithin: 0 };
  return {
    isDrawn: true,
    title: "Off-the-shoulder sleeve",
    fitted: { task, sleeve },
    actsBefore: blockSteps(raglan, { ...lengths, ...lowest }),
    acts: [
      ...layingSteps(raglan),
      acrossStep(draft, lengths),
      tracingStep(draft, [sleevePiece, ...bodicePieces]),
      lengthStep(base, draft, lengths),
      elasticStep(base, top, lengths),
    ],
    cutting: {
      text: phrase`Cut the sleeve twice, as a mirrored pair, and front and back on the fold. Sew the raglan seams, then underarm and side in one, and the casing last.`,
    },
    drawn: [sleevePiece, ...bodicePieces],
    extra: [],
    seams: seamsOf(draft),
    hemLength: pathLength(hemOf(draft)),
    hemLevel: task.lengths.length - task.lengths.fall,
    finishedLength: task.lengths.length + task.lengths.finishDepth - task.lengths.fall,
    capHeight: sleeve.frame.height,
    handles: handlesOf(draft),
    misplaced: draft.misplaced,
    balances: [],
    neck: null,
    top,
    width: null,
    solvers: [
      { id: "raglan.front", solution: raglan.overArm.front.edgeSolution },
      { id: "raglan.back", solution: raglan.overArm.back.edgeSolution },
    ],
  };
}

/** Across the spread hem, from the front. */
function hemOf({ sleeve }: OffShoulderDraft): Path {
  return line(endOf(sleeve.front.underarm), endOf(sleeve.back.underarm));
}

function sleevePieceOf(draft: OffShoulderDraft, turnUp: number): Piece {
  const { front, back } = draft.sleeve;
  const hem = hemOf(draft);
  const edges = [
    edge("raglanBack", "Back raglan", back.seam),
    edge("casingBack", "Casing, back end", back.casing),
    edge("top", "Upper edge", line(endOf(back.casing), endOf(front.casing))),
    edge("casingFront", "Casing, front end", reversePath(front.casing)),
    edge("raglanFront", "Front raglan", reversePath(front.seam)),
    edge("underarmFront", "Front underarm", front.underarm),
    ...hemEdges(hem, turnedUp(front.underarm, back.underarm, turnUp)),
    edge("underarmBack", "Back underarm", reversePath(back.underarm)),
  ];
  return {
    id: "sleeve",
    name: "Off-shoulder sleeve",
    cut: MIRRORED_PAIR,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [line(back.top, front.top), ...(turnUp > 0 ? [hem] : [])],
    darts: [],
    grain: uprightGrain((startOf(hem).x + endOf(hem).x) / 2, Math.max(back.top.y, front.top.y), startOf(hem).y),
    notches: [],
  };
}

function bodicePieceOf({ raglan, body, casing }: OffShoulderDraft, side: Side): Piece {
  const { half } = raglan[side];
  const { seam, top, casing: casingSide, centre } = body[side];
  const name = side === "front" ? "Front" : "Back";
  const atCentre = startOf(centre);
  const above = { x: atCentre.x, y: atCentre.y - casing };
  const piece = bodicePiece(half, {
    upper: [
      edge("top", `${name} upper edge`, line(above, endOf(casingSide))),
      edge("casing", "End of the casing", reversePath(casingSide)),
      edge("raglan", `${name} raglan`, reversePath(seam)),
    ],
    side: half.sideSeam,
    centre: [...line(above, atCentre), ...centre],
  });
  const folded = { ...piece, folds: [...piece.folds, line(atCentre, top)] };
  return placePiece(folded, besideSleeve(raglan)[side], side === "front");
}

function seamsOf({ raglan, body, sleeve }: OffShoulderDraft): readonly StyleSeam[] {
  const places = besideSleeve(raglan);
  return SIDES.map((side): StyleSeam => {
    const name = side === "front" ? "Front" : "Back";
    const { meetingAt } = raglan[side];
    const { seam } = body[side];
    return {
      id: `raglan.${side}`,
      name: `${name} raglan`,
      body: `${side}.raglan`,
      part: `sleeve.raglan${name}`,
      bodyName: `${side} of the bodice`,
      partName: "sleeve",
      bodyPath: mapPath(seam, places[side]),
      partPath: sleeve[side].seam,
      from: "underarm",
      to: "upper edge",
      mark: meetingAt < pathLength(seam) ? { name: "meeting point", bodyAt: meetingAt, partAt: meetingAt } : null,
    };
  });
}

/** The whole upper edge, and the elastic that draws it in. */
function topOf({ aroundShoulders }: BodiceBase, { body, sleeve }: OffShoulderDraft, spread: number): TopEdge {
  const onBody = SIDES.reduce((sum, side) => sum + distance(startOf(body[side].centre), body[side].top), 0);
  return {
    edge: 2 * onBody + 2 * distance(sleeve.front.top, sleeve.back.top),
    girth: aroundShoulders,
    elastic: elasticRound("shoulders", aroundShoulders),
    spread,
  };
}

function acrossStep(
  { raglan, body, sleeve, casing }: OffShoulderDraft,
  { elasticWidth, spread }: OffShoulderLengths,
): StepRecord {
  const places = besideSleeve(raglan);
  const level = body.front.top.y;
  return {
    text: phrase`Cut everything away above a line ${length(level)} below the side neck point: on front and back square to the centre, to ${point("21")} and ${point("31")}. From the underarm to there measure ${length(pathLength(body.front.seam))} at the front and ${length(pathLength(body.back.seam))} at the back; on the sleeve mark ${point("22")} and ${point("32")} as far up, and rule across. Slash the sleeve down its middle and spread it by ${length(spread)}. Add a casing ${length(casing)} deep above the line for elastic ${length(elasticWidth)} wide, its ends mirrored from the seams below it.`,
    points: SIDES.flatMap((side) => [
      { letter: side === "front" ? "21" : "31", name: `${side} upper edge`, at: places[side](body[side].top) },
      { letter: side === "front" ? "22" : "32", name: `${side} end of the sleeve’s upper edge`, at: sleeve[side].top },
    ]),
    lines: [
      { id: "topFold", path: line(sleeve.back.top, sleeve.front.top), kind: "guide" },
      ...SIDES.map((side) => ({
        id: `topFold.${side}`,
        path: mapPath(line(startOf(body[side].centre), body[side].top), places[side]),
        kind: "guide" as const,
      })),
    ],
  };
}

function tracingStep({ raglan }: OffShoulderDraft, pieces: readonly Piece[]): StepRecord {
  return {
    text: phrase`Trace off the sleeve, the front and the back, each with its casing.`,
    lines: pieces.flatMap((piece) => edgeLines(piece)),
    figures: [],
    tapeCheck: phrase`The armhole was lowered for this sleeve to ${length(raglan.front.half.armhole.length)} at the front.`,
  };
}

function lengthStep(
  { turnUp }: BodiceBase,
  { raglan, casing, topLevel }: OffShoulderDraft,
  { fall }: OffShoulderLengths,
): StepRecord {
  const sleeve = raglan.task.lengths.length - topLevel - fall;
  const whole = sleeve + fall + turnUp + casing;
  const figure: Figure = {
    id: "sleeve.cutLength",
    label: "Length as it is cut, with its casings",
    value: whole,
    kind: "length",
    formula: phrase`sleeve ${length(sleeve)} + puff ${length(fall)} + hem ${length(turnUp)} + upper casing ${length(casing)}`,
    rule: "Length with what is turned in",
    source: "common practice, no source",
  };
  return {
    text: phrase`From the upper edge to the hem the sleeve is ${length(sleeve)} long when it is worn and ${length(fall)} more for the puff; with its casings it is cut ${length(whole)} long.`,
    figures: [figure],
  };
}

function elasticStep(
  { body }: BodiceBase,
  { edge: whole, girth, elastic }: TopEdge,
  { elasticWidth }: OffShoulderLengths,
): StepRecord {
  const atShoulders: Figure = {
    id: "elastic.shoulders",
    label: "Length of the upper elastic",
    value: elastic,
    kind: "length",
    formula: phrase`round both arms ${length(girth)} − ${length(girth - elastic)}`,
    rule: "Elastic round the shoulders",
    source: "common practice, no source",
  };
  const ratio: Figure = {
    id: "sleeve.gatherRatio.top",
    label: "Gathers at the upper edge",
    value: whole / elastic,
    kind: "ratio",
    formula: phrase`upper edge ${length(whole)} ÷ elastic ${length(elastic)}`,
    rule: "Measured on the draft",
    source: "geometry",
  };
  const waist: readonly Figure[] =
    body.waist === undefined
      ? []
      : [
          {
            id: "elastic.waist",
            label: "Length of an elastic at the waist",
            value: elasticRound("waist", body.waist),
            kind: "length",
            formula: phrase`waist ${length(body.waist)} − ${length(body.waist - elasticRound("waist", body.waist))}`,
            rule: "Elastic at the waist",
            source: "common practice, no source",
          },
        ];
  const drawn = waist[0]
    ? phrase` For a top that is drawn in at the waist too, take ${length(waist[0].value)} there.`
    : [];
  return {
    text: phrase`The upper edge is ${length(whole)} round. Draw ${length(elastic)} of elastic ${length(elasticWidth)} wide through its casing, try it on, and join it.${drawn} Elastic that leaves a mark is too tight; on children’s wear use no drawn cords at neck or arm, and follow the local rules.`,
    figures: [atShoulders, ratio, ...waist],
  };
}

function handlesOf(draft: OffShoulderDraft) {
  const { raglan, body } = draft;
  const place = besideSleeve(raglan).front;
  const hem = hemOf(draft);
  return [
    { name: "Front upper edge", at: place(body.front.top), field: "drop", gain: { x: 0, y: 1 } },
    { name: "Middle of the hem", at: mix(startOf(hem), endOf(hem), 0.5), field: "fall", gain: { x: 0, y: 1 } },
    { name: "Front end of the hem", at: startOf(hem), field: "spread", gain: { x: 2, y: 0 } },
  ];
}
