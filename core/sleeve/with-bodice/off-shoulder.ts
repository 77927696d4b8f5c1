import { SIDES, type Side } from "../../block";
import { type Handle, phrase } from "../../draft";
import { distance, endOf, lerp, line, mapPath, type Path, pathLength, reversePath, startOf } from "../../geometry";
import {
  type EdgePair,
  edge,
  type HalfEdges,
  halfPiece,
  hemEdges,
  KIND,
  MIRRORED_PAIR,
  type Piece,
  placePiece,
  sideDartEdges,
  uprightGrain,
} from "../../pattern";
import { elasticRound } from "../finish";
import { type BodiceBase, type BodiceSleeve, bodiceStyle, type TopEdge } from "../style";
import { draftOffShoulder, type OffShoulderDraft, type OffShoulderLengths } from "./off-shoulder-draft";
import { acrossStep, elasticStep, lengthStep, tracingStep } from "./off-shoulder-steps";
import { RAGLAN_FIELDS } from "./raglan-fields";
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
  neck: "cut-away",
  isFitted: true,
  isCut: false,
  fields: {
    drop: {
      label: "Upper edge below the neck",
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
    topWidth: {
      label: "Upper edge of the sleeve",
      bounds: { least: 0, most: 900 },
      usual: 0,
      rule: phrase`what the spread makes it`,
      source: "choice",
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
  const top = topOf(base, draft, draft.spread);
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
    halves: { front: offShoulderHalf(draft, "front"), back: offShoulderHalf(draft, "back") },
    seams: seamsOf(draft),
    hemLength: pathLength(hemOf(draft)),
    hemLevel: task.lengths.length - task.lengths.fall,
    finishedLength: base.length + base.finishDepth,
    capHeight: sleeve.frame.height,
    handles: handlesOf(draft),
    misplaced: draft.misplaced,
    balances: [],
    neck: null,
    necked: null,
    neckEdges: { back: [], front: [] },
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
    edge("raglanBack", "raglan", "Back raglan", back.seam),
    edge("casingBack", "end", "Casing, back end", back.casing),
    edge("top", "raw", "Upper edge", line(endOf(back.casing), endOf(front.casing))),
    edge("casingFront", "end", "Casing, front end", reversePath(front.casing)),
    edge("raglanFront", "raglan", "Front raglan", reversePath(front.seam)),
    edge("underarmFront", "underarm", "Front underarm", front.underarm),
    ...hemEdges(hem, turnedUp(front.underarm, back.underarm, turnUp)),
    edge("underarmBack", "underarm", "Back underarm", reversePath(back.underarm)),
  ];
  return {
    id: "sleeve",
    kind: KIND.sleeve,
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

function offShoulderHalf({ raglan, body, casing }: OffShoulderDraft, side: Side): HalfEdges {
  const { half } = raglan[side];
  const { seam, top, casing: casingSide, centre } = body[side];
  const name = side === "front" ? "Front" : "Back";
  const atCentre = startOf(centre);
  const above = { x: atCentre.x, y: atCentre.y - casing };
  return {
    half,
    neck: [edge("top", "raw", `${name} upper edge`, line(above, endOf(casingSide)))],
    outer: [
      edge("casing", "end", "End of the casing", reversePath(casingSide)),
      edge("raglan", "armhole", `${name} raglan`, reversePath(seam)),
      ...sideDartEdges(half),
    ],
    side: half.sideSeam,
    centre: [...line(above, atCentre), ...centre],
    notches: [],
    folds: [line(atCentre, top)],
    slashes: [],
  };
}

function bodicePieceOf(draft: OffShoulderDraft, side: Side): Piece {
  return placePiece(halfPiece(offShoulderHalf(draft, side)), besideSleeve(draft.raglan)[side], side === "front");
}

function seamsOf({ raglan, body, sleeve }: OffShoulderDraft): readonly EdgePair[] {
  const places = besideSleeve(raglan);
  return SIDES.map((side): EdgePair => {
    const name = side === "front" ? "Front" : "Back";
    const { meetingAt } = raglan[side];
    const { seam } = body[side];
    return {
      id: `raglan.${side}`,
      kind: "raglan",
      name: `${name} raglan`,
      body: `${side}.raglan`,
      part: `sleeve.raglan${name}`,
      bodyEdges: [`${side}.raglan`],
      partEdges: [`sleeve.raglan${name}`],
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

function handlesOf(draft: OffShoulderDraft): readonly Handle[] {
  const { raglan, body } = draft;
  const place = besideSleeve(raglan).front;
  const hem = hemOf(draft);
  return [
    { name: "Front upper edge", at: place(body.front.top), field: "drop", gain: { x: 0, y: 1 }, isDistance: true },
    {
      name: "Middle of the hem",
      at: lerp(startOf(hem), endOf(hem), 0.5),
      field: "fall",
      gain: { x: 0, y: 1 },
      isDistance: true,
    },
    { name: "Front end of the hem", at: startOf(hem), field: "spread", gain: { x: 2, y: 0 } },
  ];
}
