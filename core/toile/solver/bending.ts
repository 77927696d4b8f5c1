import { edgeKey, restArea, type Sheet } from "./sheet";

/** Every edge between two triangles: how its four points weigh in the bend across it, and move by it. */
export type BendTable = {
  readonly count: number;
  /** The two ends of the edge, then the corners on either side. Four a hinge. */
  readonly points: Int32Array;
  readonly shares: Float64Array;
  /** How far each point moves for a bend of one: its weight × its share ÷ (what the hinge weighs + compliance ÷ step²). Four a hinge. */
  readonly moves: Float64Array;
};

/**
 * Quadratic bending (Bergou and others 2006) as one constraint a hinge. Its compliance, (A₀ + A₁) ÷ (0.98 · rigidity), is set by the
 * cantilever test: with the factor 3 that is often quoted a strip is too stiff.
 */
const HINGE_FACTOR = 0.98;

export function bendTable(edges: SheetEdges, weights: Float64Array, step: number): BendTable {
  return tableOf(hingeRows(edges), weights, step);
}

function hingeRows({ hinges }: SheetEdges): readonly Row[] {
  return hinges.map(({ a, b, c, d, cots: [c01, c02, c03, c04], areas, rigidity }) => ({
    points: [a, b, c, d],
    shares: [c03 + c04, c01 + c02, -c01 - c03, -c02 - c04],
    compliance: areas / (HINGE_FACTOR * rigidity),
  }));
}

/**
 * The bend across the middle of a sheet that is half of one: across every edge in the plane x = 0 lies the mirror image of the triangle on this
 * side, and bends up and down, to and fro, as it does. To be relaxed from y on.
 */
export function middleBendTable(
  sheet: Sheet,
  edges: SheetEdges,
  weights: Float64Array,
  step: number,
  inMiddle: readonly number[],
): BendTable {
  return tableOf(middleRows(sheet, edges, inMiddle), weights, step);
}

function middleRows(sheet: Sheet, { open }: SheetEdges, inMiddle: readonly number[]): readonly Row[] {
  const isInMiddle = new Set(inMiddle);
  const { triangles, rest, clothOf, cloths } = sheet;
  return open.flatMap(({ t, k }): readonly Row[] => {
    const corner = (n: number) => triangles[t * 3 + ((k + n) % 3)] ?? 0;
    const [a, b, c] = [corner(0), corner(1), corner(2)];
    const { atStart, atEnd } = cornersFrom(rest, t, k);
    const rigidity = cloths[clothOf[t] ?? 0]?.rigidity ?? 0;
    if (!isInMiddle.has(a) || !isInMiddle.has(b) || !(rigidity > 0) || !Number.isFinite(atStart + atEnd)) return [];
    return [
      {
        points: [a, b, c, c],
        shares: [2 * atEnd, 2 * atStart, -2 * (atStart + atEnd), 0],
        // Half of the bend belongs to the other half.
        compliance: (2 * 2 * Math.abs(restArea(rest, t))) / (HINGE_FACTOR * rigidity),
      },
    ];
  });
}

/** For large steps the same test asks for this: within 3 % from 10 to 20 mm (measured). */
const HINGE_FACTOR_OF_REST = 0.88;

/** A bend as a spring: how its four points weigh in it, newtons a metre of it, and the axis from which on it counts. */
export type BendingRow = {
  readonly points: readonly number[];
  readonly shares: readonly number[];
  readonly stiffness: number;
  readonly first: number;
};

/** Every bend of a sheet as a spring, those across the middle of a half among them. */
export function bendingRows(sheet: Sheet, edges: SheetEdges, inMiddle: readonly number[]): readonly BendingRow[] {
  const asSpring =
    (first: number) =>
    ({ points, shares, compliance }: Row): BendingRow => ({
      points,
      shares,
      stiffness: HINGE_FACTOR_OF_REST / HINGE_FACTOR / compliance,
      first,
    });
  return [...hingeRows(edges).map(asSpring(0)), ...middleRows(sheet, edges, inMiddle).map(asSpring(1))];
}

type Row = { readonly points: readonly number[]; readonly shares: readonly number[]; readonly compliance: number };

function tableOf(rows: readonly Row[], weights: Float64Array, step: number): BendTable {
  const points = new Int32Array(rows.length * 4);
  const shares = new Float64Array(rows.length * 4);
  const moves = new Float64Array(rows.length * 4);
  rows.forEach((row, h) => {
    const weightOf = (k: number) => (weights[row.points[k] ?? 0] ?? 0) * (row.shares[k] ?? 0);
    const all = row.shares.reduce((sum, share, k) => sum + weightOf(k) * share, 0) + row.compliance / (step * step);
    points.set(row.points, h * 4);
    shares.set(row.shares, h * 4);
    if (all > row.compliance / (step * step))
      moves.set(
        row.shares.map((_, k) => weightOf(k) / all),
        h * 4,
      );
  });
  return { count: rows.length, points, shares, moves };
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

type HalfEdge = { readonly t: number; readonly k: number };

/** The edges between two triangles, and those that one triangle has for itself. */
export type SheetEdges = { readonly hinges: readonly Hinge[]; readonly open: readonly HalfEdge[] };

export function edgesOf({ triangles, rest, clothOf, cloths, creases }: Sheet): SheetEdges {
  const open = new Map<number, HalfEdge>();
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
  const isSound = ({ areas, rigidity, cots }: Hinge) => areas > 1e-10 && rigidity > 0 && cots.every(Number.isFinite);
  return { hinges: hinges.filter(isSound), open: [...open.values()] };
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

/** One pass over all hinges, over the axes from `first` on. No lists are made in it: it is run some million times a second. */
export function relaxBending({ count, points, shares, moves }: BendTable, x: Float64Array, first = 0): void {
  for (let q = 0; q < count * 4; q += 4) {
    const a = (points[q] ?? 0) * 3;
    const b = (points[q + 1] ?? 0) * 3;
    const c = (points[q + 2] ?? 0) * 3;
    const d = (points[q + 3] ?? 0) * 3;
    const sa = shares[q] ?? 0;
    const sb = shares[q + 1] ?? 0;
    const sc = shares[q + 2] ?? 0;
    const sd = shares[q + 3] ?? 0;
    const ma = moves[q] ?? 0;
    const mb = moves[q + 1] ?? 0;
    const mc = moves[q + 2] ?? 0;
    const md = moves[q + 3] ?? 0;
    for (let i = first; i < 3; i++) {
      const xa = x[a + i] ?? 0;
      const xb = x[b + i] ?? 0;
      const xc = x[c + i] ?? 0;
      const xd = x[d + i] ?? 0;
      const bend = sa * xa + sb * xb + sc * xc + sd * xd;
      // The last first: across the middle it is the third once more, and moves with it.
      x[d + i] = xd - md * bend;
      x[a + i] = xa - ma * bend;
      x[b + i] = xb - mb * bend;
      x[c + i] = xc - mc * bend;
    }
  }
}
