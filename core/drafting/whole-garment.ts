import type { Block, Side } from "../block";
import { type Bodice, type BodiceChoices, draftBodice } from "../bodice";
import { remembered } from "../data";
import { distance, endOf, type Path, pathLength, startOf, subpath } from "../geometry";
import {
  addNotches,
  BAND_SEAMS,
  type Edge,
  type EdgeRun,
  edge,
  edgeFinder,
  type HalfEdges,
  halfOfBlock,
  hasEdges,
  insideOutline,
  type Join,
  joinedSeam,
  marksOf,
  type NamedLine,
  NECK_OF_BODICE,
  nameOf,
  notchAlong,
  type Piece,
  type Seam,
  type SeamKind,
  type SeamRule,
  withFoldNotches,
  withNotches,
} from "../pattern";
import { SLEEVE_SEAMS } from "../sleeve";
import type { DraftedCollar } from "./draft-collar";
import type { DraftedSleeve } from "./draft-sleeve";
import { type EdgeResolver, edgeResolver, neckResolver } from "./edge-resolver";
import { type FittedSeam, joinsOnSecondFront, seamsOf, secondFront } from "./fitted-seams";
import { isOfArm, OTHER, type OtherSleeve, ofOneArm, onOtherArm, opposite, otherSeams } from "./other-arm";
import { partJoins } from "./part-joins";
import { reachingWaist } from "./reaching-waist";

/** The whole garment as one pattern. */
export type AssembledGarment = {
  readonly pieces: readonly Piece[];
  /** The seams that sleeve and collar are fitted to, by the edges that the pieces have here. */
  readonly seams: readonly Seam[];
  /** Every other seam of the garment, measured on its pieces. */
  readonly joins: readonly Seam[];
  /** Null where front and back are not cut. */
  readonly bodice: Bodice | null;
  /** Do sleeve and collar both cut the front anew, each without the other? */
  readonly isFrontCutTwice: boolean;
};

export const NOTHING_ASSEMBLED: AssembledGarment = {
  pieces: [],
  seams: [],
  joins: [],
  bodice: null,
  isFrontCutTwice: false,
};

/** A bodice that no choice was made for: where only a sleeve or a collar draws a part of it. */
const AS_DRAWN = { panels: "whole", waistSeam: "none", flare: 0, hem: "plain", hemDepth: 0, neck: "none" } as const;

/** Sleeve, collar and bodice put together: one front for all of them, each piece once, every seam by the edges that it joins. */
export function wholeGarment(
  given: Block | null,
  sleeve: DraftedSleeve | null,
  collar: DraftedCollar | null,
  choices: BodiceChoices,
  backLength: number,
  /** The sleeve of an arm that differs, and on which side it is. */
  other: OtherSleeve | null = null,
): AssembledGarment {
  if (!given) return NOTHING_ASSEMBLED;
  const ofSleeve = sleeve?.family === "bodice" ? sleeve.drawing : null;
  const grown = collar?.drawing.front ?? null;
  const isWhole = choices.cut === "whole";
  const own = ownPieces(sleeve, collar, isWhole);
  // Sleeve or collar may bring the band of the hem.
  const hem = own.some(({ kind: { worn } }) => worn.as === "hung" && worn.goes === "down") ? "plain" : choices.hem;
  const drawnSides: readonly Side[] = isWhole || ofSleeve ? ["front", "back"] : grown ? ["front"] : [];
  const { all, isFrontCutTwice } = bodiceOf(given, {
    backLength,
    ofSleeve,
    grown,
    choices: isWhole
      ? { ...choices, hem }
      : { ...choices, ...AS_DRAWN, front: !grown ? "fold" : choices.front === "zip" ? "zip" : "buttons" },
  });
  const isDrawn = ({ id }: Piece) => isWhole || drawnSides.some((side) => id === side);
  const bodice: Bodice | null = drawnSides.length > 0 ? { ...all, pieces: all.pieces.filter(isDrawn) } : null;
  const lines = grown?.lines ?? [];
  const pieces = [
    ...(other ? own.map((piece) => ofOneArm(piece, opposite(other.side), "")) : own).map((piece) =>
      isFacing(piece) && piece.kind.side === "front" ? withLines(piece, lines) : piece,
    ),
    ...(bodice?.pieces ?? []).map((piece) => (isAtFrontEdge(piece) ? withLines(piece, lines) : piece)),
    ...(other?.sleeve.pieces ?? []).filter(isOfArm).map((piece) => ofOneArm(piece, other?.side ?? "left", OTHER)),
    ...(isFrontCutTwice && collar ? secondFront(collar) : []),
  ];
  const resolve = edgeResolver(bodice, pieces);
  const neck = ofSleeve?.neckEdges ?? NECK_OF_BODICE;
  const ofNeck = neckResolver(resolve, neck, pieces);
  const fitted = seamsOf(sleeve, collar, resolve, ofNeck, edgeFinder(pieces), isFrontCutTwice);
  const brought = collar?.drawing.joins ?? [];
  const ofOther = other ? otherSeams(other, resolve) : [];
  // Between the neck and its facings lies a collar, where there is one.
  const isAsked = ({ kind }: Join) => !(collar && kind === "neck-facing");
  return joined(
    pieces,
    bodice,
    [...fitted, ...ofOther],
    ofNeck,
    isFrontCutTwice ? joinsOnSecondFront(brought) : brought,
    isAsked,
    isFrontCutTwice,
  );
}

