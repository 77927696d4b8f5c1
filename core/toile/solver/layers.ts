/** Cloth that lies on other cloth, as a collar or a lapel does on the garment. */
export type Layers = {
  /** The points of the upper cloth. */
  readonly over: Int32Array;
  /** The triangles of the lower one, three points each, run round so that the upper one lies on the side that they look to. */
  readonly under: Int32Array;
};

export const NO_LAYERS: Layers = { over: new Int32Array(), under: new Int32Array() };

/** The upper cloth keeps so far off the lower one. Metres. */
const THICKNESS = 0.0015;
/** What lies deeper than this below a triangle is on another side of the body, and none of its business. Metres. */
const DEEPEST = 0.02;
/** A point looks for the triangle that it lies on anew after so many steps. */
const LOOKS_EVERY = 24;
/** And not further than this, in metres. */
const REACH = 0.05;
/** How hard cloth is under cloth, in newtons a cubic metre, and the most that it pushes back, as so much depth in metres. */
const LAYER = { stiffness: 2e6, most: 0.004 } as const;
/** A foot so far outside a triangle, as a share of it, is still taken for its own: the next one goes on alike. */
const BEYOND = 0.35;

/** Finds for each point of the upper cloth the triangle of the lower one that it lies on: by its place in `under`, -1 where it lies on none. */
function lyingOn({ over, under }: Layers) {
  const lying = new Int32Array(over.length).fill(-1);
  return (x: Float64Array): Int32Array => {
    let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
    for (const point of over) {
      const y = x[point * 3 + 1] ?? 0;
      low = Math.min(low, y - REACH);
      high = Math.max(high, y + REACH);
    }
    const near: number[] = [];
    for (let t = 0; t < under.length; t += 3) {
      const y = x[(under[t] ?? 0) * 3 + 1] ?? 0;
      if (y > low && y < high) near.push(t);
    }
    const middles = new Float64Array(near.length * 3);
    for (const [n, t] of near.entries())
      for (let k = 0; k < 3; k++)
        middles[n * 3 + k] =
          ((x[(under[t] ?? 0) * 3 + k] ?? 0) +
            (x[(under[t + 1] ?? 0) * 3 + k] ?? 0) +
            (x[(under[t + 2] ?? 0) * 3 + k] ?? 0)) /
          3;
    for (const [i, point] of over.entries()) {
      let [best, least] = [-1, REACH * REACH];
      for (let n = 0; n < near.length; n++) {
        const dx = (middles[n * 3] ?? 0) - (x[point * 3] ?? 0);
        const dy = (middles[n * 3 + 1] ?? 0) - (x[point * 3 + 1] ?? 0);
        const dz = (middles[n * 3 + 2] ?? 0) - (x[point * 3 + 2] ?? 0);
        const off = dx * dx + dy * dy + dz * dz;
        if (off < least) [best, least] = [near[n] ?? -1, off];
      }
      lying[i] = best;
    }
    return lying;
  };
}

/** Keeps the upper cloth on its side of the lower one: both give way by their weight. To be called once a step. */
export function layerContact(layers: Layers, weights: Float64Array) {
  const { over, under } = layers;
  const find = lyingOn(layers);
  let lying: Int32Array = new Int32Array();
  let steps = 0;
  return (x: Float64Array): void => {
    if (over.length === 0) return;
    if (steps++ % LOOKS_EVERY === 0) lying = find(x);
    for (let i = 0; i < over.length; i++) {
      const t = lying[i] ?? -1;
      if (t >= 0) keepOn(x, weights, over[i] ?? 0, under[t] ?? 0, under[t + 1] ?? 0, under[t + 2] ?? 0);
    }
  };
}

/** A point that lies on or in a triangle: how far off it, which way the triangle looks, and the shares of its corners in the foot. */
type Touch = {
  readonly off: number;
  readonly normal: readonly [number, number, number];
  readonly shares: readonly [number, number, number];
};

function touchOf(x: Float64Array, p: number, a: number, b: number, c: number): Touch | null {
  const at = (point: number, k: number) => x[point * 3 + k] ?? 0;
  const [ux, uy, uz] = [at(b, 0) - at(a, 0), at(b, 1) - at(a, 1), at(b, 2) - at(a, 2)];
  const [vx, vy, vz] = [at(c, 0) - at(a, 0), at(c, 1) - at(a, 1), at(c, 2) - at(a, 2)];
  let [nx, ny, nz] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const twice = Math.sqrt(nx * nx + ny * ny + nz * nz);
  if (twice < 1e-12) return null;
  [nx, ny, nz] = [nx / twice, ny / twice, nz / twice];
  const [wx, wy, wz] = [at(p, 0) - at(a, 0), at(p, 1) - at(a, 1), at(p, 2) - at(a, 2)];
  const off = wx * nx + wy * ny + wz * nz;
  if (off >= THICKNESS || off < -DEEPEST) return null;
  const ofB = ((wy * vz - wz * vy) * nx + (wz * vx - wx * vz) * ny + (wx * vy - wy * vx) * nz) / twice;
  const ofC = ((uy * wz - uz * wy) * nx + (uz * wx - ux * wz) * ny + (ux * wy - uy * wx) * nz) / twice;
  const ofA = 1 - ofB - ofC;
  if (ofA < -BEYOND || ofB < -BEYOND || ofC < -BEYOND) return null;
  return { off, normal: [nx, ny, nz], shares: [ofA, ofB, ofC] };
}

