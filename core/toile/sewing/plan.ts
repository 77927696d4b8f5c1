import { levelOf } from "../../block";
import type { Garment } from "../../garment";
import { along, boxOf, distance, endOf, type Path, type Point, startOf } from "../../geometry";
import type { EdgeRole, Piece, Seam } from "../../pattern";
import { cutName, type Kept } from "../mesh/piece-mesh";

/** Where a piece begins on the body: round the trunk, round the arm, laid flat over both, or on the edge of a piece that hangs already. */
export type Role = "trunk" | "arm" | "flat" | "attached";

export type WornPiece = {
  readonly piece: Piece;
  readonly role: Role;
  readonly side: "front" | "back" | null;
  /** Where it is cut off, one after the other. */
  readonly cuts: readonly Kept[];
  /** Edges that lie in the middle of the body; a cut at the middle among them, by "cut" and its number. */
  readonly middle: readonly string[];
  /** A collar that is grown on is put on after the rest: by the back neck, and its centre back lies in the middle from then on. */
  readonly grownOn: { readonly base: string; readonly middle: string } | null;
  readonly isInterfaced: boolean;
  /** The edge by which an attached piece hangs. */
  readonly base: readonly string[];
};

export type SewingPlan = {
  readonly pieces: readonly WornPiece[];
  /** The seams that are sewn, each once. */
  readonly seams: readonly Seam[];
  /** The levels of the block that it was drafted on, down its pieces; null where it has none. Millimetres. */
  readonly levels: Readonly<Record<"bust" | "waist", number | null>>;
  /** How far out its bust point lies; null where it has none. Millimetres. */
  readonly bustX: number | null;
  /** Plain sentences about what is not worn as it would be sewn. */
  readonly notes: readonly string[];
};

/** What of the garment is sewn up for the toile: the right half of it. Null with a sentence where there is no whole garment. */
export function sewingPlan(garment: Garment): SewingPlan | { readonly why: string } {
  const { pieces, seams, joins } = garment;
  const sides = ["front", "back"].map((side) => pieces.some(({ kind }) => kind.of === "bodice" && kind.side === side));
  if (!sides.every(Boolean))
    return { why: "A toile is sewn of front and back too: choose to cut the whole garment under Pieces." };
  const notes: string[] = [];
  const isFlat = garment.resolved.sleeve?.kind === "kimono";
  const worn = pieces.flatMap((piece): readonly WornPiece[] => {
    if (piece.arm?.insteadOf) return [];
    const { worn: how, side } = piece.kind;
    switch (how.as) {
      case "behind":
        return [];
      case "trunk":
        return [bodicePiece(piece, side ?? "front", isFlat, garment)];
      case "hung":
        return [attached(piece, how.by, how.goes === "stand" ? standAtFront(garment, piece) : null)];
      case "arm":
        return [armPiece(piece)];
      case "left-out":
        notes.push(`${piece.name} is not worn: the toile has no place for it yet.`);
    }
    return [];
  });
  const isWorn = (name: string) => worn.some(({ piece }) => name.startsWith(`${piece.id}.`));
  const used = new Set<string>();
  const sewn = [...seams, ...joins].filter((seam) => {
    const names = [...seam.bodyEdges, ...seam.partEdges];
    // A seam of an edge with its own mirror image lies in the middle; what is sewn twice to one edge is sewn once.
    if (!names.every(isWorn) || seam.bodyEdges.join() === seam.partEdges.join()) return false;
    if (names.some((name) => used.has(name))) return false;
    for (const name of names) used.add(name);
    return true;
  });
  const level = (name: "bust" | "waist") => garment.block && levelOf(garment.block, name);
  const levels = { bust: level("bust"), waist: level("waist") };
  return { pieces: worn, seams: sewn, levels, bustX: garment.block?.front.bust?.bustPoint.x ?? null, notes };
}

/** Turned-up hems, casings and half a cuff are folded behind what is worn: the piece is cut off at its folds. */
function foldCuts(piece: Piece, keep: Point): readonly Kept[] {
  return piece.folds.flatMap((fold): readonly Kept[] => {
    const [from, to] = [startOf(fold), endOf(fold)];
    if (liesOnOutline(piece, fold)) return [];
    return [beyondLine(from, to, keep)];
  });
}

/** A fold on the edge of the piece is where its other half begins. */
function liesOnOutline({ edges }: Piece, fold: Path): boolean {
  const [a, b] = [startOf(fold), endOf(fold)];
  const near = (p: Point, q: Point) => distance(p, q) < 2;
  return edges.some(
    ({ path }) => (near(startOf(path), a) && near(endOf(path), b)) || (near(startOf(path), b) && near(endOf(path), a)),
  );
}

/** Everything on the side of `keep` of the line through two places. */
function beyondLine(from: Point, to: Point, keep: Point): Kept {
  const size = distance(from, to);
  const off = (p: Point) => ((to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x)) / size;
  const sign = Math.sign(off(keep)) || 1;
  return { keeps: (p) => off(p) * sign };
}

function middleOf({ outline }: Piece): Point {
  const { left, right, top, bottom } = boxOf([outline]);
  return { x: (left + right) / 2, y: (top + bottom) / 2 };
}

