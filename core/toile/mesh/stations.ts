import { at } from "../../data";
import { along, distance, endOf, type Path, type Point, startOf } from "../../geometry";
import type { Edge, Piece, PieceKind, Seam, SeamKind } from "../../pattern";

/** Two places of the garment that are sewn to each other: an edge by piece and name, and how far along it. Millimetres. */
export type Stitch = {
  readonly seam: string;
  readonly body: Station;
  readonly part: Station;
};
export type Station = { readonly edge: string; readonly at: number };

type Run = { readonly name: string; readonly length: number; readonly isAgainst: boolean };

/** Nearer than this along an edge two places are one. Millimetres. */
const SAME_PLACE_MM = 0.2;

/**
 * The places at which each seam is stitched, so many that none is further than about `edge` from the next: every mark and every end of an edge
 * is one, and between two of them both sides are cut in equal parts, so that what is eased lies in the section that the draft eases it in.
 */
export function stitchesOf(seams: readonly Seam[], pieces: readonly Piece[], edge: number): readonly Stitch[] {
  const find = new Map(
    pieces.flatMap((piece) =>
      piece.edges.map((one) => [`${piece.id}.${one.id}`, { edge: one, side: piece.kind.side }] as const),
    ),
  );
  return seams.flatMap((seam) => {
    const body = runsOf(seam, "body", find);
    const part = runsOf(seam, "part", find);
    return body && part ? stitched(seam, body, part, edge) : [];
  });
}

type EdgeOfSide = { readonly edge: Edge; readonly side: PieceKind["side"] };

/** The edges of one side with the way in which the seam runs along each; null where one of them is not there. */
function runsOf(seam: Seam, side: "body" | "part", find: ReadonlyMap<string, EdgeOfSide>): readonly Run[] | null {
  const { kind, isAgainst } = seam;
  const [names, path] = side === "body" ? [seam.bodyEdges, seam.bodyPath] : [seam.partEdges, seam.partPath];
  let gone = 0;
  const runs: Run[] = [];
  for (const [i, name] of names.entries()) {
    const found = find.get(name);
    if (!found) return null;
    const { edge } = found;
    const byRule = side === "body" || kind !== "neck" ? runsAgainstByRule(kind, found.side, edge) : null;
    runs.push({
      name,
      length: edge.length,
      isAgainst: isAgainst?.[side][i] ?? byRule ?? runsAgainst(edge, path, gone),
    });
    gone += edge.length;
  }
  return runs;
}

/**
 * A seam that a sleeve or collar is fitted to is measured where that part was drafted, turned or mirrored: which way it runs along an edge follows
 * from where it begins. At the armhole that is the underarm, over the arm the neck, at the neck the centre back. Null for every other seam.
 */
function runsAgainstByRule(kind: SeamKind, side: PieceKind["side"], { path }: Edge): boolean | null {
  const [from, to] = [startOf(path), endOf(path)];
  if (kind === "armhole" || kind === "raglan") return to.y > from.y;
  if (kind === "shoulder" || kind === "dart") return to.y < from.y;
  if (kind === "neck") return side === "front" ? to.x > from.x : to.x < from.x;
  return null;
}

/** Does the path run along the edge backwards? Its shape from so far on is held against the edge's, either way round. */
function runsAgainst({ path: own, length }: Edge, path: Path, from: number): boolean {
  const way = (of: Path, begin: number, end: number) => {
    const [a, b] = [along(of, begin).point, along(of, end).point];
    return { x: b.x - a.x, y: b.y - a.y };
  };
  const third = length / 3;
  const wanted = [way(path, from, from + third), way(path, from + third, from + 2 * third)];
  const forward = [way(own, 0, third), way(own, third, 2 * third)];
  const backward = [way(own, length, 2 * third), way(own, 2 * third, third)];
  const off = (ways: readonly Point[]) => ways.reduce((sum, one, i) => sum + distance(one, at(wanted, i)), 0);
  return off(backward) < off(forward);
}

function stitched(seam: Seam, body: readonly Run[], part: readonly Run[], edge: number): readonly Stitch[] {
  const marks = [{ body: 0, part: 0 }];
  for (const { bodyLength, partLength } of seam.sections) {
    const last = at(marks, marks.length - 1);
    marks.push({ body: last.body + bodyLength, part: last.part + partLength });
  }
  const across = (from: "body" | "part", to: "body" | "part", place: number) => {
    const i = Math.max(
      0,
      Math.min(
        marks.length - 2,
        marks.findLastIndex((mark) => mark[from] <= place),
      ),
    );
    const [a, b] = [at(marks, i), at(marks, i + 1)];
    const share = b[from] - a[from] > 1e-9 ? (place - a[from]) / (b[from] - a[from]) : 0;
    return a[to] + (b[to] - a[to]) * Math.min(1, Math.max(0, share));
  };
  const joints = (runs: readonly Run[]) => {
    let sum = 0;
    return runs.slice(0, -1).map(({ length }) => {
      sum += length;
      return sum;
    });
  };
  const stops = [
    ...marks,
    ...joints(body).map((place) => ({ body: place, part: across("body", "part", place) })),
    ...joints(part).map((place) => ({ body: across("part", "body", place), part: place })),
  ]
    .sort((a, b) => a.body - b.body || a.part - b.part)
    .filter((stop, i, all) => isApart(stop, i, all, edge));
  const stitches: Stitch[] = [];
  stops.forEach((stop, i) => {
    const next = stops[i + 1];
    const parts = next ? Math.max(1, Math.round(Math.max(next.body - stop.body, next.part - stop.part) / edge)) : 1;
    for (let k = 0; k < (next ? parts : 1); k++) {
      const share = k / parts;
      const place = (side: "body" | "part") => stop[side] + (next ? (next[side] - stop[side]) * share : 0);
      // A place at which two edges meet belongs to both: it is stitched on each.
      for (const b of stationsAt(body, place("body"), k === 0))
        for (const p of stationsAt(part, place("part"), k === 0)) stitches.push({ seam: seam.id, body: b, part: p });
    }
  });
  return stitches;
}

type Stop = { readonly body: number; readonly part: number };

/** Two marks nearer than this share of an edge's triangles would leave a sliver between them. */
const SLIVER = 0.22;

/** Is a place of a seam far enough from the one before it, and from the seam's end? The end itself always is. */
function isApart(stop: Stop, i: number, all: readonly Stop[], edge: number): boolean {
  const last = at(all, all.length - 1);
  if (i === 0 || i === all.length - 1) return i === 0 || last.body - at(all, 0).body > SAME_PLACE_MM;
  const [before, least] = [at(all, i - 1), SLIVER * edge];
  return stop.body - before.body > least && last.body - stop.body > least && stop.part - before.part > -SAME_PLACE_MM;
}

/** The place on the edge that it lies on; at a joint the end of the one and the beginning of the next. */
function stationsAt(runs: readonly Run[], place: number, mayBeJoint: boolean): readonly Station[] {
  const found: Station[] = [];
  let gone = 0;
  for (const { name, length, isAgainst } of runs) {
    const own = place - gone;
    gone += length;
    const slack = mayBeJoint ? SAME_PLACE_MM : 0;
    if (own < -slack || own > length + slack) continue;
    const inside = Math.min(length, Math.max(0, own));
    found.push({ edge: name, at: isAgainst ? length - inside : inside });
    if (!mayBeJoint) break;
  }
  // The end of a seam may be a hair beyond the end of its last edge.
  const last = runs[runs.length - 1];
  if (found.length === 0 && last) return [{ edge: last.name, at: last.isAgainst ? 0 : last.length }];
  return found;
}
