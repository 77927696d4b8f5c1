import { GRAVITY } from "../mechanics";
import { bendingRows, type SheetEdges } from "./bending";
import { blockMatrix, incompleteFactor, maskAxes, multiply } from "./block-matrix";
import { type Layers, type LayerTerms, layerTerms, NO_LAYERS } from "./layers";
import { restArea, type Sheet } from "./sheet";
import { stretchShares } from "./stretch";
import { type Solid, type Ties, USUAL_CLEARANCE } from "./surroundings";

/** How far cloth is from rest: what pulls at its points, added up, as a share of its weight; and how far a point moved in the last step, as a mean, in millimetres. */
export type Rest = { readonly residual: number; readonly move: number };

export type HangConditions = {
  readonly solid: Solid;
  readonly clearance: Float64Array;
  /** Of cloth on the body and what is worn under it. */
  readonly friction: number;
};

/** Cloth gives way when it is pushed together, since it buckles in folds smaller than a triangle: by this strain on it has given way, and holds so small a share of its modulus. */
const GIVES = { from: 0.005, keeps: 0.05 } as const;
/** How hard the body is, in newtons a cubic metre, and over which way its push begins, in metres. */
const BODY = { stiffness: 4.5e6, zone: 0.001 } as const;
/** What is held by friction gives so far before it slides, in metres. */
const STICKS = 0.0003;
/** No point moves farther at once, in metres. */
const MOST_MOVE = 0.006;
/** How well each step is solved, and with how many tries at most. */
const SOLVED = { share: 1e-2, most: 60 } as const;
/** A stitch that is still open is drawn together like this, in newtons a metre. */
const STITCH = 1e5;

/**
 * Cloth brought to rest by large implicit steps (Baraff and Witkin 1998; the speeds are forgotten after each): as stiff as it is said to be, at
 * any size of triangle, where small steps of one pass each carry only a small part of it. Moves `places`. The same input gives the same places.
 */