function bodicePiece(piece: Piece, side: "front" | "back", isFlat: boolean, garment: Garment): WornPiece {
  const cuts = [...foldCuts(piece, middleOf(piece))];
  const middle: string[] = [];
  const centre = piece.edges.find(({ role }) => role === "centre" || role === "folded-back");
  if (centre) {
    const opens = side === "front" && !piece.cut.onFold && opensInFront(garment);
    if (opens) {
      middle.push(cutName(cuts.length));
      cuts.push(atMiddle(piece));
    } else middle.push(centre.id);
  }

  const [base, grownCentre] = (["collar-neck", "collar-centre"] as const).map((role) => edgeOf(piece, role));
  const grownOn = base && grownCentre ? { base: base.id, middle: grownCentre.id } : null;
  return { piece, role: isFlat ? "flat" : "trunk", side, cuts, middle, grownOn, isInterfaced: false, base: [] };
}

/** A front that is seamed or zipped at its centre is closed there; any other that is no fold laps over. */
function opensInFront({ joins, pieces }: Garment): boolean {
  return !joins.some(
    ({ kind, bodyEdges }) =>
      kind === "centre" && pieces.some((piece) => piece.kind.side === "front" && isOn(piece, bodyEdges)),
  );
}

/**
 * A front that laps over is worn as far as its middle; a lapel is worn whole, beyond its roll line. What lies between the two, where the roll line has
 * crossed the middle on its way to the break, lies under or over the other front and is left out.
 */
function atMiddle(piece: Piece): Kept {
  const roll = piece.lines?.find(({ role }) => role === "roll");
  if (!roll) return { keeps: ({ x }) => x };
  const [a, b] = [startOf(roll.path), endOf(roll.path)];
  const [high, low] = a.y < b.y ? [a, b] : [b, a];
  const way = { x: (low.x - high.x) / distance(high, low), y: (low.y - high.y) / distance(high, low) };
  const beyond = ({ x, y }: Point) => (y - high.y) * way.x - (x - high.x) * way.y;
  const crossing = { x: 0, y: high.y - (high.x * way.y) / way.x };
  const hasCrossed = low.x < 0 && high.x > 0;
  return {
    keeps: (p) => Math.max(p.x, p.y < low.y ? beyond(p) : low.y - p.y),
    corner: hasCrossed ? crossing : { x: 0, y: low.y },
  };
}

function armPiece(piece: Piece): WornPiece {
  return {
    piece,
    role: "arm",
    side: null,
    cuts: foldCuts(piece, middleOf(piece)),
    middle: [],
    grownOn: null,
    isInterfaced: false,
    base: [],
  };
}

/** The end of a collar's stand that laps over at the front: it is worn as far as the middle. */
function standAtFront({ seams, pieces }: Garment, piece: Piece): Kept | null {
  const neck = edgeOf(piece, "neck");
  const seam = neck && seams.find(({ partEdges }) => partEdges.includes(`${piece.id}.${neck.id}`));
  if (!neck || !seam) return null;
  const lap = pieces
    .flatMap(({ id, edges }) =>
      edges.filter((one) => seam.bodyEdges.includes(`${id}.${one.id}`) && one.role === "neck-end"),
    )
    .reduce((sum, { length }) => sum + length, 0);
  if (lap === 0) return null;
  // Its neck edge runs from the front to the back.
  const { point, direction } = along(neck.path, lap);
  return { keeps: (p) => (p.x - point.x) * direction.x + (p.y - point.y) * direction.y };
}

function attached(piece: Piece, base: readonly string[], atFront: Kept | null): WornPiece {
  const ofBase = piece.edges.find(({ id }) => base.includes(id));
  const keep = ofBase ? startOf(ofBase.path) : middleOf(piece);
  const centre = piece.edges.find(
    ({ role, path }) =>
      (role === "centre" || role === "collar-centre") &&
      (isRoundBody(piece) || piece.folds.some((fold) => sameLine(fold, path))),
  );
  return {
    piece,
    role: "attached",
    side: null,
    cuts: atFront ? [atFront] : isFoldedStrip(piece) ? foldCuts(piece, keep) : [],
    middle: [...(centre ? [centre.id] : []), ...(atFront ? [cutName(0)] : [])],
    grownOn: null,
    isInterfaced: piece.cut.interfacing > 0,
    base: base.filter((name) => piece.edges.some(({ id }) => id === name)),
  };
}

/** The side of a piece, below its dart where one lies in it; nothing of a piece that has none. */
export const sideEdgeOf = ({ edges }: Piece) => edges.findLast(({ role }) => role === "side");

/** Which way a piece goes that hangs on another; null for one that does not. */
export const goesOf = ({ kind: { worn } }: Piece) => (worn.as === "hung" ? worn.goes : null);
/** A band round the hem or round neck and front, of which half is worn. */
const isRoundBody = (piece: Piece) => ["down", "round"].includes(goesOf(piece) ?? "");
const isFoldedStrip = (piece: Piece) => isRoundBody(piece) || goesOf(piece) === "cuff";
const edgeOf = ({ edges }: Piece, role: EdgeRole) => edges.find((one) => one.role === role);
const isOn = ({ id, edges }: Piece, names: readonly string[]) => edges.some((one) => names.includes(`${id}.${one.id}`));
const sameLine = (a: Path, b: Path) => Math.min(distance(startOf(a), startOf(b)), distance(startOf(a), endOf(b))) < 2;
