import type { Block, Side } from "../block";
import { type Bodice, type BodiceChoices, draftBodice } from "../bodice";
import type { BodySide } from "../body";
import { distance, endOf, type Path, pathLength, startOf, subpath } from "../geometry";
import {
  type Edge,
  type EdgeFinder,
  type EdgeRun,
  edge,
  edgeFinder,
  type HalfEdges,
  halfOfBlock,
  hasEdges,
  insideOutline,
  type Join,
  joinedSeam,
  type NamedLine,
  NECK_OF_BODICE,
  type NeckEdges,
  notchAlong,
  type Piece,
  runOf,
  type Seam,
  withNotches,
} from "../pattern";
import type { DraftedCollar } from "./draft-collar";
import type { DraftedSleeve } from "./draft-sleeve";
import { type Expand, partJoins } from "./part-joins";
import { reachingWaist } from "./reaching-waist";

/** The whole garment as one pattern. */
export type Together = {
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

export const NOTHING_TOGETHER: Together = { pieces: [], seams: [], joins: [], bodice: null, isFrontCutTwice: false };

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
): Together {
  if (!given) return NOTHING_TOGETHER;
  const block = reachingWaist(given, backLength);
  const ofSleeve = sleeve?.family === "bodice" ? sleeve.drawing : null;
  const grown = collar?.drawing.front ?? null;
  const plain = ofSleeve?.halves ?? { front: halfOfBlock(block.front), back: halfOfBlock(block.back) };
  const front = collar && grown ? withGrownFront(plain.front, grown) : plain.front;
  const isFrontCutTwice = grown !== null && front === null;
  const halves = { front: front ?? plain.front, back: plain.back };
  const isWhole = choices.cut === "whole";
  const own = ownPieces(sleeve, collar, isWhole);
  // Sleeve or collar may bring the band of the hem.
  const hem = own.some(({ id }) => id === "hemBand") ? "plain" : choices.hem;
  const drawnSides: readonly Side[] = isWhole || ofSleeve ? ["front", "back"] : grown ? ["front"] : [];
  const all = draftBodice({
    block,
    halves,
    neck: ofSleeve?.neckEdges ?? NECK_OF_BODICE,
    choices: isWhole ? { ...choices, hem } : { ...choices, ...AS_DRAWN, front: grown ? "buttons" : "fold" },
  });
  const isDrawn = ({ id }: Piece) => isWhole || drawnSides.some((side) => id === side);
  const bodice: Bodice | null = drawnSides.length > 0 ? { ...all, pieces: all.pieces.filter(isDrawn) } : null;
  const lines = grown?.lines ?? [];
  const pieces = [
    ...(other ? own.map((piece) => ofOneArm(piece, opposite(other.side), "")) : own).map((piece) =>
      piece.id === "frontFacing" ? withLines(piece, lines) : piece,
    ),
    ...(bodice?.pieces ?? []).map((piece) => (isAtFrontEdge(piece) ? withLines(piece, lines) : piece)),
    ...(other?.sleeve.pieces ?? []).filter(isOfArm).map((piece) => ofOneArm(piece, other?.side ?? "left", OTHER)),
    ...(isFrontCutTwice && collar ? secondFront(collar) : []),
  ];
  const expand = expander(bodice, pieces);
  const neck = ofSleeve?.neckEdges ?? NECK_OF_BODICE;
  const ofNeck = alongNeck(expand, neck, pieces);
  const fitted = seamsOf(sleeve, collar, expand, ofNeck, edgeFinder(pieces), isFrontCutTwice);
  const ofOther = other ? otherSeams(other, expand) : [];
  const isAsked = ({ id }: Join) => !(collar && NECK_FACINGS.includes(id));
  return joined(pieces, bodice, [...fitted, ...ofOther], ofNeck, isAsked, isFrontCutTwice);
}

/** A piece with more lines, as far as they lie inside it. */
function withLines(piece: Piece, lines: readonly NamedLine[]): Piece {
  const own = piece.lines ?? [];
  // A bent line was drawn on this very piece, and lies inside it.
  const inside = lines.flatMap((one) =>
    one.path.length === 1 && isStraightLine(one.path)
      ? insideOutline(piece.outline, one.name, startOf(one.path), endOf(one.path))
      : own.some(({ name }) => name === one.name)
        ? []
        : [one],
  );
  return { ...piece, lines: [...own, ...inside] };
}