export function implicitCloth(
  setup: {
    readonly sheet: Sheet;
    readonly places: Float64Array;
    readonly held?: ReadonlySet<number>;
    readonly inMiddle?: readonly number[];
    readonly ties?: Ties;
    readonly layers?: Layers;
  },
  edges: SheetEdges,
  masses: Float64Array,
) {
  const { sheet, places: x, held, inMiddle = [], ties, layers = NO_LAYERS } = setup;
  const { points, triangles } = sheet;
  const matrix = blockMatrix(points, triangles);
  const { values, diagonal, blockOf } = matrix;
  const factor = incompleteFactor(matrix);
  const isFree = new Uint8Array(points * 3).fill(1);
  for (const point of held ?? []) isFree.fill(0, point * 3, point * 3 + 3);
  for (const point of inMiddle) isFree[point * 3] = 0;
  masses.forEach((mass, i) => {
    if (!(mass > 0)) isFree.fill(0, i * 3, i * 3 + 3);
  });
  const areas = areasOf(sheet);
  const weight = masses.reduce((sum, mass) => sum + mass, 0) * GRAVITY;

  const bending = bendingRows(sheet, edges, inMiddle);
  // Across a hinge two corners share no triangle: what they have to say to each other stands beside the matrix.
  const farPairs: { readonly i: number; readonly j: number; readonly by: number }[] = [];
  const bendingValues = new Float64Array(values.length);
  for (const { points: on, shares, stiffness, first } of bending)
    for (let k = 0; k < 4; k++)
      for (let l = 0; l < 4; l++) {
        const [i, j] = [on[k] ?? 0, on[l] ?? 0];
        const by = stiffness * (shares[k] ?? 0) * (shares[l] ?? 0);
        const block = blockOf(i, j);
        if (block < 0) farPairs.push({ i: i * 3, j: j * 3, by });
        else
          for (let axis = first; axis < 3; axis++)
            bendingValues[block * 9 + axis * 4] = (bendingValues[block * 9 + axis * 4] ?? 0) + by;
      }

  const farEnds = Int32Array.from(farPairs.flatMap(({ i, j }) => [i, j]));
  const farBy = Float64Array.from(farPairs, ({ by }) => by);

  const shares = stretchShares(sheet);
  const blocks = new Int32Array(sheet.clothOf.length * 9);
  for (let t = 0; t < sheet.clothOf.length; t++)
    for (let k = 0; k < 9; k++)
      blocks[t * 9 + k] = blockOf(triangles[t * 3 + Math.floor(k / 3)] ?? 0, triangles[t * 3 + (k % 3)] ?? 0);

  const force = new Float64Array(points * 3);
  const [step, residue, solved, way, product] = Array.from({ length: 5 }, () => new Float64Array(points * 3)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const normal = new Float64Array(3);
  const anchors = new Float64Array(points * 3);
  const isAnchored = new Uint8Array(points);
  const layersNow: LayerTerms = layerTerms(layers, areas);
  type Pull = {
    readonly i: number;
    readonly j: number;
    readonly d: readonly [number, number, number];
    readonly k: number;
    readonly aside: number;
  };
  let pulls: Pull[] = [];

  const addDiagonal = (i: number, k: number, d: readonly [number, number, number]) => {
    const v = (diagonal[i] ?? 0) * 9;
    for (let r = 0; r < 3; r++)
      for (let c = 0; c < 3; c++) values[v + r * 3 + c] = (values[v + r * 3 + c] ?? 0) + k * (d[r] ?? 0) * (d[c] ?? 0);
  };

  const addBody = ({ solid, clearance, friction }: HangConditions) => {
    for (let i = 0; i < points; i++) {
      const q = i * 3;
      const out = solid(x[q] ?? 0, x[q + 1] ?? 0, x[q + 2] ?? 0, normal);
      const deep = (clearance[i] ?? USUAL_CLEARANCE) - out;
      if (deep < -BODY.zone) {
        isAnchored[i] = 0;
        continue;
      }
      const k = BODY.stiffness * (areas[i] ?? 0);
      const push = deep > BODY.zone ? k * deep : (k * (deep + BODY.zone) ** 2) / (4 * BODY.zone);
      const stiffness = deep > BODY.zone ? k : (k * (deep + BODY.zone)) / (2 * BODY.zone);
      const n = [normal[0] ?? 0, normal[1] ?? 0, normal[2] ?? 0] as const;
      addDiagonal(i, stiffness, n);
      for (let a = 0; a < 3; a++) force[q + a] = (force[q + a] ?? 0) + push * (n[a] ?? 0);
      if (!isAnchored[i]) {
        isAnchored[i] = 1;
        for (let a = 0; a < 3; a++) anchors[q + a] = x[q + a] ?? 0;
      }
      holdBack(i, (friction * push) / STICKS, n);
    }
  };

  /** Friction: a spring along the body to where the point last stuck, which is drawn along by what slides farther. */
  const holdBack = (i: number, k: number, n: readonly [number, number, number]) => {
    const q = i * 3;
    const off = [0, 1, 2].map((a) => (x[q + a] ?? 0) - (anchors[q + a] ?? 0)) as [number, number, number];
    const out = off[0] * n[0] + off[1] * n[1] + off[2] * n[2];
    const slid = off.map((one, a) => one - out * (n[a] ?? 0)) as [number, number, number];
    const far = Math.hypot(...slid);
    const share = far > STICKS ? STICKS / far : 1;
    const v = (diagonal[i] ?? 0) * 9;
    for (let r = 0; r < 3; r++) {
      force[q + r] = (force[q + r] ?? 0) - k * share * (slid[r] ?? 0);
      anchors[q + r] = (x[q + r] ?? 0) - share * (slid[r] ?? 0);
      for (let c = 0; c < 3; c++)
        values[v + r * 3 + c] = (values[v + r * 3 + c] ?? 0) + k * ((r === c ? 1 : 0) - (n[r] ?? 0) * (n[c] ?? 0));
    }
  };

  const addTies = () => {
    pulls = [];
    if (!ties) return;
    for (let t = 0; t < ties.rest.length; t++) {
      const [i, j] = [ties.points[t * 2] ?? 0, ties.points[t * 2 + 1] ?? 0];
      const off = [0, 1, 2].map((a) => (x[j * 3 + a] ?? 0) - (x[i * 3 + a] ?? 0)) as [number, number, number];
      const apart = Math.hypot(...off);
      const over = apart - (ties.rest[t] ?? 0);
      if (!(over > 0) || apart < 1e-9) continue;
      const k = Math.min(ties.stiffness[t] ?? 0, STITCH);
      const d = off.map((one) => one / apart) as [number, number, number];
      for (let a = 0; a < 3; a++) {
        force[i * 3 + a] = (force[i * 3 + a] ?? 0) + k * over * (d[a] ?? 0);
        force[j * 3 + a] = (force[j * 3 + a] ?? 0) - k * over * (d[a] ?? 0);
      }
      // What is stretched resists being moved aside too, by its pull for its length.
      const aside = (k * over) / apart;
      for (const end of [i, j]) {
        addDiagonal(end, k - aside, d);
        for (let a = 0; a < 3; a++) {
          const at = (diagonal[end] ?? 0) * 9 + a * 4;
          values[at] = (values[at] ?? 0) + aside;
        }
      }
      pulls.push({ i: i * 3, j: j * 3, d, k: k - aside, aside });
    }
  };

  /** The forces on every point, and how they change with its place, without what the step itself adds. */
  const assemble = (conditions: HangConditions) => {
    values.set(bendingValues);
    for (let i = 0; i < points; i++) {
      force[i * 3] = 0;
      force[i * 3 + 1] = -(masses[i] ?? 0) * GRAVITY;
      force[i * 3 + 2] = 0;
    }
    for (const { points: on, shares: own, stiffness, first } of bending)
      for (let axis = first; axis < 3; axis++) {
        let bend = 0;
        for (let k = 0; k < 4; k++) bend += (own[k] ?? 0) * (x[(on[k] ?? 0) * 3 + axis] ?? 0);
        for (let k = 0; k < 4; k++) {
          const q = (on[k] ?? 0) * 3 + axis;
          force[q] = (force[q] ?? 0) - stiffness * (own[k] ?? 0) * bend;
        }
      }
    addStretch(sheet, shares, blocks, x, force, values);
    addBody(conditions);
    addTies();
    layersNow.assemble(x, force, addDiagonal);
  };

  const timesMatrix = (p: Float64Array, out: Float64Array) => {
    multiply(matrix, p, out);
    for (let n = 0; n < farBy.length; n++) {
      const [i, j, by] = [farEnds[n * 2] ?? 0, farEnds[n * 2 + 1] ?? 0, farBy[n] ?? 0];
      out[i] = (out[i] ?? 0) + by * (p[j] ?? 0);
      out[i + 1] = (out[i + 1] ?? 0) + by * (p[j + 1] ?? 0);
      out[i + 2] = (out[i + 2] ?? 0) + by * (p[j + 2] ?? 0);
    }
    for (const { i, j, d, k, aside } of pulls) {
      let [ofI, ofJ] = [0, 0];
      for (let a = 0; a < 3; a++) {
        ofI += (d[a] ?? 0) * (p[i + a] ?? 0);
        ofJ += (d[a] ?? 0) * (p[j + a] ?? 0);
      }
      for (let a = 0; a < 3; a++) {
        out[i + a] = (out[i + a] ?? 0) - k * (d[a] ?? 0) * ofJ - aside * (p[j + a] ?? 0);
        out[j + a] = (out[j + a] ?? 0) - k * (d[a] ?? 0) * ofI - aside * (p[i + a] ?? 0);
      }
    }
    layersNow.multiply(p, out);
    for (let q = 0; q < out.length; q++) if (!isFree[q]) out[q] = 0;
  };

  /** Conjugate gradients (Hestenes and Stiefel 1952) behind the incomplete factor. Writes the step. */
  const solve = () => {
    step.fill(0);
    residue.set(force);
    factor.refactor();
    factor.solve(residue, solved);
    way.set(solved);
    let along = dot(residue, solved);
    const enough = along * SOLVED.share ** 2;
    for (let n = 0; n < SOLVED.most && along > enough && along > 0; n++) {
      timesMatrix(way, product);
      const bend = dot(way, product);
      if (!(bend > 0)) break;
      const by = along / bend;
      for (let q = 0; q < step.length; q++) {
        step[q] = (step[q] ?? 0) + by * (way[q] ?? 0);
        residue[q] = (residue[q] ?? 0) - by * (product[q] ?? 0);
      }
      factor.solve(residue, solved);
      const next = dot(residue, solved);
      const share = next / along;
      for (let q = 0; q < way.length; q++) way[q] = (solved[q] ?? 0) + share * (way[q] ?? 0);
      along = next;
    }
  };

  /** One step of `seconds`, of which `share` is taken. */
  return (seconds: number, share: number, conditions: HangConditions): Rest => {
    assemble(conditions);
    let pulled = 0;
    for (let i = 0; i < points; i++) {
      const v = (diagonal[i] ?? 0) * 9;
      for (let a = 0; a < 3; a++) {
        if (!isFree[i * 3 + a]) force[i * 3 + a] = 0;
        values[v + a * 4] = (values[v + a * 4] ?? 0) + (masses[i] ?? 0) / (seconds * seconds);
      }
      pulled += Math.hypot(force[i * 3] ?? 0, force[i * 3 + 1] ?? 0, force[i * 3 + 2] ?? 0);
    }
    maskAxes(matrix, isFree);
    solve();
    let moved = 0;
    for (let i = 0; i < points; i++) {
      const q = i * 3;
      const far = share * Math.hypot(step[q] ?? 0, step[q + 1] ?? 0, step[q + 2] ?? 0);
      const taken = share * (far > MOST_MOVE ? MOST_MOVE / far : 1);
      for (let a = 0; a < 3; a++) x[q + a] = (x[q + a] ?? 0) + taken * (step[q + a] ?? 0);
      moved += Math.min(far, MOST_MOVE);
    }
    return { residual: pulled / weight, move: (moved / Math.max(1, points)) * 1000 };
  };
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] ?? 0) * (b[i] ?? 0);
  return sum;
}

