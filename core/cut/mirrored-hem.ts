import { at } from "../data";
import { distance, lerp, type Point, step } from "../geometry";
import { outwards, type Run, type Sample } from "./offset-run";

/** Where a point lies from a hem: how far along it (negative before its start), and how far outside it (inside negative). */
type FromHem = { readonly along: number; readonly outside: number; readonly foot: Point; readonly normal: Point };

/**
 * The cutting line round a hem that is turned up: each side goes on below the hem as it comes to it above, mirrored across it, down to the
 * depth of the hem; turned up, its edges then lie on the sides. Gives the line before, cut off at the hem, the line round the hem, and the
 * line after, cut off likewise.
 */
export function roundHem(
  before: readonly Point[],
  hem: Run,
  after: readonly Point[],
): { readonly before: readonly Point[]; readonly round: readonly Point[]; readonly after: readonly Point[] } {
  const place = (p: Point) => fromHem(hem.seam, p);
  const comes = sideAtHem([...before].reverse(), hem.by, place);
  const goes = sideAtHem(after, hem.by, place);
  const [from, to] = [
    place(at(comes.mirrored, comes.mirrored.length - 1)),
    place(at(goes.mirrored, goes.mirrored.length - 1)),
  ];
  const lengths = lengthsAlong(hem.seam);
  const bottom = hem.outside
    .filter((_, i) => at(lengths, i) > from.along + NEXT_MM && at(lengths, i) < to.along - NEXT_MM)
    .map(({ at: p }) => p);
  return {
    before: [...comes.kept].reverse(),
    round: [...comes.mirrored, ...bottom, ...[...goes.mirrored].reverse()],
    after: goes.kept,
  };
}

/** Points nearer than this to one that is there already add nothing. */
const NEXT_MM = 0.01;
/** So far a side is drawn on beyond its end, to reach a hem that slants away from it, in depths of the hem. */
const DRAWN_ON = 4;

/** A side from the hem up: what of it is kept above the hem, its first point on the hem; and its mirror image below, down to the depth. */
function sideAtHem(fromHemUp: readonly Point[], depth: number, place: (p: Point) => FromHem) {
  const [first, second] = [at(fromHemUp, 0), at(fromHemUp, 1)];
  const size = distance(second, first);
  const beyond = size > 0 ? lerp(second, first, 1 + (DRAWN_ON * depth) / size) : first;
  const line = [beyond, ...fromHemUp];
  // From outside the hem to inside it; a side that runs away from the hem, drawn on, never comes to it: it begins at the hem's own end.
  const crossing =
    place(beyond).outside < 0
      ? -1
      : line.findIndex((p, i) => i + 1 < line.length && place(p).outside >= 0 && place(at(line, i + 1)).outside < 0);
  const onHem = crossing < 0 ? place(first).foot : between(at(line, crossing), at(line, crossing + 1), 0, place);
  const above = crossing < 0 ? fromHemUp : line.slice(crossing + 1);
  const mirrored = [onHem];
  let last = onHem;
  for (const p of above) {
    const up = -place(p).outside;
    if (up >= depth) {
      mirrored.push(across(between(last, p, -depth, place), place));
      return { kept: [onHem, ...above], mirrored };
    }
    // A side that turns back, or hardly leaves the hem, is mirrored no further: the hem's end goes square down from there.
    const steps = distance(p, last);
    if (up + place(last).outside < steps * LEAST_RISE) break;
    mirrored.push(across(p, place));
    last = p;
  }
  const end = place(last);
  return { kept: [onHem, ...above], mirrored: [...mirrored, step(end.foot, end.normal, depth)] };
}

/** A side that rises by less of its length is nearly level with its hem. */
const LEAST_RISE = 0.2;

/** The place between two points that lies so far outside the hem, by halving: which part of a curved hem is nearest changes on the way. */
function between(p: Point, q: Point, outside: number, place: (p: Point) => FromHem): Point {
  if ((place(p).outside - outside) * (place(q).outside - outside) > 0) return q;
  let [low, high] = [0, 1];
  const sign = Math.sign(place(p).outside - outside);
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (Math.sign(place(lerp(p, q, middle)).outside - outside) === sign) low = middle;
    else high = middle;
  }
  return lerp(p, q, (low + high) / 2);
}

const HALVINGS = 40;

function across(p: Point, place: (p: Point) => FromHem): Point {
  const { outside, normal } = place(p);
  return step(p, normal, -2 * outside);
}

function lengthsAlong(samples: readonly Sample[]): readonly number[] {
  let gone = 0;
  return samples.map(({ at: p }, i) => {
    if (i > 0) gone += distance(p, at(samples, i - 1).at);
    return gone;
  });
}

/** The place of a point by the nearest part of the hem, which runs straight on beyond both its ends. */
function fromHem(hem: readonly Sample[], p: Point): FromHem {
  let best: (FromHem & { readonly off: number }) | null = null;
  let gone = 0;
  for (let i = 0; i + 1 < hem.length; i++) {
    const [a, b] = [at(hem, i).at, at(hem, i + 1).at];
    const long = distance(a, b);
    if (long === 0) continue;
    const way = { x: (b.x - a.x) / long, y: (b.y - a.y) / long };
    const along = (p.x - a.x) * way.x + (p.y - a.y) * way.y;
    // Only the first part runs on before its beginning, and only the last beyond its end.
    const held = Math.min(
      i + 2 === hem.length ? Number.POSITIVE_INFINITY : long,
      Math.max(i === 0 ? Number.NEGATIVE_INFINITY : 0, along),
    );
    const foot = step(a, way, held);
    const off = distance(foot, p);
    if (best === null || off < best.off) {
      const normal = outwards(way);
      best = { along: gone + held, outside: (p.x - foot.x) * normal.x + (p.y - foot.y) * normal.y, foot, normal, off };
    }
    gone += long;
  }
  if (!best) throw new RangeError(`fromHem: a hem of ${hem.length} samples has no length`);
  return best;
}
