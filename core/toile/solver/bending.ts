import { edgeKey, restArea, type Sheet } from "./sheet";

/** Every edge between two triangles: how its four points weigh in the bend across it. */
export type BendTable = {
  readonly count: number;
  /** The two ends of the edge, then the corners on either side. Four a hinge. */
  readonly points: Int32Array;
  readonly shares: Float64Array;
  readonly give: Float64Array;
};

/**
 * Quadratic bending (Bergou and others 2006) as one constraint a hinge. Its compliance, (A₀ + A₁) ÷ (0.98 · rigidity), is set by the
 * cantilever test: with the factor 3 that is often quoted a strip is too stiff.
 */
const HINGE_FACTOR = 0.98;

export function bendTable(sheet: Sheet, weights: Float64Array, step: number): BendTable {
  const hinges = hingesOf(sheet);
  const points = new Int32Array(hinges.length * 4);
  const shares = new Float64Array(hinges.length * 4);
  const give = new Float64Array(hinges.length);
  hinges.forEach(({ a, b, c, d, cots, areas, rigidity }, h) => {
    const [c01, c02, c03, c04] = cots;
    const own = [c03 + c04, c01 + c02, -c01 - c03, -c02 - c04];
    points.set([a, b, c, d], h * 4);
    shares.set(own, h * 4);
    const weight = [a, b, c, d].reduce((sum, p, k) => sum + (weights[p] ?? 0) * (own[k] ?? 0) ** 2, 0);
    const compliance = areas / (HINGE_FACTOR * rigidity) / (step * step);
    give[h] = weight > 0 ? 1 / (weight + compliance) : 0;
  });
  return { count: hinges.length, points, shares, give };
}

type Hinge = {
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly d: number;
  readonly cots: readonly [number, number, number, number];
  readonly areas: number;
  readonly rigidity: number;
};

function hingesOf({ triangles, rest, clothOf, cloths, creases }: Sheet): readonly Hinge[] {
  const open = new Map<number, { readonly t: number; readonly k: number }>();
  const hinges: Hinge[] = [];
  for (let t = 0; t < clothOf.length; t++) {
    for (let k = 0; k < 3; k++) {
      const [p, q] = [triangles[t * 3 + k] ?? 0, triangles[t * 3 + ((k + 1) % 3)] ?? 0];
      const key = edgeKey(p, q);
      if (creases?.has(key)) continue;
      const other = open.get(key);
      if (!other) {
        open.set(key, { t, k });
        continue;
      }
      open.delete(key);
      const [here, there] = [cornersFrom(rest, t, k), cornersFrom(rest, other.t, other.k)];
      // The other triangle runs along the edge the other way, unless the sheet is turned over there.
      const isSame = (triangles[other.t * 3 + other.k] ?? 0) === p;
      const rigidities = [t, other.t].map((one) => cloths[clothOf[one] ?? 0]?.rigidity ?? 0);
      hinges.push({
        a: p,
        b: q,
        c: triangles[t * 3 + ((k + 2) % 3)] ?? 0,
        d: triangles[other.t * 3 + ((other.k + 2) % 3)] ?? 0,
        cots: [here.atStart, isSame ? there.atStart : there.atEnd, here.atEnd, isSame ? there.atEnd : there.atStart],
        areas: Math.abs(restArea(rest, t)) + Math.abs(restArea(rest, other.t)),
        rigidity: Math.sqrt((rigidities[0] ?? 0) * (rigidities[1] ?? 0)),
      });
    }
  }
  return hinges.filter(({ areas, rigidity, cots }) => areas > 1e-10 && rigidity > 0 && cots.every(Number.isFinite));
}

/** The cotangents of the angles at both ends of the edge that starts at corner `k`. */
function cornersFrom(rest: Float64Array, t: number, k: number) {
  const at = (corner: number) =>
    [rest[t * 6 + (corner % 3) * 2] ?? 0, rest[t * 6 + (corner % 3) * 2 + 1] ?? 0] as const;
  const [p, q, r] = [at(k), at(k + 1), at(k + 2)];
  return { atStart: cotangent(p, q, r), atEnd: cotangent(q, p, r) };
}

type Place = readonly [number, number];

function cotangent(corner: Place, a: Place, b: Place): number {
  const [ax, ay, bx, by] = [a[0] - corner[0], a[1] - corner[1], b[0] - corner[0], b[1] - corner[1]];
  return (ax * bx + ay * by) / Math.abs(ax * by - ay * bx);
}

/** One pass over all hinges. */
export function relaxBending({ count, points, shares, give }: BendTable, x: Float64Array, weights: Float64Array): void {
  for (let h = 0; h < count; h++) {
    const q = h * 4;
    const [a, b, c, d] = [points[q] ?? 0, points[q + 1] ?? 0, points[q + 2] ?? 0, points[q + 3] ?? 0];
    const [sa, sb, sc, sd] = [shares[q] ?? 0, shares[q + 1] ?? 0, shares[q + 2] ?? 0, shares[q + 3] ?? 0];
    const by = give[h] ?? 0;
    for (let i = 0; i < 3; i++) {
      const bend =
        sa * (x[a * 3 + i] ?? 0) + sb * (x[b * 3 + i] ?? 0) + sc * (x[c * 3 + i] ?? 0) + sd * (x[d * 3 + i] ?? 0);
      const move = -bend * by;
      x[a * 3 + i] = (x[a * 3 + i] ?? 0) + (weights[a] ?? 0) * sa * move;
      x[b * 3 + i] = (x[b * 3 + i] ?? 0) + (weights[b] ?? 0) * sb * move;
      x[c * 3 + i] = (x[c * 3 + i] ?? 0) + (weights[c] ?? 0) * sc * move;
      x[d * 3 + i] = (x[d * 3 + i] ?? 0) + (weights[d] ?? 0) * sd * move;
    }
  }
}
