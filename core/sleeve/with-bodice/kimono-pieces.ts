import { SIDES, type Side } from "../../block";
import { at } from "../../data";
import { along, boxOf, endOf, line, type Path, type Point, pathLength, reversePath, startOf } from "../../geometry";
import {
  edge,
  foldedBeyond,
  type HalfEdges,
  halfPiece,
  KIND,
  neckAndCentre,
  neckFacing,
  notchOn,
  type Piece,
  placePiece,
} from "../../pattern";
import { slashOf } from "./gusset";
import type { KimonoDraft } from "./kimono-draft";
import type { KimonoHalf } from "./kimono-half";

/** Room between the two sleeves on the sheet. */
const BETWEEN_MM = 60;

/** Back to the left, front turned over to the right, as they lie on a table: sleeves towards each other. */
export function besideEachOther({ front, back }: KimonoDraft): Readonly<Record<Side, (p: Point) => Point>> {
  const reach = ({ overArm, underarm }: KimonoHalf) => boxOf([overArm, underarm]).right;
  const [out, outBack] = [reach(front), reach(back)];
  return {
    front: (p) => ({ x: out - p.x + BETWEEN_MM / 2, y: p.y }),
    back: (p) => ({ x: p.x - outBack - BETWEEN_MM / 2, y: p.y }),
  };
}

export function kimonoPieces(draft: KimonoDraft, turnUp: number): readonly Piece[] {
  const places = besideEachOther(draft);
  return SIDES.map((side) => placePiece(halfPiece(kimonoHalf(draft, side, turnUp)), places[side], side === "front"));
}

/** A half of the bodice with its sleeve grown on. */
export function kimonoHalf(draft: KimonoDraft, side: Side, turnUp: number): HalfEdges {
  const drawn = draft[side];
  const { half, overArm, underarm } = drawn;
  const name = side === "front" ? "Front" : "Back";
  const slash = draft.gusset && slashOf(drawn, draft.gusset);
  return {
    half,
    ...neckAndCentre(half, half.neckline.path),
    outer: [edge("overArm", "overarm", `${name} over-arm`, overArm), ...hemEdgesOf(drawn, name, turnUp)],
    side: underarm,
    notches: [
      // Both halves are marked where the front's are: two notches are sewn onto each other.
      notchOn("shoulder", overArm, nearestAlong(draft.front.overArm, draft.front.tip)),
      notchOn("underarm", underarm, pathLength(draft.front.underarm) - tailOf(draft.front)),
    ],
    folds: turnUp > 0 ? [line(drawn.overArmEnd, drawn.underarmEnd)] : [],
    slashes: slash ? [line(slash.from, slash.to)] : [],
  };
}

/** What is turned up lies beyond the hem, its ends mirrored from the seams. */
function hemEdgesOf({ overArm, underarm, overArmEnd, underarmEnd }: KimonoHalf, name: string, turnUp: number) {
  if (turnUp <= 0) return [edge("sleeveHem", "hem", `${name} hem of the sleeve`, line(overArmEnd, underarmEnd))];
  const above = foldedBeyond(overArm, underarmEnd, turnUp);
  const below = foldedBeyond(reversePath(underarm), overArmEnd, turnUp);
  return [
    edge("turnUpOverArm", "end", "End of the turn-up", above),
    edge("turnUp", "turned-up", "Turn-up", line(endOf(above), endOf(below))),
    edge("turnUpUnderarm", "end", "End of the turn-up", reversePath(below)),
  ];
}

/** How far along the over-arm line the tip lies; beside it where the line is bent. */
function nearestAlong(overArm: Path, tip: Point): number {
  const whole = pathLength(overArm);
  let best = { at: 0, far: Number.POSITIVE_INFINITY };
  for (let i = 0; i <= 200; i++) {
    const at = (whole * i) / 200;
    const { point } = along(overArm, at);
    const far = Math.hypot(point.x - tip.x, point.y - tip.y);
    if (far < best.far) best = { at, far };
  }
  return best.at;
}

/** The side below the middle of the underarm curve. */
function tailOf({ curve, underarm }: KimonoHalf): number {
  return pathLength(underarm.slice(-1)) + pathLength(curve) / 2;
}

/** The neck facings, each on the fold. */
export function facings(draft: KimonoDraft, width: number): readonly Piece[] {
  return SIDES.map((side) => {
    const { half, overArm } = draft[side];
    return neckFacing({ side, neckline: half.neckline.path, shoulder: overArm, centre: startOf(half.centre) }, width);
  });
}

/** The gusset as a diamond that stands on its point. */
export function gussetPiece({ gusset }: KimonoDraft): readonly Piece[] {
  if (!gusset) return [];
  const { width, length } = gusset;
  const corners: readonly Point[] = [
    { x: 0, y: -length / 2 },
    { x: width / 2, y: 0 },
    { x: 0, y: length / 2 },
    { x: -width / 2, y: 0 },
  ];
  const names = ["Front, sleeve", "Back, sleeve", "Back, bodice", "Front, bodice"] as const;
  const edges = corners.map((corner, i) =>
    edge(`side${i + 1}`, "seam", names[i] ?? "", line(corner, at(corners, (i + 1) % 4))),
  );
  return [
    {
      id: "gusset",
      kind: KIND.gusset,
      name: "Gusset",
      cut: { count: 2, mirrored: false, onFold: false, interfacing: 0 },
      edges,
      outline: edges.flatMap((one) => one.path),
      folds: [],
      darts: [],
      grain: { from: { x: 0, y: -length * 0.3 }, to: { x: 0, y: length * 0.3 } },
      notches: [],
    },
  ];
}