type BodiceOrder = {
  readonly backLength: number;
  readonly ofSleeve: Extract<DraftedSleeve, { readonly family: "bodice" }>["drawing"] | null;
  readonly grown: DraftedCollar["drawing"]["front"];
  readonly choices: BodiceChoices;
};
type CutBodice = { readonly all: Bodice; readonly isFrontCutTwice: boolean };

/** The bodice that was cut from a block last, with what it was cut for: in a drag of the sleeve it is the same in every frame. */
const lastCutOf = remembered((_block: Block): { cut: (CutBodice & { readonly key: readonly unknown[] }) | null } => ({
  cut: null,
}));

function bodiceOf(given: Block, order: BodiceOrder): CutBodice {
  const { backLength, ofSleeve, grown, choices } = order;
  const last = lastCutOf(given);
  const key = [ofSleeve, grown, JSON.stringify([backLength, choices])];
  if (last.cut && key.every((one, i) => one === last.cut?.key[i])) return last.cut;
  const block = reachingWaist(given, backLength);
  const plain = ofSleeve?.halves ?? { front: halfOfBlock(block.front), back: halfOfBlock(block.back) };
  const front = grown ? withGrownFront(plain.front, grown) : plain.front;
  const halves = { front: front ?? plain.front, back: plain.back };
  const all = draftBodice({ block, halves, neck: ofSleeve?.neckEdges ?? NECK_OF_BODICE, choices });
  last.cut = { key, all, isFrontCutTwice: grown !== null && front === null };
  return last.cut;
}

/** A piece with more lines, as far as they lie inside it. */
function withLines(piece: Piece, lines: readonly NamedLine[]): Piece {
  const own = piece.lines ?? [];
  // A bent line was drawn on this very piece, and lies inside it.
  const inside = lines.flatMap((one) =>
    one.path.length === 1 && isStraightLine(one.path)
      ? insideOutline(piece.outline, one, startOf(one.path), endOf(one.path))
      : own.some(({ name }) => name === one.name)
        ? []
        : [one],
  );
  return { ...piece, lines: [...own, ...inside] };
}

function isStraightLine(path: Path): boolean {
  return pathLength(path) - distance(startOf(path), endOf(path)) < SAME_PLACE_MM;
}

const isAtFrontEdge = ({ kind, edges }: Piece) =>
  kind.side === "front" && kind.of === "bodice" && edges.some(({ role }) => role === "centre");

/** The front with its upper edges and its front edge as a collar grows them; null where the sleeve leaves no place for them. */
function withGrownFront(half: HalfEdges, grown: NonNullable<DraftedCollar["drawing"]["front"]>): HalfEdges | null {
  const neckPoint = startOf(half.half.shoulder.path);
  const own = { ...half, centre: grown.edgeDown, isEdgeOfCollar: true, buttons: grown.buttons };
  const begins = half.outer[0]?.path;
  const last = grown.upper[grown.upper.length - 1];
  if (!begins || !last) return null;
  if (distance(startOf(begins), neckPoint) < SAME_PLACE_MM) return { ...own, neck: grown.upper };
  // The sleeve took the beginning of the neckline along: the front has it from there on.
  const { path, length } = half.half.neckline;
  const taken = length - (half.neck[half.neck.length - 1]?.length ?? length);
  if (!(taken > 0 && taken < length)) return null;
  if (last.id !== "neck") {
    return { ...own, neck: [...grown.upper, edge("neckToRaglan", "neck", "Front neck", subpath(path, 0, taken))] };
  }
  const rest = last.length - taken;
  if (rest < LEAST_NECK_MM) return null;
  const trimmed: Edge = edge(last.id, last.role, last.name, subpath(last.path, 0, rest));
  return { ...own, neck: [...grown.upper.slice(0, -1), trimmed] };
}

const SAME_PLACE_MM = 0.05;
const LEAST_NECK_MM = 5;

const isOfBodice = ({ kind }: Piece) => kind.of === "bodice";
const isFacing = ({ kind }: Piece) => kind.of === "finish" && kind.side !== null;
/** A strip of a front edge, which a bodice that is cut whole has itself. */
const isStrip = ({ kind }: Piece) => kind.of === "closing";

