import { restArea, type Sheet } from "./sheet";

/** What a triangle resists: being longer or shorter across and along the grain, and being sheared. */
export type StretchTable = {
  readonly count: number;
  readonly triangles: Int32Array;
  /** How the corners weigh in the change across (u) and along (v) the grain: two corners, the third is less both. Four a triangle. */
  readonly shares: Float64Array;
  /** 1 ÷ (what the constraint weighs + compliance ÷ step²), across and along. Two a triangle. */
  readonly give: Float64Array;
  /** What shear weighs across and along, and its compliance ÷ step²: how much it moves grows with the stretch. Across, along, both, compliance: four a triangle. */
  readonly shear: Float64Array;
};

/**
 * A sheet carries less stretch the fewer the steps a second: what it can at most, in newtons a metre, and the modulus to set so that one
 * pass a step behaves as wanted (measured on hanging strips of regular meshes: 1/E ≈ 1/set + 0.82/most).
 */
function mostModulus(density: number, edge: number, rate: number): number {
  return 1.3 * density * edge * edge * rate * rate;
}

function settableModulus(wanted: number, most: number): number {
  return 1 / (1 / Math.min(wanted, BELIEVED_SHARE * most) - 0.82 / most);
}

/** Beyond this share of the most that can be carried the sheet is softer than it says. */
const BELIEVED_SHARE = 0.6;

/** How the corners weigh in the change across and along the grain, as in `StretchTable`: four figures a triangle, nothing of a degenerate one. */
export function stretchShares({ rest, clothOf }: Sheet): Float64Array {
  const shares = new Float64Array(clothOf.length * 4);
  for (let t = 0; t < clothOf.length; t++) {
    const at = (i: number) => rest[t * 6 + i] ?? 0;
    const [au, av, bu, bv] = [at(2) - at(0), at(3) - at(1), at(4) - at(0), at(5) - at(1)];
    const twice = au * bv - bu * av;
    if (Math.abs(twice) / 2 > 1e-9) shares.set([bv / twice, -av / twice, -bu / twice, au / twice], t * 4);
  }
  return shares;
}

/** The table for steps of `step` seconds; `weights` are the inverse masses. Degenerate triangles are passed over. */
export function stretchTable(sheet: Sheet, weights: Float64Array, step: number, edge: number): StretchTable {
  const { triangles, rest, clothOf, cloths } = sheet;
  const count = clothOf.length;
  const shares = stretchShares(sheet);
  const give = new Float64Array(count * 2);
  const shear = new Float64Array(count * 4);
  for (let t = 0; t < count; t++) {
    const area = Math.abs(restArea(rest, t));
    if (!(area > 1e-9)) continue;
    const [b1u = 0, b2u = 0, b1v = 0, b2v = 0] = shares.subarray(t * 4, t * 4 + 4);
    const w = [0, 1, 2].map((k) => weights[triangles[t * 3 + k] ?? 0] ?? 0);
    const weigh = (p: number, q: number) => (w[0] ?? 0) * (p + q) ** 2 + (w[1] ?? 0) * p * p + (w[2] ?? 0) * q * q;
    const [across, along] = [weigh(b1u, b2u), weigh(b1v, b2v)];
    const both = (w[0] ?? 0) * (b1u + b2u) * (b1v + b2v) + (w[1] ?? 0) * b1u * b1v + (w[2] ?? 0) * b2u * b2v;
    const cloth = cloths[clothOf[t] ?? 0];
    const most = mostModulus(cloth?.density ?? 0, edge, 1 / step);
    const compliance = (modulus: number) => 1 / (area * settableModulus(modulus, most) * step * step);
    // A point that is held weighs nothing; a triangle of three has nothing to give.
    const inverse = (weight: number, modulus: number) => (weight > 0 ? 1 / (weight + compliance(modulus)) : 0);
    give[t * 2] = inverse(across, cloth?.weft ?? 0);
    give[t * 2 + 1] = inverse(along, cloth?.warp ?? 0);
    shear.set([across, along, both, compliance(cloth?.bias ?? 0)], t * 4);
  }
  return { count, triangles, shares, give, shear };
}

