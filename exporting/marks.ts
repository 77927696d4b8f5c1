import { speak } from "@core/draft/index";
import type { Garment, NotchMark } from "@core/garment/index";
import {
  along,
  areaOf,
  boxOf,
  flatten,
  opposite,
  type Point,
  step,
  svgPathData,
  turnWay,
  wayTo,
} from "@core/geometry/index";
import type { Edge, Piece, PieceNotch } from "@core/pattern/index";
import { formatLength, type TapeUnit } from "@core/tape/index";

/** What is drawn on a sheet, in millimetres, y down. Writers only draw these; they decide nothing. */
export type Mark =
  | { readonly kind: "line"; readonly style: LineStyle; readonly data: string }
  | {
      readonly kind: "text";
      readonly at: Point;
      readonly text: string;
      readonly size: number;
      readonly anchor: "start" | "middle";
      /** Degrees, clockwise on the page. */
      readonly turn: number;
    };

export type LineStyle = "stitching" | "fold" | "notch" | "grain";

/** Line widths in millimetres: the stitching line as a sharp pencil draws it. */
export const LINE_WIDTHS: Readonly<Record<LineStyle, number>> = {
  stitching: 0.5,
  fold: 0.35,
  notch: 0.5,
  grain: 0.35,
};
/** Dash and gap in millimetres; whole where there is none. */
export const LINE_DASHES: Readonly<Partial<Record<LineStyle, readonly [number, number]>>> = { fold: [6, 3] };

const NOTCH_MM = 6;
const ARROW_MM = 5;
const TITLE_MM = 7;
const LABEL_MM = 4.5;
const EDGE_LABEL_INSIDE_MM = 9;
const NARROW_EDGE_INSIDE_MM = 5;
/** On a narrower piece, a band or a cuff, what is written runs along it. */
const NARROW_MM = 110;
/** A label would run over the ends of a shorter edge. */
const LEAST_LABELLED_MM = 60;

/** Everything that belongs on the paper for one piece of the garment. */
export function pieceMarks(garment: Garment, piece: Piece, unit: TapeUnit): readonly Mark[] {
  return [
    { kind: "line", style: "stitching", data: svgPathData(piece.outline, true) },
    ...piece.darts.map((dart): Mark => ({ kind: "line", style: "stitching", data: svgPathData(dart) })),
    ...piece.folds.map((fold): Mark => ({ kind: "line", style: "fold", data: svgPathData(fold) })),
    ...piece.notches.map((notch) => notchMark(notch, garment.spec.notchMark ?? "slit")),
    ...(piece.buttons ?? []).flatMap(buttonMark),
    ...grainArrow(piece),
    ...piece.edges
      .filter((edge) => edge.length >= LEAST_LABELLED_MM && !(isSlim(piece) && edge === longestEdge(piece)))
      .map((edge) => edgeLabel(edge, isNarrow(piece) ? NARROW_EDGE_INSIDE_MM : EDGE_LABEL_INSIDE_MM, unit)),
    ...(isSlim(piece) ? alongLongestEdge(piece, unit) : labels(garment, piece, unit)),
  ];
}

/** A facing or a gusset, with no room for lines of text across it, on the whole narrower than this. */
const SLIM_MM = 75;

function isSlim(piece: Piece): boolean {
  const { left, right, top, bottom } = boxOf([piece.outline]);
  return !isNarrow(piece) && areaOf(piece.outline) / Math.max(right - left, bottom - top) < SLIM_MM;
}

function longestEdge({ edges }: Piece): Edge {
  return edges.reduce((longest, edge) => (edge.length > longest.length ? edge : longest));
}

/** What a slim piece is, along its longest edge. */
function alongLongestEdge(piece: Piece, unit: TapeUnit): readonly Mark[] {
  const edge = longestEdge(piece);
  const lines = [
    `${edge.name} ${formatLength(edge.length, unit)}`,
    `${piece.name}, ${cutWords(piece).toLowerCase()}`,
    ADD_ALLOWANCE,
  ];
  return lines.map((text, i) => textAlong(edge, NARROW_EDGE_INSIDE_MM + i * LABEL_MM * 1.4, text));
}

const ADD_ALLOWANCE = "Stitching line: add seam allowance";