/** What sleeve and collar cut besides front and back; of what both bring the collar's counts. */
function ownPieces(sleeve: DraftedSleeve | null, collar: DraftedCollar | null, isWhole: boolean): readonly Piece[] {
  const ofCollar = (collar?.pieces ?? []).filter((piece) => !isOfBodice(piece) && !(isWhole && isStrip(piece)));
  const ofSleeve = (sleeve?.pieces ?? []).filter(
    (piece) => !isOfBodice(piece) && !(collar && isFacing(piece)) && !ofCollar.some(({ id }) => id === piece.id),
  );
  return [...ofSleeve, ...ofCollar];
}

/** A seam longer than this gets a notch at its middle where it has none: two long edges are else laid together by their ends alone. */
const NOTCHED_FROM_MM = 150;

function joined(
  pieces: readonly Piece[],
  bodice: Bodice | null,
  fitted: readonly FittedSeam[],
  resolve: EdgeResolver,
  brought: readonly SeamRule[],
  isAsked: (join: Join) => boolean,
  isFrontCutTwice: boolean,
): AssembledGarment {
  const find = edgeFinder(pieces);
  const has = {
    edge: (run: EdgeRun) => find(run) !== null,
    piece: (id: string) => pieces.some((one) => one.id === id),
  };
  const ofParts = partJoins([...SLEEVE_SEAMS, ...BAND_SEAMS], brought, resolve, has);
  const ofOther = ofParts.filter(({ kind }) => OF_SLEEVE.includes(kind)).map(onOtherArm);
  const possible = [...(bodice?.joins ?? []), ...ofParts, ...ofOther].filter(
    (join) => isAsked(join) && hasEdges(join, find),
  );
  const isFitted = ({ id, body, part }: Join) =>
    fitted.some(({ seam }) => seam.id === id || (sameEdges(seam.bodyEdges, body) && sameEdges(seam.partEdges, part)));
  const joins = possible.filter((join, i) => possible.findIndex(({ id }) => id === join.id) === i && !isFitted(join));
  // What is sewn to an edge that is marked already, such as the under collar to a stand, is marked at the same places.
  const markedBy = ({ body }: Join) => fitted.find(({ seam }) => sameEdges(seam.bodyEdges, body))?.seam;
  const marked = joins.map((join) => {
    const seam = join.marks.length === 0 ? markedBy(join) : undefined;
    return seam ? { ...join, marks: marksOf(seam) } : withMiddle(join, joinedSeam(join, find));
  });
  return {
    pieces: withFoldNotches(withFittedNotches(withNotches(pieces, marked), fitted)),
    seams: fitted.map(({ seam }) => seam),
    joins: marked.map((join) => joinedSeam(join, find)),
    bodice,
    isFrontCutTwice,
  };
}

/** The seams that each arm has for itself. */
const OF_SLEEVE: readonly SeamKind[] = ["sleeve", "underarm", "cuff"];

function sameEdges(names: readonly string[], runs: readonly EdgeRun[]): boolean {
  return names.length === runs.length && runs.every((run, i) => names[i] === nameOf(run));
}

function withMiddle(join: Join, { bodyLength, partLength }: Seam): Join {
  if (join.marks.length > 0 || bodyLength < NOTCHED_FROM_MM) return join;
  return { ...join, marks: [{ id: "middle", name: "middle", bodyAt: bodyLength / 2, partAt: partLength / 2 }] };
}

/** Every place that a fitted seam is marked at, on the body's side of it; a part has its own from its drawing, but for those alike. */
function withFittedNotches(pieces: readonly Piece[], fitted: readonly FittedSeam[]): readonly Piece[] {
  const find = edgeFinder(pieces);
  const isOfBack = ([first]: readonly EdgeRun[]) =>
    pieces.some(({ id, kind }) => id === first?.piece && kind.side === "back");
  const added = fitted.flatMap(({ seam, body, part }) =>
    marksOf(seam).flatMap(({ name, bodyAt, partAt }) => {
      const on = (side: readonly EdgeRun[], at: number, suffix: string) => {
        const found = notchAlong(side, find, at);
        return found ? [{ ...found, id: `${seam.id}.${name}${suffix}` }] : [];
      };
      return [
        ...on(body, bodyAt, ""),
        ...(seam.kind === "armhole" && isOfBack(body) ? on(body, bodyAt + DOUBLE_GAP_MM, ".second") : []),
        ...(isAlike(seam) ? on(part, partAt, ".part") : []),
      ];
    }),
  );
  return addNotches(pieces, added, ONE_NOTCH_MM);
}

/** Both sides of such a seam are drawn by one rule and in one direction, and neither marks what the other does not. */
function isAlike({ kind }: Seam): boolean {
  return kind !== "armhole" && kind !== "neck" && kind !== "collar";
}

/** A back armhole has two notches beside each other (common practice, no source). */
const DOUBLE_GAP_MM = 10;
/** A place so near a notch is marked by it. */
const ONE_NOTCH_MM = 1.5;
