import type { CutPiece } from "@core/cut/index";
import type { Garment } from "@core/garment/index";
import {
  along,
  directionTo,
  endOf,
  flatten,
  opposite,
  type Point,
  rotateDirection,
  startOf,
  step,
  svgPathData,
} from "@core/geometry/index";
import type { Button, Piece, PieceNotch } from "@core/pattern/index";
import type { NotchMark } from "@core/spec/index";
import type { Tape } from "@core/tape/index";
import { pieceLabels } from "./labels";
import type { LinesShown } from "./line-choice";
import type { LineStyle, Mark } from "./mark";
import type { Obstacle } from "./room";

/** What is written keeps clear of chords of the outline. */
const LABELLED_CHORDS = 10;
const NOTCH_MM = 6;
const ARROW_MM = 5;

export type MarkOptions = {
  readonly tape: Tape;
  readonly lines: LinesShown;
  readonly about: string;
  /** Of the piece among all of the garment. */
  readonly number: number;
};

/** Everything that belongs on the paper for one piece of the garment. */
export function pieceMarks(
  garment: Garment,
  cut: CutPiece,
  { tape, lines, about, number }: MarkOptions,
): readonly Mark[] {
  const { piece } = cut;
  const cutting = lines === "stitching" ? null : cut.cutting;
  const isSewnDrawn = lines !== "cutting" || !cutting;
  const notches = (cutting ? cut.notches : piece.notches).map((notch) =>
    notchLines(notch, garment.spec.notchMark ?? "slit"),
  );
  const brackets = foldBrackets(cut);
  const buttons = (piece.buttons ?? []).flatMap(buttonLines);
  const grain = grainLines(piece);
  const levels = piece.lines ?? [];
  const drawn = (style: LineStyle) => (points: Obstacle) => ({ kind: "line", style, data: polyline(points) }) as const;
  return [
    ...(cutting ? [{ kind: "line", style: "cutting", data: svgPathData(cutting, true) } as const] : []),
    ...(isSewnDrawn
      ? [{ kind: "line", style: cutting ? "sewn" : "stitching", data: svgPathData(piece.outline, true) } as const]
      : []),
    ...piece.darts.map((dart): Mark => ({ kind: "line", style: "stitching", data: svgPathData(dart) })),
    ...piece.folds.map((fold): Mark => ({ kind: "line", style: "fold", data: svgPathData(fold) })),
    ...levels.map(({ path }): Mark => ({ kind: "line", style: "level", data: svgPathData(path) })),
    ...notches.map((lines): Mark => ({ kind: "line", style: "notch", data: lines.map(polyline).join("") })),
    ...buttons.map(drawn("notch")),
    ...grain.map(drawn("grain")),
    ...brackets.map(drawn("grain")),
    ...pieceLabels(garment, piece, { tape, number, about, allowances: cutting && cut.allowances }, [
      flatten(piece.outline, LABELLED_CHORDS),
      ...[...piece.darts, ...piece.folds, ...levels.map(({ path }) => path)].map((path) => flatten(path)),
      ...notches.flat(),
      ...buttons,
      ...grain,
      ...brackets,
    ]),
  ];
}

/** The bracket stands so far inside the fold, over so much of it, with heads of that size. */
const BRACKET = { inside: 7, from: 0.2, to: 0.8, head: 4 } as const;

/** Where a piece is laid on the fold: a line beside it whose ends point to it. */
function foldBrackets({ allowances }: CutPiece): readonly Obstacle[] {
  return allowances
    .filter(({ role, edge }) => role === "fold" && edge.length > 4 * BRACKET.inside)
    .flatMap(({ edge }) => {
      const place = (share: number, inside: number): Point => {
        const { point, direction } = along(edge.path, edge.length * share);
        return step(point, { x: -direction.y, y: direction.x }, inside);
      };
      const head = (share: number): Obstacle => {
        const aside = BRACKET.head / 2 / edge.length;
        return [place(share - aside, BRACKET.head), place(share, 0), place(share + aside, BRACKET.head)];
      };
      const { from, to, inside } = BRACKET;
      return [[place(from, 0), place(from, inside), place(to, inside), place(to, 0)], head(from), head(to)];
    });
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
/** Half of the bar across each end of a buttonhole. */
const BAR_MM = 2;

/** A small cross where a button is sewn on, and its hole with a bar at each end. */
function buttonLines({ at: { x, y }, hole }: Button): readonly Obstacle[] {
  const [from, to] = [startOf(hole), endOf(hole)];
  const aside = rotateDirection(directionTo(from, to), Math.PI / 2);
  const bar = (end: Point): Obstacle => [step(end, aside, -BAR_MM), step(end, aside, BAR_MM)];
  return [
    [from, to],
    bar(from),
    bar(to),
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
