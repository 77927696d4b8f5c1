import { at } from "@core/data/index";
import { along, distance, endOf, flatten, startOf } from "@core/geometry/index";
import type { DrawnEdge } from "./edges";

export type EdgeRole = `${"front" | "back"}.${"armhole" | "neckline" | "shoulder"}`;

/** Which edges are probably which; for a person to confirm or change. */
export type Guess = { readonly [role in EdgeRole]?: readonly string[] };

/** What an edge may plausibly measure, in millimetres; wide, since children and coats are drawn too. */
const SHOULDER = { least: 40, most: 260 };
const ARMHOLE = { least: 110, most: 480 };
const NECKLINE = { least: 45, most: 460 };
/** Chord ÷ length: a seam straighter than the first is straight, one bent more than the second is curved. */
const STRAIGHT = 0.993;
const CURVED = 0.985;

/** Names in the drawing first; where there are none, the shapes: a straight shoulder between two hollows of one piece. */
export function guessEdges(edges: readonly DrawnEdge[]): Guess {
  const named = byName(edges);
  return named["front.armhole"] && named["back.armhole"] ? named : { ...byShape(edges), ...named };
}

function byName(edges: readonly DrawnEdge[]): Guess {
  const found: { [role in EdgeRole]?: string[] } = {};
  for (const edge of edges) {
    const name = edge.name?.toLowerCase() ?? "";
    const side = /back/.test(name) ? "back" : /front/.test(name) ? "front" : null;
    const part = /armhole|armscye/.test(name)
      ? "armhole"
      : /neckline/.test(name)
        ? "neckline"
        : /shoulder/.test(name)
          ? "shoulder"
          : null;
    if (!side || !part || /dart/.test(name)) continue;
    const role: EdgeRole = `${side}.${part}`;
    found[role] = [...(found[role] ?? []), edge.id];
  }
  return found;
}

type Triple = { readonly neckline: DrawnEdge; readonly shoulder: DrawnEdge; readonly armhole: DrawnEdge };

function byShape(edges: readonly DrawnEdge[]): Guess {
  const lines = new Map<number, DrawnEdge[]>();
  for (const edge of edges) {
    if (edge.line.isClosed) lines.set(edge.line.index, [...(lines.get(edge.line.index) ?? []), edge]);
  }
  const triples = [...lines.values()].flatMap((line) => bestTriple(line) ?? []);
  // The front neck is cut deeper, so its neckline is the longer one.
  const [front, back] = [...triples].sort((a, b) => b.neckline.length - a.neckline.length);
  return { ...roles("front", front), ...roles("back", back) };
}

function roles(side: "front" | "back", triple: Triple | undefined): Guess {
  if (!triple) return {};
  return {
    [`${side}.armhole`]: [triple.armhole.id],
    [`${side}.neckline`]: [triple.neckline.id],
    [`${side}.shoulder`]: [triple.shoulder.id],
  };
}

function bestTriple(line: readonly DrawnEdge[]): Triple | null {
  const isHollowed = hollows(line);
  const triples = line.flatMap((shoulder, i): Triple[] => {
    const [before, after] = [line[(i + line.length - 1) % line.length], line[(i + 1) % line.length]];
    if (!before || !after || before === after || !isWithin(shoulder, SHOULDER) || bend(shoulder) < STRAIGHT) return [];
    const [neckline, armhole] = before.length <= after.length ? [before, after] : [after, before];
    const fits =
      isWithin(neckline, NECKLINE) && isWithin(armhole, ARMHOLE) && isHollowed(neckline) && isHollowed(armhole);
    return fits ? [{ neckline, shoulder, armhole }] : [];
  });
  return triples.sort((a, b) => b.armhole.length - a.armhole.length)[0] ?? null;
}

function isWithin({ length }: DrawnEdge, { least, most }: { readonly least: number; readonly most: number }): boolean {
  return length >= least && length <= most;
}

function bend({ path, length }: DrawnEdge): number {
  return distance(startOf(path), endOf(path)) / length;
}

/** Is an edge of the piece curved into it? Told from which side of its chord it lies on, against the way round the piece. */
function hollows(line: readonly DrawnEdge[]): (edge: DrawnEdge) => boolean {
  const outline = line.flatMap((edge) => flatten(edge.path, 8).slice(1));
  const area = outline.reduce((sum, p, i) => {
    const q = at(outline, (i + 1) % outline.length);
    return sum + p.x * q.y - q.x * p.y;
  }, 0);
  return (edge) => {
    if (bend(edge) > CURVED) return false;
    const [from, to] = [startOf(edge.path), endOf(edge.path)];
    const { point } = along(edge.path, edge.length / 2);
    const side = (to.x - from.x) * (point.y - from.y) - (to.y - from.y) * (point.x - from.x);
    return side * area > 0;
  };
}
