import { SIDES, type Side } from "../../block";
import {
  boxOf,
  endOf,
  lerp,
  line,
  mapPath,
  mirrored,
  type Path,
  type Point,
  reversePath,
  startOf,
} from "../../geometry";
import {
  type Edge,
  edge,
  type HalfEdges,
  halfPiece,
  hemEdges,
  KIND,
  MIRRORED_PAIR,
  neckAndCentre,
  notchOn,
  type Piece,
  placePiece,
  sideDartEdges,
  uprightGrain,
} from "../../pattern";
import { DOUBLE_NOTCH_GAP_MM, foldedOver } from "../set-in";
import type { RaglanDraft } from "./raglan-draft";
import type { LaidPart } from "./shoulder-part";

/** Room between the sleeve and the bodice beside it on the sheet. */
const BETWEEN_MM = 50;

/** How each half of the bodice is laid beside the sleeve, its underarm level with the cap line: the back left, the front right and turned over. */
export function besideSleeve({ block, sleeve, roomBeside }: RaglanDraft): Readonly<Record<Side, (p: Point) => Point>> {
  const { outline, frame } = sleeve;
  const reach = Math.max(outline.frontEnd.x, outline.frontHem.x) + BETWEEN_MM + roomBeside;
  const placeOf = (side: Side) => {
    const { armhole, sideSeam } = block[side];
    const out = boxOf([armhole.path, sideSeam]).right;
    const down = frame.height - endOf(armhole.path).y;
    return side === "front"
      ? (p: Point): Point => ({ x: reach + out - p.x, y: p.y + down })
      : (p: Point): Point => ({ x: p.x - out - reach, y: p.y + down });
  };
  return { front: placeOf("front"), back: placeOf("back") };
}

/** The back of the sleeve, drawn as a front, turned to where it lies. */
export function asBack(path: Path): Path {
  return mapPath(path, mirrored);
}

/** The middle of the hem, where the line over the arm comes down. */
export function footOf({ sleeve }: RaglanDraft): Point {
  return lerp(sleeve.outline.frontHem, sleeve.outline.backHem, 0.5);
}

export function sleevePiecesOf(draft: RaglanDraft, isTwoPiece: boolean, turnUp: number): readonly Piece[] {
  return isTwoPiece ? twoHalves(draft, turnUp) : [onePiece(draft, turnUp)];
}

/** From the underarm up over the meeting point to the neck, and along it to the side neck point. */
function risingBack({ back }: RaglanDraft["overArm"]): readonly Edge[] {
  return [
    edge("lowerCapBack", "lower-cap", "Back lower cap", asBack(reversePath(back.lowerCap))),
    edge("raglanBack", "raglan", "Back raglan", asBack(reversePath(back.edge))),
    edge("necklineBack", "neck", "Back neck", asBack(reversePath(back.neckline))),
  ];
}

function fallingFront({ front }: RaglanDraft["overArm"]): readonly Edge[] {
  return [
    edge("necklineFront", "neck", "Front neck", front.neckline),
    edge("raglanFront", "raglan", "Front raglan", front.edge),
    edge("lowerCapFront", "lower-cap", "Front lower cap", front.lowerCap),
  ];
}

function onePiece(draft: RaglanDraft, turnUp: number): Piece {
  const { overArm, sleeve } = draft;
  const { outline } = sleeve;
  const hem = line(outline.frontHem, outline.backHem);
  const edges = [
    ...risingBack(overArm),
    edge("dartBack", "dart", "Over-arm dart, back", asBack(overArm.backLeg)),
    edge("dartFront", "dart", "Over-arm dart, front", reversePath(overArm.frontLeg)),
    ...fallingFront(overArm),
    edge("underarmFront", "underarm", "Front underarm", outline.underarmFront),
    ...hemEdges(hem, turnedUp(outline.underarmFront, outline.underarmBack, turnUp)),
    edge("underarmBack", "underarm", "Back underarm", reversePath(outline.underarmBack)),
  ];
  return {
    id: "sleeve",
    kind: KIND.sleeve,
    name: "Raglan sleeve",
    cut: MIRRORED_PAIR,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: turnUp > 0 ? [hem] : [],
    darts: [],
    grain: uprightGrain(startOf(hem).x + (endOf(hem).x - startOf(hem).x) / 2, sleeve.frame.height, startOf(hem).y),
    notches: [...frontNotches(overArm.front), ...backNotches(overArm.back)],
  };
}