function isStraightLine(path: Path): boolean {
  return pathLength(path) - distance(startOf(path), endOf(path)) < SAME_PLACE_MM;
}

export type OtherSleeve = { readonly sleeve: DraftedSleeve; readonly side: BodySide };

/** What stands behind the names of the pieces of an arm that differs. */
const OTHER = "Other";

const opposite = (side: BodySide): BodySide => (side === "left" ? "right" : "left");

/** What is cut for an arm, and not for the body or the neck. */
function isOfArm({ id }: Piece): boolean {
  return /sleeve|cuff|^band$/i.test(id);
}

/** A piece that is cut for one arm only, and says for which. */
function ofOneArm(piece: Piece, side: BodySide, suffix: string): Piece {
  if (!isOfArm(piece)) return piece;
  const { cut } = piece;
  return {
    ...piece,
    id: `${piece.id}${suffix}`,
    name: `${side === "left" ? "Left" : "Right"} ${piece.name.charAt(0).toLowerCase()}${piece.name.slice(1)}`,
    cut: { ...cut, count: Math.ceil(cut.count / 2), mirrored: false, interfacing: Math.ceil(cut.interfacing / 2) },
  };
}

/** The seams of a sleeve that only one arm has. */
function otherSeams({ sleeve, side }: OtherSleeve, expand: Expand): readonly FittedSeam[] {
  const onOther = (name: string) => name.replace(".", `${OTHER}.`);
  return sleeve.seams.map((seam) => {
    const body = seam.bodyEdges.flatMap((name) => expand(`-${name}`));
    const nameOf = ({ piece, edge: id }: EdgeRun): string => `${piece}.${id}`;
    return {
      body,
      seam: {
        ...seam,
        id: `sleeve.${side}.${seam.id}`,
        name: `${seam.name}, ${side}`,
        part: onOther(seam.part),
        bodyEdges: body.map(nameOf),
        partEdges: seam.partEdges.map(onOther),
      },
    };
  });
}

/** Between the neck and its facings lies a collar, where there is one. */
const NECK_FACINGS: readonly string[] = ["body.facing.back", "body.facing.front"];

const isAtFrontEdge = ({ id, edges }: Piece) => id.startsWith("front") && edges.some((one) => one.id === "centre");

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
    return { ...own, neck: [...grown.upper, edge("neckToRaglan", "Front neck", subpath(path, 0, taken))] };
  }
  const rest = last.length - taken;
  if (rest < LEAST_NECK_MM) return null;
  const trimmed: Edge = edge(last.id, last.name, subpath(last.path, 0, rest));
  return { ...own, neck: [...grown.upper.slice(0, -1), trimmed] };
}

const SAME_PLACE_MM = 0.05;
const LEAST_NECK_MM = 5;

/** What sleeve and collar cut besides front and back; of what both bring the collar's counts. */
function ownPieces(sleeve: DraftedSleeve | null, collar: DraftedCollar | null, isWhole: boolean): readonly Piece[] {
  const ofCollar = (collar?.pieces ?? []).filter(({ id }) => id !== "front" && !(isWhole && id === "buttonStand"));
  const isFacing = ({ id }: Piece) => id === "frontFacing" || id === "backFacing";
  const ofSleeve = (sleeve?.pieces ?? []).filter(
    (piece) =>
      piece.id !== "front" &&
      piece.id !== "back" &&
      !(collar && isFacing(piece)) &&
      !ofCollar.some(({ id }) => id === piece.id),
  );
  return [...ofSleeve, ...ofCollar];
}

/** The front as the collar alone has it, where it could not be made one with the sleeve's. */
function secondFront({ pieces }: DraftedCollar): readonly Piece[] {
  return pieces
    .filter(({ id }) => id === "front")
    .map((piece) => ({ ...piece, id: SECOND_FRONT, name: "Front with the collar" }));
}

const SECOND_FRONT = "frontWithCollar";
/** The edges that only a collar draws. */
const OF_COLLAR: readonly string[] = ["neck", "gorge", "backNeck"];

