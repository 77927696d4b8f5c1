import { speak } from "@core/draft/index";
import type { Garment } from "@core/garment/index";
import { along, areaOf, boxOf, contains, distance, flatten, type Point, step } from "@core/geometry/index";
import type { Edge, Piece } from "@core/pattern/index";
import { formatLength, type TapeUnit } from "@core/tape/index";
import polylabel from "polylabel";
import type { Mark } from "./mark";

const TITLE_MM = 7;
export const LABEL_MM = 4.5;
const EDGE_LABEL_INSIDE_MM = 9;
const NARROW_EDGE_INSIDE_MM = 5;
/** Letters are about half as wide as they are high. */
const LETTER_SHARE = 0.53;
/** On a narrower piece, a band or a cuff, what is written runs along it. */
const NARROW_MM = 110;
/** A label would run over the ends of a shorter edge. */
const LEAST_LABELLED_MM = 60;

/** What is written on a piece: each edge that is long enough, what the piece is and how it is cut. */
export function pieceLabels(garment: Garment, piece: Piece, unit: TapeUnit): readonly Mark[] {
  const block = labels(garment, piece, unit);
  const named = block === null ? longestEdge(piece) : null;
  const inside = isNarrow(piece) ? NARROW_EDGE_INSIDE_MM : EDGE_LABEL_INSIDE_MM;
  return [
    ...piece.edges
      .filter((edge) => edge.length >= LEAST_LABELLED_MM && edge !== named)
      // Beside the words along a slim piece, what is written on its other edges keeps to their ends.
      .map((edge) => edgeLabel(edge, inside, unit, isSlim(piece) ? awayFromGrain(piece, edge) : HALF_WAY)),
    ...(block ?? alongLongestEdge(piece, unit)),
  ];
}

const HALF_WAY = 0.5;
const NEAR_AN_END = 0.2;
/** A label on a shorter edge would run over its end. */
const LEAST_SHIFTED_MM = 130;

function awayFromGrain({ grain }: Piece, { path, length }: Edge): number {
  if (length < LEAST_SHIFTED_MM) return HALF_WAY;
  const far = (share: number) => distance(along(path, length * share).point, grain.from);
  return far(NEAR_AN_END) > far(1 - NEAR_AN_END) ? NEAR_AN_END : 1 - NEAR_AN_END;
}

export function hasRoomForWords(piece: Piece): boolean {
  return !isNarrow(piece) && !isSlim(piece);
}

function isNarrow(piece: Piece): boolean {
  const { left, right } = boxOf([piece.outline]);
  return right - left < NARROW_MM;
}

/** A facing or a gusset, with hardly any room for lines of text across it, is on the whole narrower than this. */
const SLIM_MM = 75;

function isSlim(piece: Piece): boolean {
  const { left, right, top, bottom } = boxOf([piece.outline]);
  return !isNarrow(piece) && areaOf(piece.outline) / Math.max(right - left, bottom - top) < SLIM_MM;
}

function longestEdge({ edges }: Piece): Edge {
  return edges.reduce((longest, edge) => (edge.length > longest.length ? edge : longest));
}

/** Thinner than this a piece has room for two lines along it. */
const THIN_MM = 45;

/** What a slim piece is, along its longest edge. */
function alongLongestEdge(piece: Piece, unit: TapeUnit): readonly Mark[] {
  const edge = longestEdge(piece);
  const { left, right, top, bottom } = boxOf([piece.outline]);
  const isThin = areaOf(piece.outline) / Math.max(right - left, bottom - top) < THIN_MM;
  const measured = `${edge.name} ${formatLength(edge.length, unit)}`;
  const cutting = `${piece.name}, ${cutWords(piece).toLowerCase()}`;
  const lines = isThin ? [`${measured}; ${ADD_ALLOWANCE.toLowerCase()}`, cutting] : [measured, cutting, ADD_ALLOWANCE];
  const first = NARROW_EDGE_INSIDE_MM + bulgeUnder(edge, lines);
  return lines.map((text, i) => lineAlong(edge, first + i * LABEL_MM * 1.4, text));
}

const ADD_ALLOWANCE = "Stitching line: add seam allowance";