function cutWords({ cut }: Piece): string {
  return `${cut.onFold ? "Cut on the fold" : `Cut ${cut.count}`}${cut.mirrored ? ", as a mirrored pair" : ""}`;
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

function isNarrow(piece: Piece): boolean {
  const { left, right } = boxOf([piece.outline]);
  return right - left < NARROW_MM;
}

function grainArrow(piece: Piece): readonly Mark[] {
  const { from, to } = piece.grain;
  const way = wayTo(from, to);
  const aside = turnWay(way, Math.PI / 2);
  const head = (tip: Point, back: Point): Mark => {
    const barb = (side: number) => step(step(tip, back, ARROW_MM), aside, (side * ARROW_MM) / 2);
    const [left, right] = [barb(-1), barb(1)];
    return { kind: "line", style: "grain", data: `M${left.x} ${left.y}L${tip.x} ${tip.y}L${right.x} ${right.y}` };
  };
  const middle = { x: from.x - 3, y: (from.y + to.y) / 2 };
  return [
    { kind: "line", style: "grain", data: segment(from, to) },
    head(from, way),
    head(to, opposite(way)),
    ...(isNarrow(piece) || isSlim(piece)
      ? []
      : [{ kind: "text", at: middle, text: "straight grain", size: LABEL_MM, anchor: "middle", turn: -90 } as const]),
  ];
}

/** The edge's name and length, written along its middle on the inside. The outline runs clockwise: inside is to the right. */
function edgeLabel(edge: Edge, inside: number, unit: TapeUnit): Mark {
  return textAlong(edge, inside, `${edge.name} ${formatLength(edge.length, unit)}`);
}

function textAlong(edge: Edge, inside: number, text: string): Mark {
  const { point, direction } = along(edge.path, edge.length / 2);
  const turn = (Math.atan2(direction.y, direction.x) * 180) / Math.PI;
  const upright = turn > 90 ? turn - 180 : turn < -90 ? turn + 180 : turn;
  return {
    kind: "text",
    at: {
      x: point.x - direction.y * inside,
      y: point.y + direction.x * inside,
    },
    text,
    size: LABEL_MM,
    anchor: "middle",
    turn: upright,
  };
}

function labels(garment: Garment, piece: Piece, unit: TapeUnit): readonly Mark[] {
  const capEase = garment.figures.find((figure) => figure.id === "sleeve.capEase");
  const lines = [
    garment.spec.name,
    cutWords(piece),
    ADD_ALLOWANCE,
    ...(capEase && piece.edges.some((edge) => edge.id === "capFront")
      ? [`Cap ease ${formatLength(capEase.value, unit)}`]
      : []),
    ...garment.findings
      .filter((finding) => finding.severity === "fault")
      .map((finding) => speak(finding.message, unit).split(/[.:]/)[0] ?? ""),
  ];
  const top = piece.grain.from.y + TITLE_MM;
  const x = middleOfWiderSide(piece, top);
  if (isNarrow(piece)) return alongPiece(piece, [piece.name, ...lines.slice(1)], x);
  return [
    { kind: "text", at: { x, y: top }, text: piece.name, size: TITLE_MM, anchor: "middle", turn: 0 },
    ...lines.map(
      (text, index): Mark => ({
        kind: "text",
        at: { x, y: top + (index + 1) * LABEL_MM * 1.6 },
        text,
        size: LABEL_MM,
        anchor: "middle",
        turn: 0,
      }),
    ),
  ];
}

/** Lines of text along a narrow piece, read from its right, the first on the left. */
function alongPiece(piece: Piece, lines: readonly string[], x: number): readonly Mark[] {
  const { from, to } = piece.grain;
  const first = x - ((lines.length - 1) * LABEL_MM * 1.4) / 2 + LABEL_MM / 2;
  return lines.map(
    (text, index): Mark => ({
      kind: "text",
      at: { x: first + index * LABEL_MM * 1.4, y: (from.y + to.y) / 2 },
      text,
      size: LABEL_MM,
      anchor: "middle",
      turn: -90,
    }),
  );
}

/** Half way between the grain and the edge that is further from it, at a level. */
function middleOfWiderSide({ outline, grain }: Piece, level: number): number {
  const points = flatten(outline);
  const crossings = points.flatMap((to, i) => {
    const from = points[i - 1];
    if (!from || from.y > level === to.y > level) return [];
    return [from.x + ((to.x - from.x) * (level - from.y)) / (to.y - from.y)];
  });
  const left = Math.min(grain.from.x, ...crossings);
  const right = Math.max(grain.from.x, ...crossings);
  const edge = right - grain.from.x >= grain.from.x - left - EVEN_MM ? right : left;
  return (grain.from.x + edge) / 2;
}

/** Sides that differ by less are as good as even: then it is the right one. */
const EVEN_MM = 5;

function segment(from: Point, to: Point): string {
  return `M${from.x} ${from.y}L${to.x} ${to.y}`;
}
