import {
  along,
  type Cubic,
  distance,
  mapPath,
  type Path,
  type Point,
  pathLength,
  reversePath,
  startOf,
} from "../geometry";
import { easeProfile } from "./ease";
import type { Edge, Piece, PieceNotch } from "./piece";
import { type Seam, type SeamId, type SeamKind, section } from "./seam";

/** An edge of a piece as a seam runs along it: in the direction of the outline, or against it. */
export type EdgeRun = { readonly piece: string; readonly edge: string; readonly isAgainst: boolean };

/** A place that is marked on both sides of a seam, each by its distance from the start, in millimetres. */
export type JoinMark = { readonly id: string; readonly name: string; readonly bodyAt: number; readonly partAt: number };

/** Two runs of edges that are sewn together, or the two halves of one that meet its mirror image. */
export type Join = {
  readonly id: SeamId;
  readonly kind: SeamKind;
  readonly name: string;
  /** What the two sides are called beside each other. */
  readonly bodyName: string;
  readonly partName: string;
  readonly body: readonly EdgeRun[];
  readonly part: readonly EdgeRun[];
  readonly from: string;
  readonly to: string;
  /** In their order from the start. */
  readonly marks: readonly JoinMark[];
};

/** "front.side", or "-front.side" for one that a seam runs along backwards. */
export function runOf(name: string): EdgeRun {
  const isAgainst = name.startsWith("-");
  const [piece = "", edge = ""] = name.slice(isAgainst ? 1 : 0).split(".");
  return { piece, edge, isAgainst };
}

/** The same edges run along the other way. */
export const reversedRuns = (runs: readonly EdgeRun[]): readonly EdgeRun[] =>
  [...runs].reverse().map((run) => ({ ...run, isAgainst: !run.isAgainst }));

/** "front.side", whichever way the seam runs along it. */
export const nameOf = ({ piece, edge }: EdgeRun): string => `${piece}.${edge}`;

/** Where an edge is found by piece and name. */
export type EdgeFinder = (run: EdgeRun) => Edge | null;

export function edgeFinder(pieces: readonly Piece[]): EdgeFinder {
  const found = new Map<string, Edge>(
    pieces.flatMap((piece) => piece.edges.map((one) => [`${piece.id}.${one.id}`, one] as const)),
  );
  return (run) => found.get(nameOf(run)) ?? null;
}

/** Does the garment have every edge that the seam names? */
export function hasEdges({ body, part }: Pick<Join, "body" | "part">, find: EdgeFinder): boolean {
  return body.length > 0 && part.length > 0 && [...body, ...part].every((run) => find(run) !== null);
}

/** One side of a seam in its direction. Its edges may lie on several pieces: each is moved on to the end of the one before. */
function pathAlong(runs: readonly EdgeRun[], find: EdgeFinder): Path {
  const joined: Cubic[] = [];
  for (const run of runs) {
    const path = find(run)?.path ?? [];
    if (path.length === 0) continue;
    const next = run.isAgainst ? reversePath(path) : path;
    const [end, start] = [joined[joined.length - 1]?.[3] ?? startOf(next), startOf(next)];
    joined.push(...mapPath(next, (p) => ({ x: p.x + end.x - start.x, y: p.y + end.y - start.y })));
  }
  return joined;
}

/** The seam with both sides measured on the edges that it names. What it should be longer by is what it is: it was drawn to be so. */
export function joinedSeam(join: Join, find: EdgeFinder): Seam {
  const bodyPath = pathAlong(join.body, find);
  const partPath = pathAlong(join.part, find);
  const [bodyLength, partLength] = [pathLength(bodyPath), pathLength(partPath)];
  const ease = partLength - bodyLength;
  const stops = [
    { name: join.from, bodyAt: 0, partAt: 0 },
    ...join.marks,
    { name: join.to, bodyAt: bodyLength, partAt: partLength },
  ];
  const [first] = join.marks;
  return {
    id: join.id,
    kind: join.kind,
    name: join.name,
    bodyName: join.bodyName,
    partName: join.partName,
    body: join.body[0] ? nameOf(join.body[0]) : "",
    part: join.part[0] ? nameOf(join.part[0]) : "",
    bodyEdges: join.body.map(nameOf),
    partEdges: join.part.map(nameOf),
    isAgainst: { body: join.body.map((run) => run.isAgainst), part: join.part.map((run) => run.isAgainst) },
    bodyPath,
    partPath,
    bodyLength,
    partLength,
    ease,
    target: ease,
    sections: stops.slice(1).map((stop, i) => {
      const before = stops[i] ?? stop;
      return section(before.name, stop.name, stop.bodyAt - before.bodyAt, stop.partAt - before.partAt);
    }),
    profile: first
      ? easeProfile(first.bodyAt, bodyLength, ease, first.partAt - first.bodyAt)
      : easeProfile(0, bodyLength, ease, 0),
  };
}

/** A notch on one of the edges of a side, so far from its start; null where that is at a corner or beyond. */
export function notchAlong(
  runs: readonly EdgeRun[],
  find: EdgeFinder,
  at: number,
): { readonly piece: string; readonly edge: string; readonly at: Point; readonly inwards: Point } | null {
  let left = at;
  for (const run of runs) {
    const found = find(run);
    if (!found) return null;
    if (left <= found.length) {
      const place = run.isAgainst ? found.length - left : left;
      if (place < CORNER_MM || place > found.length - CORNER_MM) return null;
      const { point, direction } = along(found.path, place);
      // Every outline runs with its piece to the right.
      return { piece: run.piece, edge: run.edge, at: point, inwards: { x: -direction.y, y: direction.x } };
    }
    left -= found.length;
  }
  return null;
}

/** A notch nearer to a corner marks what the corner itself does. */
const CORNER_MM = 2;
/** Notches nearer to each other are one. */
const ONE_NOTCH_MM = 0.5;

/** A notch for one of the pieces. */
export type NotchFor = PieceNotch & { readonly piece: string };

/** The pieces with these notches. Where one stands already nothing is added; `nearest` is how near is the same place, in millimetres. */
export function addNotches(
  pieces: readonly Piece[],
  added: readonly NotchFor[],
  nearest: number = ONE_NOTCH_MM,
): readonly Piece[] {
  return pieces.map((piece) => {
    const notches = [...piece.notches];
    for (const { piece: of, id, at, inwards } of added) {
      if (of === piece.id && notches.every((one) => distance(one.at, at) > nearest)) notches.push({ id, at, inwards });
    }
    return notches.length === piece.notches.length ? piece : { ...piece, notches };
  });
}

/** The pieces with a notch at both sides of every mark of these seams. */
export function withNotches(pieces: readonly Piece[], joins: readonly Join[]): readonly Piece[] {
  const find = edgeFinder(pieces);
  const added = joins.flatMap((join) =>
    join.marks.flatMap(({ id, bodyAt, partAt }) => {
      const [body, part] = [notchAlong(join.body, find, bodyAt), notchAlong(join.part, find, partAt)];
      // A mark that one side cannot carry is no mark on the other either.
      return body && part ? [body, part].map((side) => ({ ...side, id: `${side.edge}.${id}` })) : [];
    }),
  );
  return addNotches(pieces, added);
}

/** Where the sections of a seam meet, from its beginning. */
export function marksOf({ sections }: Pick<Seam, "sections">): readonly JoinMark[] {
  let [bodyAt, partAt] = [0, 0];
  return sections.slice(0, -1).map(({ to, bodyLength, partLength }) => {
    bodyAt += bodyLength;
    partAt += partLength;
    return { id: to, name: to, bodyAt, partAt };
  });
}