function cutWords({ cut }: Piece): string {
  const cloth = cut.onFold
    ? `Cut ${cut.count > 1 ? `${cut.count} ` : ""}on the fold`
    : `Cut ${cut.count}${cut.mirrored ? ", as a mirrored pair" : ""}`;
  const isPair = cut.mirrored && cut.count === 2;
  return cut.interfacing > 0 ? `${cloth}, and interfacing ${isPair ? "the same" : cut.interfacing}` : cloth;
}

/** The edge's name and length, written along it on the inside. The outline runs clockwise: inside is to the right. */
function edgeLabel(edge: Edge, inside: number, unit: TapeUnit, share: number): Mark {
  const text = `${edge.name} ${formatLength(edge.length, unit)}`;
  return lineAlong(edge, inside + bulgeUnder(edge, [text], share), text, share);
}

/** Degrees turned so that nothing is read upside down. */
export function uprightTurn(turn: number): number {
  return turn > 90 ? turn - 180 : turn < -90 ? turn + 180 : turn;
}

function lineAlong(edge: Edge, inside: number, text: string, share = HALF_WAY): Mark {
  const { point, direction } = along(edge.path, edge.length * share);
  return {
    kind: "text",
    at: step(point, { x: -direction.y, y: direction.x }, inside),
    text,
    size: LABEL_MM,
    anchor: "middle",
    turn: uprightTurn((Math.atan2(direction.y, direction.x) * 180) / Math.PI),
  };
}

/** How far a hollow edge comes in over straight lines of text along it. */
function bulgeUnder({ path, length }: Edge, lines: readonly string[], share = HALF_WAY): number {
  const half = (Math.max(...lines.map((text) => text.length)) * LABEL_MM * LETTER_SHARE) / 2;
  const { point, direction } = along(path, length * share);
  const comesIn = [-half, -half / 2, half / 2, half].map((away) => {
    const at = along(path, Math.min(length, Math.max(0, length * share + away))).point;
    return (at.y - point.y) * direction.x - (at.x - point.x) * direction.y;
  });
  return Math.max(0, ...comesIn);
}

/** The lines about the whole piece, beside its grain or where it is widest; null where they fit nowhere. */
function labels(garment: Garment, piece: Piece, unit: TapeUnit): readonly Mark[] | null {
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
  const besideGrain = textBlock(piece.name, lines, { x, y: top }, 1);
  const outline = flatten(piece.outline);
  if (!isSlim(piece) && besideGrain.every((line) => isInside(line, outline))) return besideGrain;
  const [poleX, poleY] = polylabel([outline.map(({ x, y }): [number, number] => [x, y])], POLE_PRECISION_MM);
  return (
    SMALLER.map((scale) => {
      const height = (TITLE_MM + lines.length * LABEL_MM * LINE_SHARE) * scale;
      return textBlock(piece.name, lines, { x: poleX, y: poleY - height / 2 + TITLE_MM * scale }, scale);
    }).find((block) => block.every((line) => isInside(line, outline))) ?? (isSlim(piece) ? null : besideGrain)
  );
}

/** The place furthest from every edge is found to within this. */
const POLE_PRECISION_MM = 0.5;
/** Where there is little room what is written gets smaller, down to what is still read at arm's length. */
const SMALLER = [1, 0.85, 0.7] as const;
const LINE_SHARE = 1.6;

type TextMark = Extract<Mark, { readonly kind: "text" }>;

/** The piece's name with lines under it, in the middle of x; `at` is the foot of the name. */
function textBlock(name: string, lines: readonly string[], at: Point, scale: number): readonly TextMark[] {
  const line = (text: string, down: number, size: number): TextMark => ({
    kind: "text",
    at: { x: at.x, y: at.y + down * scale },
    text,
    size: size * scale,
    anchor: "middle",
    turn: 0,
  });
  return [line(name, 0, TITLE_MM), ...lines.map((text, i) => line(text, (i + 1) * LABEL_MM * LINE_SHARE, LABEL_MM))];
}

function isInside({ at, text, size }: TextMark, outline: readonly Point[]): boolean {
  const half = (text.length * size * LETTER_SHARE) / 2;
  return [-half, -half / 2, 0, half / 2, half].every((x) =>
    [0, -size].every((y) => contains(outline, { x: at.x + x, y: at.y + y })),
  );
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
