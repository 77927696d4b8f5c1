import type { Dimension } from "../../draft";
import { boxOf, distance, endOf, mapPath, type Path, type Point, pathLength, startOf, step } from "../../geometry";
import type { Edge, Piece, PlacedPiece } from "../../pattern";
import type { ResolvedSpec } from "../../resolve";
import { alongEdge, atPlace, isSilent, straight } from "./dimension";

type BodiceChoices = ResolvedSpec["pieces"];
/** A figure of one piece, in that piece's own coordinates. */
type OnPiece = (piece: Piece, choices: BodiceChoices) => Dimension | null;

/**
 * Every figure of the finished pieces that lies somewhere on one, where the pieces lie on the sheet: what is typed for front and back, each
 * once and on the first piece that shows it; then the edges and the widths at the levels of the body, which are measured.
 */
export function pieceDimensions(
  { pieces: choices }: Pick<ResolvedSpec, "pieces">,
  placed: readonly PlacedPiece[],
): readonly Dimension[] {
  const typed = TYPED.flatMap((figureOf): readonly Dimension[] => {
    for (const { piece, x, y } of placed) {
      const found = figureOf(piece, choices);
      if (found) return [movedBy(found, x, y)];
    }
    return [];
  });
  const measured = placed.flatMap(({ piece, x, y }) =>
    [...levelsOf(piece), ...edgesOf(piece)].map((one) => movedBy(one, x, y)),
  );
  return [...typed, ...measured];
}

function movedBy(dimension: Dimension, x: number, y: number): Dimension {
  const move = (p: Point): Point => ({ x: p.x + x, y: p.y + y });
  const { place } = dimension;
  if (place.as === "place") return { ...dimension, place: { as: "place", at: move(place.at) } };
  if (place.as === "edge") return { ...dimension, place: { as: "edge", path: mapPath(place.path, move) } };
  return { ...dimension, place: { as: "distance", from: move(place.from), to: move(place.to) } };
}

const isOf = ({ kind }: Piece, side: "front" | "back") => kind.of === "bodice" && kind.side === side;
const figure = (path: string, piece: Piece) => ({ id: path, types: path, rank: 1, on: piece.id }) as const;

/** The edges of a side seam end at the hem: there flare is added, and there a curved hem is raised. */
function sideAtHem(piece: Piece): { readonly side: Edge; readonly foot: Point } | null {
  const side = piece.edges.find(({ role }) => role === "side");
  if (!side) return null;
  const [from, to] = [startOf(side.path), endOf(side.path)];
  return { side, foot: from.y > to.y ? from : to };
}

const spacing: OnPiece = (piece, choices) => {
  const [first, second] = piece.buttons ?? [];
  if (!first || !second || !isOf(piece, "front") || choices.frontAsked !== "buttons") return null;
  return straight(figure("bodice.buttonSpacing", piece), first.at, second.at, choices.buttonSpacing);
};

const size: OnPiece = (piece, choices) => {
  const last = piece.buttons?.at(-1);
  if (!last || !isOf(piece, "front")) return null;
  return atPlace({ ...figure("bodice.buttonSize", piece), rank: 2 }, last.at, choices.buttonSize);
};

/** From the centre out, below the first button. */
const stand: OnPiece = (piece, { front, stand }) => {
  const [first, second] = piece.buttons ?? [];
  if (!first || !isOf(piece, "front") || front !== "buttons") return null;
  const at = { x: first.at.x, y: second ? (first.at.y + second.at.y) / 2 : first.at.y };
  const edge = { x: at.x - stand, y: at.y };
  // A front that a collar grows has no stand of its own: what lies beyond its centre is the collar's figure.
  return piece.edges.some(({ role }) => role === "outer")
    ? null
    : straight(figure("bodice.stand", piece), at, edge, stand);
};