/** One point over one triangle: the two are moved apart along what the triangle looks to. */
function keepOn(x: Float64Array, weights: Float64Array, p: number, a: number, b: number, c: number): void {
  const touch = touchOf(x, p, a, b, c);
  if (!touch) return;
  const {
    off,
    normal: [nx, ny, nz],
    shares: [ofA, ofB, ofC],
  } = touch;
  const [wp, wa, wb, wc] = [weights[p] ?? 0, weights[a] ?? 0, weights[b] ?? 0, weights[c] ?? 0];
  const all = wp + wa * ofA * ofA + wb * ofB * ofB + wc * ofC * ofC;
  if (!(all > 0)) return;
  const by = (THICKNESS - off) / all;
  const move = (point: number, share: number) => {
    x[point * 3] = (x[point * 3] ?? 0) + share * by * nx;
    x[point * 3 + 1] = (x[point * 3 + 1] ?? 0) + share * by * ny;
    x[point * 3 + 2] = (x[point * 3 + 2] ?? 0) + share * by * nz;
  };
  move(p, wp);
  move(a, -wa * ofA);
  move(b, -wb * ofB);
  move(c, -wc * ofC);
}

type AddDiagonal = (point: number, stiffness: number, direction: readonly [number, number, number]) => void;

/** The push of one cloth on the other for a solver that asks for forces and how they change. */
export type LayerTerms = {
  /** Adds the forces as the cloth lies, and to the diagonal what each point has of their change. */
  readonly assemble: (x: Float64Array, force: Float64Array, addDiagonal: AddDiagonal) => void;
  /** Adds what of the change lies off the diagonal, times `p`. */
  readonly multiply: (p: Float64Array, out: Float64Array) => void;
};

/** Each term pushes a point and the three corners under it apart; `areas` is the cloth round each point, in square metres. */
export function layerTerms(layers: Layers, areas: Float64Array): LayerTerms {
  const { over, under } = layers;
  const find = lyingOn(layers);
  type Term = {
    readonly points: readonly [number, number, number, number];
    readonly shares: readonly [number, number, number, number];
    readonly normal: readonly [number, number, number];
    readonly stiffness: number;
  };
  let terms: Term[] = [];
  const assemble: LayerTerms["assemble"] = (x, force, addDiagonal) => {
    terms = [];
    if (over.length === 0) return;
    const lying = find(x);
    for (let i = 0; i < over.length; i++) {
      const t = lying[i] ?? -1;
      if (t < 0) continue;
      const points = [over[i] ?? 0, under[t] ?? 0, under[t + 1] ?? 0, under[t + 2] ?? 0] as const;
      const touch = touchOf(x, ...points);
      if (!touch) continue;
      const { off, normal, shares: own } = touch;
      const shares = [1, -own[0], -own[1], -own[2]] as const;
      const stiffness = LAYER.stiffness * (areas[points[0]] ?? 0);
      const push = stiffness * Math.min(LAYER.most, THICKNESS - off);
      for (let k = 0; k < 4; k++) {
        const [q, share] = [(points[k] ?? 0) * 3, shares[k] ?? 0];
        for (let a = 0; a < 3; a++) force[q + a] = (force[q + a] ?? 0) + push * share * (normal[a] ?? 0);
        addDiagonal(points[k] ?? 0, stiffness * share * share, normal);
      }
      terms.push({ points, shares, normal, stiffness });
    }
  };
  const multiply: LayerTerms["multiply"] = (p, out) => {
    for (const { points, shares, normal, stiffness } of terms) {
      const along = points.map((point, k) => {
        const q = point * 3;
        return (shares[k] ?? 0) * (normal[0] * (p[q] ?? 0) + normal[1] * (p[q + 1] ?? 0) + normal[2] * (p[q + 2] ?? 0));
      });
      const all = along.reduce((sum, one) => sum + one, 0);
      for (let k = 0; k < 4; k++) {
        const [q, by] = [(points[k] ?? 0) * 3, stiffness * (shares[k] ?? 0) * (all - (along[k] ?? 0))];
        for (let a = 0; a < 3; a++) out[q + a] = (out[q + a] ?? 0) + by * (normal[a] ?? 0);
      }
    }
  };
  return { assemble, multiply };
}
