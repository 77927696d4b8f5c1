import type { BodiceHalf } from "../block";
import { along, betweenDirections, endOf, line, type Path, reversePath, startOf, subpath } from "../geometry";
import { edge, KIND, type NamedLine, neckFacing, type Piece } from "../pattern";

/** A deep back facing hides the front neck on a hanger: it reaches this far below it (our own figure). */
const BELOW_FRONT_NECK_MM = 25.4;

/** The facing of a half's neck, as wide all round. On the fold, or as a pair where the centre opens. */
export function facingOf(half: BodiceHalf, width: number, isOpen: boolean): Piece {
  const piece = neckFacing(
    {
      side: half.side,
      neckline: half.neckline.path,
      shoulder: half.shoulder.path,
      centre: endOf(half.neckline.path),
    },
    Math.min(width, half.shoulder.length * MOST_OF_SHOULDER),
  );
  return isOpen ? { ...piece, folds: [], cut: { count: 2, mirrored: true, onFold: false, interfacing: 2 } } : piece;
}

const MOST_OF_SHOULDER = 0.9;

/** What faces a slit goes on this far below its end (our own figure). */
const BELOW_SLIT_MM = 25.4;
/** A slit is faced so wide on either side (usual width of a facing, common practice, no source). */
const BESIDE_SLIT_MM = 38.1;

/** A back facing that goes down beyond the end of a slit, in the same piece, and at least to a level that it is asked to reach. */
export function slitBackFacing(back: BodiceHalf, slit: number, width: number, least: number): Piece {
  const neck = endOf(back.neckline.path);
  const facing = deepBackFacing(back, Math.max(least, neck.y + slit + BELOW_SLIT_MM), width);
  return { ...facing, lines: [slitLine(facing.folds[0] ?? [], slit)] };
}

/** The facing of a slit where the neck has none: laid over the centre back, half of it on the fold. */
export function slitFacing({ neckline }: BodiceHalf, slit: number): Piece {
  const neck = subpath(reversePath(neckline.path), 0, Math.min(BESIDE_SLIT_MM, neckline.length));
  const [centre, corner] = [startOf(neck), endOf(neck)];
  const foot = { x: centre.x, y: centre.y + slit + BELOW_SLIT_MM };
  const outer = { x: corner.x, y: foot.y };
  const edges = [
    edge("neckline", "neck", "Back neck", neck),
    edge("outer", "raw", "Outer edge", [...line(corner, outer), ...line(outer, foot)]),
    edge("centre", "centre", "Centre back", line(foot, centre)),
  ];
  const fold = line(centre, foot);
  const middle = (centre.x + corner.x) / 2;
  const deep = foot.y - centre.y;
  return {
    id: "slitFacing",
    kind: KIND.strip,
    name: "Slit facing",
    cut: { count: 1, mirrored: false, onFold: true, interfacing: 0 },
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [fold],
    darts: [],
    grain: { from: { x: middle, y: centre.y + deep * 0.15 }, to: { x: middle, y: foot.y - deep * 0.15 } },
    notches: [],
    lines: [slitLine(fold, slit)],
  };
}

/** The slit itself, so far down the centre back: cut only once it is faced. */
export function slitLine(centre: Path, slit: number): NamedLine {
  return { role: "place", name: "Slit", path: subpath(centre, 0, slit) };
}

/** The level that a deep back facing reaches to, below the front neck: nothing raw shows on a hanger. */
export function belowFrontNeck(front: BodiceHalf): number {
  return endOf(front.neckline.path).y + BELOW_FRONT_NECK_MM;
}

/** A back facing that reaches down to a level, and is nowhere narrower than `width`. */
export function deepBackFacing(back: BodiceHalf, level: number, width: number): Piece {
  const plain = facingOf(back, width, false);
  const shoulder = Math.min(width, back.shoulder.length * MOST_OF_SHOULDER);
  const centre = endOf(back.neckline.path);
  const foot = { x: centre.x, y: Math.max(level, centre.y + width) };
  const from = along(back.shoulder.path, shoulder);
  const down = { x: -from.direction.y, y: from.direction.x };
  const outer: Path = [betweenDirections(from.point, down, foot, { x: -1, y: 0 })];
  const edges = [
    edge("neckline", "neck", "Back neck", reversePath(back.neckline.path)),
    edge("shoulder", "shoulder", "Shoulder", subpath(back.shoulder.path, 0, shoulder)),
    edge("outer", "raw", "Outer edge", outer),
    edge("centre", "centre", "Centre back", line(foot, centre)),
  ];
  return {
    ...plain,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [line(centre, foot)],
    grain: {
      from: { x: foot.x + width / 2, y: centre.y + (foot.y - centre.y) * 0.25 },
      to: { x: foot.x + width / 2, y: foot.y - (foot.y - centre.y) * 0.2 },
    },
  };
}

/** A binding is cut 1 in wide (common practice, no source); of knit 93 in the hundred of its edge (90 to 95, from memory). */
const BINDING_WIDTH_MM = 25.4;
export const KNIT_SHARE = 0.93;

/** The strip that binds the whole neck, folded over its edge: on the bias, or the stretch of a knit. */
export function neckBinding(neckline: number, isKnit: boolean): Piece {
  const long = neckline * (isKnit ? KNIT_SHARE : 1);
  const corners = [
    { x: 0, y: 0 },
    { x: long, y: 0 },
    { x: long, y: BINDING_WIDTH_MM },
    { x: 0, y: BINDING_WIDTH_MM },
  ] as const;
  const edges = [
    edge("inner", "inner", "Inner edge", line(corners[0], corners[1])),
    edge("end", "end", "End", line(corners[1], corners[2])),
    edge("outer", "seam", "Edge to the neck", line(corners[2], corners[3])),
    edge("start", "end", "End", line(corners[3], corners[0])),
  ];
  const middle = BINDING_WIDTH_MM / 2;
  const reach = BINDING_WIDTH_MM * 0.3;
  return {
    id: "neckBinding",
    kind: KIND.strip,
    name: "Neck binding",
    cut: { count: 1, mirrored: false, onFold: false, interfacing: 0 },
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [line({ x: 0, y: middle }, { x: long, y: middle })],
    darts: [],
    // On the bias woven cloth gives; a knit gives across.
    grain: isKnit
      ? { from: { x: long / 2, y: middle - reach }, to: { x: long / 2, y: middle + reach } }
      : { from: { x: long / 2 - reach, y: middle - reach }, to: { x: long / 2 + reach, y: middle + reach } },
    notches: [],
  };
}

/** The whole neckline of a garment, both halves and both sides. */
export function wholeNeck(front: BodiceHalf, back: BodiceHalf): number {
  return 2 * (front.neckline.length + back.neckline.length);
}