function twoHalves(draft: RaglanDraft, turnUp: number): readonly Piece[] {
  const { overArm, sleeve } = draft;
  const { outline, frame } = sleeve;
  const foot = footOf(draft);
  const down = line(overArm.apex, foot);
  const grainOf = (hem: Path) => uprightGrain((startOf(hem).x + endOf(hem).x) / 2, frame.height, startOf(hem).y);
  const frontHem = line(outline.frontHem, foot);
  const backHem = line(foot, outline.backHem);
  const front = [
    edge("overArm", "overarm", "Over-arm seam", reversePath([...overArm.frontLeg, ...down])),
    ...fallingFront(overArm),
    edge("underarm", "underarm", "Front underarm", outline.underarmFront),
    ...hemEdges(frontHem, turnedUp(outline.underarmFront, down, turnUp)),
  ];
  const back = [
    ...risingBack(overArm),
    edge("overArm", "overarm", "Over-arm seam", [...asBack(overArm.backLeg), ...down]),
    ...hemEdges(backHem, turnedUp(down, outline.underarmBack, turnUp)),
    edge("underarm", "underarm", "Back underarm", reversePath(outline.underarmBack)),
  ];
  const shared = { cut: MIRRORED_PAIR, darts: [] };
  return [
    {
      ...shared,
      id: "sleeveFront",
      kind: KIND.sleeve,
      name: "Front of the sleeve",
      edges: front,
      outline: front.flatMap((one) => one.path),
      folds: turnUp > 0 ? [frontHem] : [],
      grain: grainOf(frontHem),
      notches: frontNotches(overArm.front),
    },
    {
      ...shared,
      id: "sleeveBack",
      kind: KIND.sleeve,
      name: "Back of the sleeve",
      edges: back,
      outline: back.flatMap((one) => one.path),
      folds: turnUp > 0 ? [backHem] : [],
      grain: grainOf(backHem),
      notches: backNotches(overArm.back),
    },
  ];
}

/** Null where nothing is turned up, or the seam above the hem is too short for it. */
export function turnedUp(frontSeam: Path, backSeam: Path, depth: number) {
  const front = depth > 0 ? foldedOver(frontSeam, depth) : null;
  const back = depth > 0 ? foldedOver(backSeam, depth) : null;
  return front && back && { front, edge: line(endOf(front), endOf(back)), back };
}

function frontNotches({ lowerCap }: LaidPart) {
  return [notchOn("front", lowerCap, 0)];
}

function backNotches({ lowerCap }: LaidPart) {
  const up = asBack(lowerCap);
  return [notchOn("back", up, 0, -1), notchOn("backSecond", up, DOUBLE_NOTCH_GAP_MM, -1)];
}

/** A half of the bodice without its shoulder part. */
export function raglanHalf(draft: RaglanDraft, side: Side): HalfEdges {
  const { half, bodyNeckline, line: raglan, lowerArmhole } = draft[side];
  const name = side === "front" ? "Front" : "Back";
  return {
    half,
    ...neckAndCentre(half, bodyNeckline),
    outer: [
      edge("raglan", "armhole", `${name} raglan`, raglan),
      edge("lowerArmhole", "armhole", `${name} lower armhole`, lowerArmhole),
      ...sideDartEdges(half),
    ],
    side: half.sideSeam,
    notches:
      side === "front"
        ? [notchOn("front", lowerArmhole, 0)]
        : [notchOn("back", lowerArmhole, 0), notchOn("backSecond", lowerArmhole, DOUBLE_NOTCH_GAP_MM)],
    folds: [],
    slashes: [],
  };
}

/** Front and back of the bodice, without their shoulder parts, where they lie beside the sleeve. */
export function bodicePiecesOf(draft: RaglanDraft): readonly Piece[] {
  const places = besideSleeve(draft);
  return SIDES.map((side) => placePiece(halfPiece(raglanHalf(draft, side)), places[side], side === "front"));
}
