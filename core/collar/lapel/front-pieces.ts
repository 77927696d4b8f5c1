import {
  along,
  betweenDirections,
  endOf,
  line,
  type Path,
  type Point,
  pathLength,
  reversePath,
  rotateDirection,
  startOf,
  subpath,
} from "../../geometry";
import {
  armholeEdges,
  type Button,
  bodicePiece,
  buttonAt,
  type Edge,
  edge,
  KIND,
  type NamedLine,
  neckFacing,
  type Piece,
  shoulderEdges,
  sideDartEdges,
  uprightGrain,
} from "../../pattern";
import type { CollarBase } from "../collar-kind";
import type { FrontGround } from "./front-ground";

/** What a front is that grows a lapel or a collar. */
type Front = Pick<FrontGround, "front" | "chest" | "outAlongShoulder">;

/** A facing is half the shoulder wide at the top, and reaches 2 in inside the button stand (common practice, no source). */
const SHOULDER_SHARE = 0.5;
export const INSIDE_MM = 50.8;

/** The front edge below the break point, as long as the front. */
export function frontEdgeBelow({ breakPoint, front }: FrontGround): Path {
  return line(breakPoint, { x: breakPoint.x, y: endOf(front.centre).y });
}

/** The front with its collar or lapel: `upper` runs from the front edge to the neck end of the shoulder, `edgeDown` from its start to the hem. */
export function frontPiece(
  ground: Front,
  upper: readonly Edge[],
  edgeDown: Path,
  /** Empty where it has none, or has those of the bodice. */
  buttons: readonly Button[],
): Piece {
  const { front } = ground;
  const piece = bodicePiece(front, {
    upper: [...upper, ...shoulderEdges(front), ...armholeEdges(front), ...sideDartEdges(front)],
    side: front.sideSeam,
    centre: edgeDown,
  });
  const right = endOf(front.sideSeam).x;
  const below = endOf(front.centre).y;
  return {
    ...piece,
    cut: { count: 2, mirrored: true, onFold: false, interfacing: 0 },
    folds: [],
    grain: uprightGrain(right * GRAIN_SHARE, ground.chest, below),
    edges: piece.edges.map((one) => (one.id === "centre" ? { ...one, name: "Front edge" } : one)),
    ...(buttons.length > 0 ? { buttons } : {}),
  };
}

const GRAIN_SHARE = 0.45;

/** The facing that is cut in one with lapel or collar: the same edges in front, and within them a line from the shoulder to the hem. */
export function frontFacing(ground: Front, upper: readonly Edge[], edgeDown: Path, name: string): Piece {
  const { front, chest } = ground;
  const shoulder = subpath(front.shoulder.path, 0, facingWidth(ground));
  const top = endOf(shoulder);
  const hem = line(endOf(front.sideSeam), endOf(edgeDown));
  const share = (endOf(front.sideSeam).x - INSIDE_MM) / (endOf(front.sideSeam).x - endOf(edgeDown).x);
  const foot = along(hem, pathLength(hem) * share).point;
  const bend = { x: INSIDE_MM, y: Math.min(chest, foot.y - 1) };
  const down = rotateDirection(ground.outAlongShoulder, Math.PI / 2);
  const edges = [
    ...upper,
    edge("shoulder", "shoulder", "Shoulder", shoulder),
    edge("inner", "raw", "Inner edge", [betweenDirections(top, down, bend, { x: 0, y: 1 }), ...line(bend, foot)]),
    edge("hem", "hem", "Hem", line(foot, endOf(edgeDown))),
    edge("front", "outer", "Front edge", reversePath(edgeDown)),
  ];
  return {
    id: "frontFacing",
    kind: KIND.frontFacing,
    name,
    cut: { count: 2, mirrored: true, onFold: false, interfacing: 1 },
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [],
    darts: [],
    grain: uprightGrain(INSIDE_MM / 2, chest, foot.y),
    notches: [],
  };
}

export function facingWidth({ front }: Pick<FrontGround, "front">): number {
  return front.shoulder.length * SHOULDER_SHARE;
}

/** The facing of the back neck, as wide at the shoulder as the front's. */
export function backFacing(ground: Pick<FrontGround, "front" | "back">): Piece {
  const { back } = ground;
  const width = Math.min(facingWidth(ground), back.shoulder.length);
  return neckFacing(
    { side: "back", neckline: back.neckline.path, shoulder: back.shoulder.path, centre: startOf(back.centre) },
    width,
  );
}

/** The roll line as a line of the front piece, from the break point to where it leaves the piece at the neck. */
export function rollLine({ breakPoint, rollTop, neck }: FrontGround): NamedLine {
  return { role: "roll", name: "Roll line", path: line(breakPoint, rollTop.x < neck.x ? rollTop : neck) };
}

/** Buttons on places of the front edge; their holes lie level, for a front that is pulled sideways. */
export function levelButtons(
  places: readonly Point[],
  { buttonSize }: Pick<CollarBase, "buttonSize">,
): readonly Button[] {
  return places.map((at) => buttonAt(at, { x: 1, y: 0 }, buttonSize));
}

/** The facing of the back neck, where it has one. */
export function backFacings(ground: Pick<FrontGround, "front" | "back">, base: Pick<CollarBase, "hasBackFacing">) {
  return base.hasBackFacing ? [backFacing(ground)] : [];
}

/** None where a zip closes the front. From the break point down to the hem, as evenly as comes nearest to the distance asked; the last keeps half of it from the hem. */
export function buttonsBelow(
  { breakPoint, front }: FrontGround,
  spacing: number,
  { closing }: Pick<CollarBase, "closing">,
): readonly Point[] {
  if (closing === "zip") return [];
  const end = endOf(front.centre).y - spacing / 2;
  const gaps = Math.max(0, Math.round((end - breakPoint.y) / spacing));
  const gap = gaps > 0 ? (end - breakPoint.y) / gaps : 0;
  return Array.from({ length: gaps + 1 }, (_, i) => ({ x: startOf(front.centre).x, y: breakPoint.y + i * gap }));
}
