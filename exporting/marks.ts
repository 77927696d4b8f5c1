import type { Garment, NotchMark } from "@core/garment/index";
import { distance, opposite, type Point, step, svgPathData, turnWay, wayTo } from "@core/geometry/index";
import type { Piece, PieceNotch } from "@core/pattern/index";
import type { TapeUnit } from "@core/tape/index";
import { hasRoomForWords, LABEL_MM, pieceLabels, uprightTurn } from "./labels";
import type { Mark } from "./mark";

const NOTCH_MM = 6;
const ARROW_MM = 5;

/** Everything that belongs on the paper for one piece of the garment. */
export function pieceMarks(garment: Garment, piece: Piece, unit: TapeUnit): readonly Mark[] {
  return [
    { kind: "line", style: "stitching", data: svgPathData(piece.outline, true) },
    ...piece.darts.map((dart): Mark => ({ kind: "line", style: "stitching", data: svgPathData(dart) })),
    ...piece.folds.map((fold): Mark => ({ kind: "line", style: "fold", data: svgPathData(fold) })),
    ...piece.notches.map((notch) => notchMark(notch, garment.spec.notchMark ?? "slit")),
    ...(piece.buttons ?? []).flatMap(buttonMark),
    ...grainArrow(piece),
    ...pieceLabels(garment, piece, unit),
  ];
}

/** Half as wide as a notch is deep. */
const HEAD_SHARE = 0.5;

/** A slit, a slit with a bar across its inner end, or a wedge; each points into the piece. */
function notchMark({ at, inwards }: PieceNotch, mark: NotchMark): Mark {
  const along = { x: -inwards.y, y: inwards.x };
  const place = (deep: number, aside: number): Point => ({
    x: at.x + NOTCH_MM * (inwards.x * deep + along.x * aside),
    y: at.y + NOTCH_MM * (inwards.y * deep + along.y * aside),
  });
  const tip = place(1, 0);
  const data =
    mark === "vee"
      ? `${segment(place(0, -HEAD_SHARE), tip)}${segment(tip, place(0, HEAD_SHARE))}`
      : mark === "tee"
        ? `${segment(at, tip)}${segment(place(1, -HEAD_SHARE), place(1, HEAD_SHARE))}`
        : segment(at, tip);
  return { kind: "line", style: "notch", data };
}

const BUTTON_MM = 5;

/** A small cross where a button is sewn on. */
function buttonMark({ x, y }: Point): readonly Mark[] {
  const arm = (to: Point): Mark => ({
    kind: "line",
    style: "notch",
    data: segment({ x: 2 * x - to.x, y: 2 * y - to.y }, to),
  });
  return [arm({ x: x + BUTTON_MM, y }), arm({ x, y: y + BUTTON_MM })];
}

/** The words stand so far beside the arrow, and have no room along a shorter one. */
const GRAIN_ASIDE_MM = 3;
const LEAST_WORDED_MM = 70;

function grainArrow(piece: Piece): readonly Mark[] {
  const { from, to } = piece.grain;
  const way = wayTo(from, to);
  const aside = turnWay(way, Math.PI / 2);
  const head = (tip: Point, back: Point): Mark => {
    const barb = (side: number) => step(step(tip, back, ARROW_MM), aside, (side * ARROW_MM) / 2);
    const [left, right] = [barb(-1), barb(1)];
    return { kind: "line", style: "grain", data: `M${left.x} ${left.y}L${tip.x} ${tip.y}L${right.x} ${right.y}` };
  };
  const beside = step({ x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }, aside, GRAIN_ASIDE_MM);
  const turn = (Math.atan2(way.y, way.x) * 180) / Math.PI - 180;
  return [
    { kind: "line", style: "grain", data: segment(from, to) },
    head(from, way),
    head(to, opposite(way)),
    ...(hasRoomForWords(piece) && distance(from, to) >= LEAST_WORDED_MM
      ? [
          {
            kind: "text",
            at: beside,
            text: "straight grain",
            size: LABEL_MM,
            anchor: "middle",
            turn: uprightTurn(turn),
          } as const,
        ]
      : []),
  ];
}

function segment(from: Point, to: Point): string {
  return `M${from.x} ${from.y}L${to.x} ${to.y}`;
}