/** A third of each triangle round a point, in square metres. */
function areasOf({ points, triangles, rest, clothOf }: Sheet): Float64Array {
  const areas = new Float64Array(points);
  for (let t = 0; t < clothOf.length; t++)
    for (let k = 0; k < 3; k++) {
      const point = triangles[t * 3 + k] ?? 0;
      areas[point] = (areas[point] ?? 0) + Math.abs(restArea(rest, t)) / 3;
    }
  return areas;
}

/** The tension of cloth in newtons a metre for each of its modulus, and how it grows with the strain. Pushed together it gives way smoothly. */
function tension(strain: number): readonly [number, number] {
  const { from, keeps } = GIVES;
  if (strain >= 0) return [strain, 1];
  if (strain > -from) return [strain + ((1 - keeps) * strain * strain) / (2 * from), 1 + ((1 - keeps) * strain) / from];
  return [(-from * (1 + keeps)) / 2 + keeps * (strain + from), keeps];
}

/** Adds what every triangle pulls and how that changes: along and across the grain, and where it is sheared. */
function addStretch(
  { triangles, rest, clothOf, cloths }: Sheet,
  shares: Float64Array,
  blocks: Int32Array,
  x: Float64Array,
  force: Float64Array,
  values: Float64Array,
): void {
  const [u, v] = [new Float64Array(3), new Float64Array(3)];
  const [ofU, ofV] = [new Float64Array(9), new Float64Array(9)];
  const slants = new Float64Array(9);
  for (let t = 0; t < clothOf.length; t++) {
    const area = Math.abs(restArea(rest, t));
    const cloth = cloths[clothOf[t] ?? 0];
    if (!(area > 1e-9) || !cloth) continue;
    const [b1u, b2u, b1v, b2v] = [
      shares[t * 4] ?? 0,
      shares[t * 4 + 1] ?? 0,
      shares[t * 4 + 2] ?? 0,
      shares[t * 4 + 3] ?? 0,
    ];
    const su = [-b1u - b2u, b1u, b2u] as const;
    const sv = [-b1v - b2v, b1v, b2v] as const;
    const [i, j, k] = [(triangles[t * 3] ?? 0) * 3, (triangles[t * 3 + 1] ?? 0) * 3, (triangles[t * 3 + 2] ?? 0) * 3];
    for (let a = 0; a < 3; a++) {
      const [p, q, r] = [x[i + a] ?? 0, x[j + a] ?? 0, x[k + a] ?? 0];
      u[a] = su[0] * p + su[1] * q + su[2] * r;
      v[a] = sv[0] * p + sv[1] * q + sv[2] * r;
    }
    const pulledU = stiffnessAlong(u, cloth.weft * area, ofU);
    const pulledV = stiffnessAlong(v, cloth.warp * area, ofV);
    const slant = (u[0] ?? 0) * (v[0] ?? 0) + (u[1] ?? 0) * (v[1] ?? 0) + (u[2] ?? 0) * (v[2] ?? 0);
    const shear = cloth.bias * area;
    for (let m = 0; m < 3; m++)
      for (let a = 0; a < 3; a++) {
        const gradient = (su[m] ?? 0) * (v[a] ?? 0) + (sv[m] ?? 0) * (u[a] ?? 0);
        slants[m * 3 + a] = gradient;
        const q = (m === 0 ? i : m === 1 ? j : k) + a;
        force[q] =
          (force[q] ?? 0) -
          (su[m] ?? 0) * pulledU * (u[a] ?? 0) -
          (sv[m] ?? 0) * pulledV * (v[a] ?? 0) -
          shear * slant * gradient;
      }
    for (let m = 0; m < 3; m++)
      for (let n = 0; n < 3; n++) {
        const [uu, vv] = [(su[m] ?? 0) * (su[n] ?? 0), (sv[m] ?? 0) * (sv[n] ?? 0)];
        const at = (blocks[t * 9 + m * 3 + n] ?? 0) * 9;
        for (let r = 0; r < 3; r++)
          for (let c = 0; c < 3; c++)
            values[at + r * 3 + c] =
              (values[at + r * 3 + c] ?? 0) +
              uu * (ofU[r * 3 + c] ?? 0) +
              vv * (ofV[r * 3 + c] ?? 0) +
              shear * (slants[m * 3 + r] ?? 0) * (slants[n * 3 + c] ?? 0);
      }
  }
}

/** Writes how the pull along one direction changes with it, and gives the pull as a multiple of that direction. */
function stiffnessAlong(w: Float64Array, modulus: number, out: Float64Array): number {
  const long = Math.hypot(w[0] ?? 0, w[1] ?? 0, w[2] ?? 0) || 1e-12;
  const [pull, grows] = tension(long - 1);
  const across = (modulus * Math.max(0, pull)) / long;
  const more = (modulus * grows - across) / (long * long);
  for (let r = 0; r < 3; r++)
    for (let c = 0; c < 3; c++) out[r * 3 + c] = more * (w[r] ?? 0) * (w[c] ?? 0) + (r === c ? across : 0);
  return (modulus * pull) / long;
}