/** How a name of an edge is written out: the pieces it came to lie on, the end of a strip that stands for it, or itself. */
function expander(bodice: Bodice | null, pieces: readonly Piece[]): Expand {
  const has = (name: string) => {
    const [piece, id] = name.split(".");
    return pieces.some((one) => one.id === piece && one.edges.some((found) => found.id === id));
  };
  const standIns = STAND_INS.filter(({ by }) => has(by) || (bodice?.edges.has(by) ?? false));
  return (signed) => {
    const isAgainst = signed.startsWith("-");
    const name = isAgainst ? signed.slice(1) : signed;
    const standIn = has(name) ? undefined : standIns.find(({ of }) => of === name);
    const runs = (bodice?.edges.get(standIn?.by ?? name) ?? [standIn?.by ?? name]).map(runOf);
    const turned = standIn?.isTurned ? !isAgainst : isAgainst;
    return turned ? [...runs].reverse().map((run) => ({ ...run, isAgainst: !run.isAgainst })) : runs;
  };
}

/** What a collar calls by the block stands on a piece of its own: the top of a button stand on its strip, a front edge on the front's. */
const STAND_INS = [
  { of: "front.standTop", by: "buttonStand.neck", isTurned: false },
  { of: "front.frontEdge", by: "front.centre", isTurned: true },
  { of: "front.belowHem", by: "hemBand.end", isTurned: false },
] as const;

/**
 * A neckline that a sleeve took a part of, written out from the centre back: the back's own and the sleeve's, then the sleeve's and the
 * front's own, whatever the front's is called.
 */
function alongNeck(expand: Expand, { back, front }: NeckEdges, pieces: readonly Piece[]): Expand {
  const ofFront = front.filter((name) => !name.startsWith("front."));
  if (ofFront.length === 0) return expand;
  // A collar that is grown on has an edge of its own for what the sleeve took.
  const isGrown = pieces.some(({ edges }) => edges.some(({ id }) => id === "neckToRaglan"));
  return (signed) => {
    if (signed === "back.neckline") return back.flatMap((name) => expand(name));
    if (signed === "-front.neckline" || (signed === "-front.neck" && !isGrown))
      return [...ofFront.flatMap((name) => expand(name)), ...expand(signed)];
    return expand(signed);
  };
}

type FittedSeam = { readonly seam: Seam; readonly body: readonly EdgeRun[] };

/** The seams of sleeve and collar, with the body's edges as they were cut, in the direction of the seam. */
function seamsOf(
  sleeve: DraftedSleeve | null,
  collar: DraftedCollar | null,
  expand: Expand,
  ofNeck: Expand,
  find: EdgeFinder,
  isFrontCutTwice: boolean,
): readonly FittedSeam[] {
  const ofCollar = (collar?.seams ?? []).map((seam) => (isFrontCutTwice ? onSecondFront(seam) : seam));
  return [...(sleeve?.seams ?? []), ...ofCollar].map((seam) => {
    // A collar names the neckline's halves as the sleeve leaves them; only a lapel's own neck does not.
    const body = seam.bodyEdges.flatMap((name) =>
      name === "front.neck" ? ofNeck("-front.neck") : expand(`${runsUp(seam, name) ? "-" : ""}${name}`),
    );
    const part = seam.partEdges.flatMap((name) => expand(name));
    const nameOf = ({ piece, edge: id }: EdgeRun): string => `${piece}.${id}`;
    if (seam.id === "kimono.underarm") return { seam: throughTheSide(seam, body, part, find), body };
    return { seam: { ...seam, bodyEdges: body.map(nameOf), partEdges: part.map(nameOf) }, body };
  });
}

/** Seams that begin at the underarm run against the outline, and so does a neckline once it is past the shoulder. */
/** Underarm and side in one run down to the hem, which the bodice may have raised since. */
function throughTheSide(seam: Seam, body: readonly EdgeRun[], part: readonly EdgeRun[], find: EdgeFinder): Seam {
  const [first] = seam.sections;
  const mark = first && { id: "curve", name: first.to, bodyAt: first.bodyLength, partAt: first.partLength };
  const { name, bodyName, partName, id } = seam;
  const ends = { from: first?.from ?? "", to: seam.sections[seam.sections.length - 1]?.to ?? "" };
  const join = { id, name, bodyName, partName, body, part, ...ends, marks: mark ? [mark] : [] };
  return hasEdges(join, find) ? { ...joinedSeam(join, find), target: seam.target } : seam;
}

function runsUp({ id }: Seam, name: string): boolean {
  if (id.startsWith("armhole") || id === "raglan.front" || id === "raglan.back") return true;
  return id === "neckline" && name.startsWith("front.");
}

