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
/** A foot so far outside a triangle, as a share of it, is still taken for its own: the next one goes on alike. */
const BEYOND = 0.35;

/** Keeps the upper cloth on its side of the lower one: both give way by their weight. To be called once a step. */
export function layerContact({ over, under }: Layers, weights: Float64Array) {
  const lying = new Int32Array(over.length).fill(-1);
  let steps = 0;
  const look = (x: Float64Array) => {
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
  };
  return (x: Float64Array): void => {
    if (over.length === 0) return;
    if (steps++ % LOOKS_EVERY === 0) look(x);
    for (let i = 0; i < over.length; i++) {
      const t = lying[i] ?? -1;
      if (t >= 0) keepOn(x, weights, over[i] ?? 0, under[t] ?? 0, under[t + 1] ?? 0, under[t + 2] ?? 0);
    }
  };
}

/** One point over one triangle: the two are moved apart along what the triangle looks to. */
function keepOn(x: Float64Array, weights: Float64Array, p: number, a: number, b: number, c: number): void {
  const at = (point: number, k: number) => x[point * 3 + k] ?? 0;
  const [ux, uy, uz] = [at(b, 0) - at(a, 0), at(b, 1) - at(a, 1), at(b, 2) - at(a, 2)];
  const [vx, vy, vz] = [at(c, 0) - at(a, 0), at(c, 1) - at(a, 1), at(c, 2) - at(a, 2)];
  let [nx, ny, nz] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const twice = Math.sqrt(nx * nx + ny * ny + nz * nz);
  if (twice < 1e-12) return;
  [nx, ny, nz] = [nx / twice, ny / twice, nz / twice];
  const [wx, wy, wz] = [at(p, 0) - at(a, 0), at(p, 1) - at(a, 1), at(p, 2) - at(a, 2)];
  const off = wx * nx + wy * ny + wz * nz;
  if (off >= THICKNESS || off < -DEEPEST) return;
  // The shares of the corners in the foot of the point.
  const ofB = ((wy * vz - wz * vy) * nx + (wz * vx - wx * vz) * ny + (wx * vy - wy * vx) * nz) / twice;
  const ofC = ((uy * wz - uz * wy) * nx + (uz * wx - ux * wz) * ny + (ux * wy - uy * wx) * nz) / twice;
  const ofA = 1 - ofB - ofC;
  if (ofA < -BEYOND || ofB < -BEYOND || ofC < -BEYOND) return;
  const [wp, wa, wb, wc] = [weights[p] ?? 0, weights[a] ?? 0, weights[b] ?? 0, weights[c] ?? 0];
  const all = wp + wa * ofA * ofA + wb * ofB * ofB + wc * ofC * ofC;
  if (!(all > 0)) return;
  const by = (THICKNESS - off) / all;
  const move = (point: number, share: number) => {
    x[point * 3] = at(point, 0) + share * by * nx;
    x[point * 3 + 1] = at(point, 1) + share * by * ny;
    x[point * 3 + 2] = at(point, 2) + share * by * nz;
  };
  move(p, wp);
  move(a, -wa * ofA);
  move(b, -wb * ofB);
  move(c, -wc * ofC);
}