const hemDepth: OnPiece = (piece, { hem, hemDepth }) => {
  if (hem === "band" && piece.kind.worn.as === "hung" && piece.kind.worn.goes === "down") {
    const { left, right, top } = boxOf([piece.outline]);
    const x = left + (right - left) / 3;
    return straight(figure("bodice.hemDepth", piece), { x, y: top }, { x, y: top + hemDepth });
  }
  const turned = piece.edges.find(({ role }) => role === "turned-up");
  const side = turned && piece.edges[piece.edges.indexOf(turned) - 1];
  if (hem !== "plain" || piece.kind.of !== "bodice" || !turned || !side) return null;
  return straight(figure("bodice.hemDepth", piece), startOf(side.path), endOf(side.path), hemDepth);
};

const hemElastic: OnPiece = (piece, { hem, hemElastic }) => {
  const turned = piece.edges.find(({ role }) => role === "turned-up");
  if (hem !== "casing" || piece.kind.of !== "bodice" || !turned) return null;
  return atPlace(figure("bodice.hemElastic", piece), endOf(turned.path), hemElastic);
};

const hemRise: OnPiece = (piece, { hem, hemRise }) => {
  const at = sideAtHem(piece);
  if (hem !== "curved" || piece.kind.of !== "bodice" || !at) return null;
  return straight(figure("bodice.hemRise", piece), { x: at.foot.x, y: at.foot.y + hemRise }, at.foot, hemRise);
};

const flare: OnPiece = (piece, { flare }) => {
  const at = sideAtHem(piece);
  if (piece.kind.of !== "bodice" || !at) return null;
  const { left, right } = boxOf([piece.outline]);
  const outwards = at.foot.x > (left + right) / 2 ? 1 : -1;
  return straight(figure("bodice.flare", piece), step(at.foot, { x: -outwards, y: 0 }, flare), at.foot, flare);
};

const facingWidth: OnPiece = (piece, { neck, facingWidth }) => {
  const { of, side } = piece.kind;
  const centre = piece.edges.find(({ role }) => role === "centre");
  if (neck !== "facing" || of !== "finish" || side === null || !centre) return null;
  if (!piece.edges.some(({ role }) => role === "neck")) return null;
  // A deep back facing is wider at its centre: the figure is that of its shoulder.
  const shoulder = piece.edges.find(({ role }) => role === "shoulder");
  const shown =
    shoulder && Math.abs(shoulder.length - facingWidth) < Math.abs(centre.length - facingWidth) ? shoulder : centre;
  return straight(figure("bodice.facingWidth", piece), startOf(shown.path), endOf(shown.path), facingWidth);
};

const slit: OnPiece = (piece, { back, slit }) => {
  const line = piece.lines?.find(({ role }) => role === "place");
  if (back !== "slit" || !isOf(piece, "back") || !line) return null;
  return straight(figure("bodice.slit", piece), startOf(line.path), endOf(line.path), slit);
};

const TYPED: readonly OnPiece[] = [spacing, stand, size, hemDepth, hemElastic, hemRise, flare, facingWidth, slit];

/** How wide a piece is where a level of the body crosses it. */
function levelsOf({ id, name, kind, lines = [] }: Piece): readonly Dimension[] {
  return lines.flatMap(({ role, name: level, path }, i): readonly Dimension[] =>
    role === "level"
      ? [
          straight(
            { id: `${id} level ${i}`, label: `${name}: ${level}`, rank: kind.of === "bodice" ? 1 : 2, on: id },
            startOf(path),
            endOf(path),
          ),
        ]
      : [],
  );
}

/** Less of an edge says nothing beside the others. */
const LEAST_EDGE_MM = 12;

function edgesOf({ id, name, edges }: Piece): readonly Dimension[] {
  return edges
    .filter((edge) => !isSilent(edge) && edge.length > LEAST_EDGE_MM)
    .map(({ id: edge, name: edgeName, path, length }) =>
      alongEdge(
        { id: `${id}.${edge}`, label: `${name}: ${edgeName}`, rank: isLong(path) ? 2 : 3, on: id },
        path,
        length,
      ),
    );
}

/** Long edges are looked for first. */
const LONG_MM = 150;
function isLong(path: Path): boolean {
  return pathLength(path) > LONG_MM && distance(startOf(path), endOf(path)) > LONG_MM / 2;
}