/** One pass over all triangles. No lists are made in it: it is run some million times a second. */
export function relaxStretch(table: StretchTable, x: Float64Array, weights: Float64Array): void {
  const { count, triangles, shares, give, shear: sheared } = table;
  for (let t = 0; t < count; t++) {
    const i = (triangles[t * 3] ?? 0) * 3;
    const j = (triangles[t * 3 + 1] ?? 0) * 3;
    const k = (triangles[t * 3 + 2] ?? 0) * 3;
    const b1u = shares[t * 4] ?? 0;
    const b2u = shares[t * 4 + 1] ?? 0;
    const b1v = shares[t * 4 + 2] ?? 0;
    const b2v = shares[t * 4 + 3] ?? 0;
    const ax = (x[j] ?? 0) - (x[i] ?? 0);
    const ay = (x[j + 1] ?? 0) - (x[i + 1] ?? 0);
    const az = (x[j + 2] ?? 0) - (x[i + 2] ?? 0);
    const bx = (x[k] ?? 0) - (x[i] ?? 0);
    const by = (x[k + 1] ?? 0) - (x[i + 1] ?? 0);
    const bz = (x[k + 2] ?? 0) - (x[i + 2] ?? 0);
    let ux = ax * b1u + bx * b2u;
    let uy = ay * b1u + by * b2u;
    let uz = az * b1u + bz * b2u;
    let vx = ax * b1v + bx * b2v;
    let vy = ay * b1v + by * b2v;
    let vz = az * b1v + bz * b2v;
    const u = Math.sqrt(ux * ux + uy * uy + uz * uz) || 1e-12;
    const v = Math.sqrt(vx * vx + vy * vy + vz * vz) || 1e-12;
    const slant = ux * vx + uy * vy + uz * vz;
    const weight =
      (sheared[t * 4] ?? 0) * v * v + (sheared[t * 4 + 1] ?? 0) * u * u + 2 * (sheared[t * 4 + 2] ?? 0) * slant;
    const shear = weight > 0 ? -slant / (weight + (sheared[t * 4 + 3] ?? 0)) : 0;
    const lu = (-(u - 1) * (give[t * 2] ?? 0)) / u;
    const lv = (-(v - 1) * (give[t * 2 + 1] ?? 0)) / v;
    // Each corner moves along the two directions of the cloth, by its share in both.
    const mux = lu * ux + shear * vx;
    const muy = lu * uy + shear * vy;
    const muz = lu * uz + shear * vz;
    vx = lv * vx + shear * ux;
    vy = lv * vy + shear * uy;
    vz = lv * vz + shear * uz;
    ux = mux;
    uy = muy;
    uz = muz;
    const dx1 = b1u * ux + b1v * vx;
    const dy1 = b1u * uy + b1v * vy;
    const dz1 = b1u * uz + b1v * vz;
    const dx2 = b2u * ux + b2v * vx;
    const dy2 = b2u * uy + b2v * vy;
    const dz2 = b2u * uz + b2v * vz;
    const w0 = weights[i / 3] ?? 0;
    const w1 = weights[j / 3] ?? 0;
    const w2 = weights[k / 3] ?? 0;
    x[i] = (x[i] ?? 0) - w0 * (dx1 + dx2);
    x[i + 1] = (x[i + 1] ?? 0) - w0 * (dy1 + dy2);
    x[i + 2] = (x[i + 2] ?? 0) - w0 * (dz1 + dz2);
    x[j] = (x[j] ?? 0) + w1 * dx1;
    x[j + 1] = (x[j + 1] ?? 0) + w1 * dy1;
    x[j + 2] = (x[j + 2] ?? 0) + w1 * dz1;
    x[k] = (x[k] ?? 0) + w2 * dx2;
    x[k + 1] = (x[k + 1] ?? 0) + w2 * dy2;
    x[k + 2] = (x[k + 2] ?? 0) + w2 * dz2;
  }
}

/** How much longer than in the flat piece each triangle is across and along the grain: 0.01 for 1 %. Two a triangle. */
export function strainsOf(
  { count, triangles, shares }: Omit<StretchTable, "give" | "shear">,
  x: Float64Array,
): Float64Array {
  const strains = new Float64Array(count * 2);
  for (let t = 0; t < count; t++) {
    const corner = (k: number) => (triangles[t * 3 + k] ?? 0) * 3;
    const [i, j, k] = [corner(0), corner(1), corner(2)];
    for (const axis of [0, 1]) {
      const [b1, b2] = [shares[t * 4 + axis * 2] ?? 0, shares[t * 4 + axis * 2 + 1] ?? 0];
      let squared = 0;
      for (let d = 0; d < 3; d++) {
        const at = (p: number) => x[p + d] ?? 0;
        squared += ((at(j) - at(i)) * b1 + (at(k) - at(i)) * b2) ** 2;
      }
      strains[t * 2 + axis] = b1 === 0 && b2 === 0 ? 0 : Math.sqrt(squared) - 1;
    }
  }
  return strains;
}
