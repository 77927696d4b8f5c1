import type { Garment } from "@core/garment/index";
import { directionTo, flatten, opposite, type Point, rotateDirection, step, svgPathData } from "@core/geometry/index";
import type { Piece, PieceNotch } from "@core/pattern/index";
import type { NotchMark } from "@core/spec/index";
import type { TapeUnit } from "@core/tape/index";
import { pieceLabels } from "./labels";
import type { LineStyle, Mark } from "./mark";
import type { Obstacle } from "./room";

const NOTCH_MM = 6;
const ARROW_MM = 5;

/** Everything that belongs on the paper for one piece of the garment. */
export function pieceMarks(garment: Garment, piece: Piece, unit: TapeUnit): readonly Mark[] {
  const notches = piece.notches.map((notch) => notchLines(notch, garment.spec.notchMark ?? "slit"));
  const buttons = (piece.buttons ?? []).flatMap(buttonLines);
  const grain = grainLines(piece);
  const levels = piece.lines ?? [];
  const drawn = (style: LineStyle) => (points: Obstacle) => ({ kind: "line", style, data: polyline(points) }) as const;
  return [
    { kind: "line", style: "stitching", data: svgPathData(piece.outline, true) },
    ...piece.darts.map((dart): Mark => ({ kind: "line", style: "stitching", data: svgPathData(dart) })),
    ...piece.folds.map((fold): Mark => ({ kind: "line", style: "fold", data: svgPathData(fold) })),
    ...levels.map(({ path }): Mark => ({ kind: "line", style: "level", data: svgPathData(path) })),
    ...notches.map((lines): Mark => ({ kind: "line", style: "notch", data: lines.map(polyline).join("") })),
    ...buttons.map(drawn("notch")),
    ...grain.map(drawn("grain")),
    ...pieceLabels(garment, piece, unit, [
      flatten(piece.outline),
      ...[...piece.darts, ...piece.folds, ...levels.map(({ path }) => path)].map((path) => flatten(path)),
      ...notches.flat(),
      ...buttons,
      ...grain,
    ]),
  ];
}

/** Half as wide as a notch is deep. */
const HEAD_SHARE = 0.5;

/** A slit, a slit with a bar across its inner end, or a wedge; each points into the piece. */
function notchLines({ at, inwards }: PieceNotch, mark: NotchMark): readonly Obstacle[] {
  const along = { x: -inwards.y, y: inwards.x };
  const place = (deep: number, aside: number): Point => ({
    x: at.x + NOTCH_MM * (inwards.x * deep + along.x * aside),
    y: at.y + NOTCH_MM * (inwards.y * deep + along.y * aside),
  });
  const tip = place(1, 0);
  switch (mark) {
    case "vee":
      return [[place(0, -HEAD_SHARE), tip, place(0, HEAD_SHARE)]];
    case "tee":
      return [
        [at, tip],
        [place(1, -HEAD_SHARE), place(1, HEAD_SHARE)],
      ];
    case "slit":
      return [[at, tip]];
  }
}

const BUTTON_MM = 5;

/** A small cross where a button is sewn on. */
function buttonLines({ x, y }: Point): readonly Obstacle[] {
  return [
    [
      { x: x - BUTTON_MM, y },
      { x: x + BUTTON_MM, y },
    ],
    [
      { x, y: y - BUTTON_MM },
      { x, y: y + BUTTON_MM },
    ],
  ];
}

/** The arrow and its two heads. */
function grainLines({ grain: { from, to } }: Piece): readonly Obstacle[] {
  const way = directionTo(from, to);
  const aside = rotateDirection(way, Math.PI / 2);
  const head = (tip: Point, back: Point): Obstacle => {
    const barb = (side: number) => step(step(tip, back, ARROW_MM), aside, (side * ARROW_MM) / 2);
    return [barb(-1), tip, barb(1)];
  };
  return [[from, to], head(from, way), head(to, opposite(way))];
}

function polyline(points: Obstacle): string {
  return points.map(({ x, y }, i) => `${i === 0 ? "M" : "L"}${x} ${y}`).join("");
}
