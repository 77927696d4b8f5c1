import { endOf, lengthAtHeight, line, type Path, type Point, reversePath, startOf } from "../../geometry";
import {
  type Edge,
  edge,
  hemEdges,
  KIND,
  MIRRORED_PAIR,
  notchOn,
  type Piece,
  type PieceNotch,
  uprightGrain,
} from "../../pattern";
import type { SeamNotch } from "./notches";
import { hemOf, type SleeveOutline, type TurnUp, turnUpEdge } from "./outline";
import type { SetInSleeve } from "./set-in-sleeve";
import { mirroredAt, type SleevePart, type TwoPiece } from "./two-piece";

/** The pieces that are cut: one, or a top and an under sleeve. */
export function sleevePieces(sleeve: SetInSleeve): readonly Piece[] {
  const { twoPiece } = sleeve;
  return twoPiece ? [topSleeve(sleeve, twoPiece), underSleeve(sleeve, twoPiece)] : [wholeSleeve(sleeve)];
}

/** The sleeve in one piece: its outline runs from the back underarm over the crown and round. */
export function wholeSleeve(sleeve: SetInSleeve): Piece {
  const { outline } = sleeve;
  const capBack = reversePath([outline.capBack]);
  const edges = [
    edge("capBack", "cap", "Back cap", capBack),
    edge("capFront", "cap", "Front cap", [outline.capFront]),
    edge("underarmFront", "underarm", "Front underarm", outline.underarmFront),
    ...hemEdges(hemOf(outline), withEdge(outline.turnUp)),
    ...backUnderarmEdges(outline),
  ];
  const { elbowDart } = outline;
  return {
    id: "sleeve",
    kind: KIND.sleeve,
    name: "Sleeve",
    cut: MIRRORED_PAIR,
    edges,
    outline: edges.flatMap((e) => e.path),
    folds: outline.turnUp ? [hemOf(outline)] : [],
    darts: elbowDart ? [[...line(elbowDart.upper, elbowDart.apex), ...line(elbowDart.apex, elbowDart.lower)]] : [],
    grain: uprightGrain(0, outline.frontEnd.y, Math.min(outline.frontHem.y, outline.backHem.y)),
    notches: sleeve.notches.map((notch) => onCap(notch, outline, asItLies)),
  };
}

/** With an elbow dart the seam is in two parts, and the dart's tip between them. */
function backUnderarmEdges({ underarmBack, elbowDart }: SleeveOutline): readonly Edge[] {
  if (!elbowDart) return [edge("underarmBack", "underarm", "Back underarm", reversePath(underarmBack))];
  const { upper, lower, tip, below } = elbowDart;
  return [
    edge("underarmBackBelow", "underarm", "Back underarm, below the dart", reversePath(below)),
    edge("elbowDartLower", "dart", "Elbow dart, lower leg to tip", line(lower, tip)),
    edge("elbowDartUpper", "dart", "Elbow dart, tip to upper leg", line(tip, upper)),
    edge("underarmBack", "underarm", "Back underarm, above the dart", reversePath(underarmBack)),
  ];
}

function topSleeve(sleeve: SetInSleeve, { top, capAt, elbow }: TwoPiece): Piece {
  const { outline, notches } = sleeve;
  const cap = [
    edge("capBack", "cap", "Back cap", top.cap.slice(0, 1)),
    edge("capFront", "cap", "Front cap", top.cap.slice(1)),
  ];
  const onTop = notches.filter((notch) => !isUnder(notch, capAt)).map((notch) => onCap(notch, outline, asItLies));
  return part(
    { id: "topSleeve", kind: KIND.sleeve, name: "Top sleeve" },
    top,
    cap,
    outline.frontEnd.y,
    elbow?.front.y ?? null,
    onTop,
  );
}

function underSleeve(sleeve: SetInSleeve, { under, capAt, quarter, elbow }: TwoPiece): Piece {
  const { outline, notches } = sleeve;
  const folded = (notch: SeamNotch) => mirroredAt(notch.seam === "armhole.front" ? quarter : -quarter);
  const onUnder = notches.filter((notch) => isUnder(notch, capAt)).map((notch) => onCap(notch, outline, folded(notch)));
  const underarm = { id: "underarm", at: endOf(under.cap.slice(0, 1)), inwards: { x: 0, y: 1 } };
  const cap = [
    edge("capUnderBack", "cap", "Lower cap, back", under.cap.slice(0, 1)),
    edge("capUnderFront", "cap", "Lower cap, front", under.cap.slice(1)),
  ];
  return part(
    { id: "underSleeve", kind: KIND.underSleeve, name: "Under sleeve" },
    under,
    cap,
    outline.frontEnd.y,
    elbow?.front.y ?? null,
    [...onUnder, underarm],
  );
}

const asItLies = (p: Point) => p;

/** Below this distance from the underarm a notch lies on the under sleeve. */
function isUnder({ seam, partAt }: SeamNotch, capAt: TwoPiece["capAt"]): boolean {
  return partAt < (seam === "armhole.front" ? capAt.front : capAt.back);
}

/** One of the two pieces, with a notch at the elbow on both its seams. */
function part(
  { id, kind, name }: Pick<Piece, "id" | "kind" | "name">,
  { frontSeam, backSeam, turnUp }: SleevePart,
  cap: readonly Edge[],
  capLevel: number,
  elbowLevel: number | null,
  notches: readonly PieceNotch[],
): Piece {
  const hem = line(endOf(frontSeam), endOf(backSeam));
  const edges = [
    ...cap,
    edge("frontSeam", "seam", "Front seam", frontSeam),
    ...hemEdges(hem, withEdge(turnUp)),
    edge("backSeam", "seam", "Back seam", reversePath(backSeam)),
  ];
  return {
    id,
    kind,
    name,
    cut: MIRRORED_PAIR,
    edges,
    outline: edges.flatMap((e) => e.path),
    folds: turnUp ? [hem] : [],
    darts: [],
    grain: uprightGrain((startOf(hem).x + endOf(hem).x) / 2, capLevel, endOf(hem).y),
    notches: [
      ...notches,
      ...(elbowLevel === null
        ? []
        : [elbowNotch("frontElbow", frontSeam, elbowLevel, 1), elbowNotch("backElbow", backSeam, elbowLevel, -1)]),
    ],
  };
}

function elbowNotch(id: string, seam: Path, level: number, turn: 1 | -1): PieceNotch {
  return notchOn(id, seam, lengthAtHeight(seam, level), turn);
}

function withEdge(turnUp: TurnUp | null) {
  return turnUp && { ...turnUp, edge: turnUpEdge(turnUp) };
}

/** A notch of the armhole on the fitted cap, or where that part of the cap is laid. */
function onCap({ id, seam, partAt }: SeamNotch, outline: SleeveOutline, lay: (p: Point) => Point): PieceNotch {
  const isFront = seam === "armhole.front";
  const up = reversePath([isFront ? outline.capFront : outline.capBack]);
  const { at, inwards } = notchOn(id, up, partAt, isFront ? -1 : 1);
  const laid = lay(at);
  const tip = lay({ x: at.x + inwards.x, y: at.y + inwards.y });
  return { id, at: laid, inwards: { x: tip.x - laid.x, y: tip.y - laid.y } };
}