function onSecondFront(seam: Seam): Seam {
  const rename = (name: string) => {
    const [piece = "", id = ""] = name.split(".");
    return piece === "front" && OF_COLLAR.includes(id) ? `${SECOND_FRONT}.${id}` : name;
  };
  return {
    ...seam,
    body: rename(seam.body),
    part: rename(seam.part),
    bodyEdges: seam.bodyEdges.map(rename),
    partEdges: seam.partEdges.map(rename),
  };
}

/** A seam longer than this gets a notch at its middle where it has none: two long edges are else laid together by their ends alone. */
const NOTCHED_FROM_MM = 150;

function joined(
  pieces: readonly Piece[],
  bodice: Bodice | null,
  fitted: readonly FittedSeam[],
  expand: Expand,
  isAsked: (join: Join) => boolean,
  isFrontCutTwice: boolean,
): Together {
  const find = edgeFinder(pieces);
  const ofParts = partJoins(expand, (run) => find(run) !== null);
  const ofOther = ofParts.filter(({ id }) => id.startsWith("sleeve.")).map(onOtherArm);
  const possible = [...(bodice?.joins ?? []), ...ofParts, ...ofOther].filter(
    (join) => isAsked(join) && hasEdges(join, find),
  );
  const isFitted = ({ id, body, part }: Join) =>
    fitted.some(({ seam }) => seam.id === id || (sameEdges(seam.bodyEdges, body) && sameEdges(seam.partEdges, part)));
  const joins = possible.filter((join, i) => possible.findIndex(({ id }) => id === join.id) === i && !isFitted(join));
  const marked = joins.map((join) => withMiddle(join, joinedSeam(join, find)));
  return {
    pieces: withBodyNotches(withNotches(pieces, marked), fitted),
    seams: fitted.map(({ seam }) => seam),
    joins: marked.map((join) => joinedSeam(join, find)),
    bodice,
    isFrontCutTwice,
  };
}

/** The same seam of the sleeve of the arm that differs; a garment without one has none of its edges. */
function onOtherArm(join: Join): Join {
  const other = (run: EdgeRun): EdgeRun => ({ ...run, piece: `${run.piece}${OTHER}` });
  return {
    ...join,
    id: `sleeve.other.${join.id}`,
    name: `${join.name}, other arm`,
    body: join.body.map(other),
    part: join.part.map(other),
  };
}

function sameEdges(names: readonly string[], runs: readonly EdgeRun[]): boolean {
  return names.length === runs.length && runs.every(({ piece, edge: id }, i) => names[i] === `${piece}.${id}`);
}

function withMiddle(join: Join, { bodyLength, partLength }: Seam): Join {
  if (join.marks.length > 0 || bodyLength < NOTCHED_FROM_MM) return join;
  return { ...join, marks: [{ id: "middle", name: "middle", bodyAt: bodyLength / 2, partAt: partLength / 2 }] };
}

/** The notches of the armhole, and every other place that a fitted seam is marked at, on the body's side of it. */
function withBodyNotches(pieces: readonly Piece[], fitted: readonly FittedSeam[]): readonly Piece[] {
  const find = edgeFinder(pieces);
  const added = fitted.flatMap(({ seam, body }) =>
    seam.sections.slice(0, -1).flatMap((one, i) => {
      const at = seam.sections.slice(0, i + 1).reduce((sum, { bodyLength }) => sum + bodyLength, 0);
      const places = seam.id === "armhole.back" ? [at, at + DOUBLE_GAP_MM] : [at];
      return places.flatMap((place, n) => {
        const found = notchAlong(body, find, place);
        return found ? [{ ...found, id: `${seam.id}.${one.to}${n > 0 ? ".second" : ""}` }] : [];
      });
    }),
  );
  return pieces.map((piece) => {
    const own = added.filter(
      (notch) => notch.piece === piece.id && piece.notches.every(({ at }) => distance(at, notch.at) > ONE_NOTCH_MM),
    );
    return own.length === 0
      ? piece
      : { ...piece, notches: [...piece.notches, ...own.map(({ id, at, inwards }) => ({ id, at, inwards }))] };
  });
}

/** A back armhole has two notches beside each other (common practice, no source). */
const DOUBLE_GAP_MM = 10;
const ONE_NOTCH_MM = 0.5;
