import { GRAVITY } from "../mechanics";
import { type BendTable, bendTable, relaxBending } from "./bending";
import { massesOf, type Sheet } from "./sheet";
import { relaxStretch, type StretchTable, strainsOf, stretchTable } from "./stretch";

/** A solid that cloth lies on: writes the outward normal to `normal` and gives how far the place is outside, in metres. */
export type Solid = (x: number, y: number, z: number, normal: Float64Array) => number;

/** Pairs of points that are drawn together, and lengths that are no longer than they may be. */
export type Ties = {
  /** Two points each. */
  readonly points: Int32Array;
  /** How far apart they may be now, in metres: changed from outside while a seam closes. */
  readonly rest: Float64Array;
  /** Newtons a metre at which a tie holds; infinite for a stitch. */
  readonly stiffness: Float64Array;
};

const NO_TIES: Ties = { points: new Int32Array(), rest: new Float64Array(), stiffness: new Float64Array() };

export type SolverSetup = {
  readonly sheet: Sheet;
  /** Where every point is, in metres; moved in place. */
  readonly places: Float64Array;
  readonly speeds?: Float64Array;
  /** Steps a second. */
  readonly rate: number;
  /** The usual length of an edge in metres. */
  readonly edge: number;
  readonly held?: ReadonlySet<number>;
  /** Points that stay in the plane x = 0: the other half is their mirror image. */
  readonly inMiddle?: readonly number[];
  readonly ties?: Ties;
};

/** How a stretch of time is spent. Metres, seconds. */
export type Conditions = {
  readonly gravity?: number;
  /** A share of its speed that every point loses a second. */
  readonly damping: number;
  readonly mostSpeed?: number;
  readonly friction?: number;
  readonly solid?: Solid;
  /** How far off the solid each point keeps: a layer over another keeps further off. */
  readonly clearance?: Float64Array;
};

export type Solver = {
  readonly places: Float64Array;
  readonly speeds: Float64Array;
  readonly masses: Float64Array;
  /** Moves time on by so many steps. */
  readonly run: (steps: number, conditions: Conditions) => void;
  /** Across and along the grain of every triangle: 0.01 for 1 %. */
  readonly strains: () => Float64Array;
  /** Joules. */
  readonly kineticEnergy: () => number;
};

const WEIGHTLESS = 1e-9;

/**
 * Extended position-based dynamics, one pass a small step (Macklin, Müller and Chentanez 2016; Macklin and others 2019). The same input gives
 * the same places to the last digit.
 */
export function clothSolver(setup: SolverSetup): Solver {
  const { sheet, places, rate, edge, held, inMiddle = [], ties = NO_TIES } = setup;
  const step = 1 / rate;
  const masses = massesOf(sheet);
  const weights = masses.map((mass, i) => (held?.has(i) || mass < WEIGHTLESS ? 0 : 1 / mass));
  const stretch: StretchTable = stretchTable(sheet, weights, step, edge);
  const bend: BendTable = bendTable(sheet, weights, step);
  const speeds = setup.speeds ?? new Float64Array(places.length);
  const before = new Float64Array(places.length);
  const normal = new Float64Array(3);
  const run = (steps: number, conditions: Conditions) => {
    const { gravity = GRAVITY, damping, mostSpeed = 4, friction = 0, solid, clearance } = conditions;
    const keeps = Math.max(0, 1 - damping * step);
    for (let n = 0; n < steps; n++) {
      for (let i = 0; i < weights.length; i++) {
        const q = i * 3;
        before[q] = places[q] as number;
        before[q + 1] = places[q + 1] as number;
        before[q + 2] = places[q + 2] as number;
        if (weights[i] === 0) continue;
        let vx = (speeds[q] as number) * keeps;
        let vy = (speeds[q + 1] as number) * keeps - gravity * step;
        let vz = (speeds[q + 2] as number) * keeps;
        const speed = Math.sqrt(vx * vx + vy * vy + vz * vz);
        if (speed > mostSpeed) {
          const share = mostSpeed / speed;
          vx *= share;
          vy *= share;
          vz *= share;
        }
        places[q] = (places[q] as number) + vx * step;
        places[q + 1] = (places[q + 1] as number) + vy * step;
        places[q + 2] = (places[q + 2] as number) + vz * step;
      }
      relaxStretch(stretch, places, weights);
      relaxBending(bend, places, weights);
      relaxTies(ties, places, weights, step);
      for (const point of inMiddle) places[point * 3] = 0;
      if (solid) keepOff(solid, places, before, weights, normal, friction, clearance);
      for (let q = 0; q < places.length; q++) speeds[q] = ((places[q] as number) - (before[q] as number)) * rate;
    }
  };
  const kineticEnergy = () =>
    masses.reduce((sum, mass, i) => {
      const q = i * 3;
      return sum + (mass * ((speeds[q] ?? 0) ** 2 + (speeds[q + 1] ?? 0) ** 2 + (speeds[q + 2] ?? 0) ** 2)) / 2;
    }, 0);
  return { places, speeds, masses, run, strains: () => strainsOf(stretch, places), kineticEnergy };
}

/** A tie only draws together: what is nearer than it may be is left alone. The first ties, which are seams, have the last word. */
function relaxTies({ points, rest, stiffness }: Ties, x: Float64Array, weights: Float64Array, step: number): void {
  for (let t = rest.length - 1; t >= 0; t--) {
    const [a, b] = [points[t * 2] as number, points[t * 2 + 1] as number];
    const [p, q] = [a * 3, b * 3];
    const dx = (x[q] as number) - (x[p] as number);
    const dy = (x[q + 1] as number) - (x[p + 1] as number);
    const dz = (x[q + 2] as number) - (x[p + 2] as number);
    const apart = Math.sqrt(dx * dx + dy * dy + dz * dz);
    const over = apart - (rest[t] as number);
    if (over <= 0 || apart < 1e-9) continue;
    const [wa, wb] = [weights[a] as number, weights[b] as number];
    const weight = wa + wb;
    if (weight === 0) continue;
    const share = over / ((weight + 1 / ((stiffness[t] as number) * step * step)) * apart);
    x[p] = (x[p] as number) + wa * share * dx;
    x[p + 1] = (x[p + 1] as number) + wa * share * dy;
    x[p + 2] = (x[p + 2] as number) + wa * share * dz;
    x[q] = (x[q] as number) - wb * share * dx;
    x[q + 1] = (x[q + 1] as number) - wb * share * dy;
    x[q + 2] = (x[q + 2] as number) - wb * share * dz;
  }
}

/** Every point is moved out of the solid to its clearance; friction takes from its slide as much as the push allows (Coulomb). */
function keepOff(
  solid: Solid,
  x: Float64Array,
  before: Float64Array,
  weights: Float64Array,
  normal: Float64Array,
  friction: number,
  clearance: Float64Array | undefined,
): void {
  for (let i = 0; i < weights.length; i++) {
    if (weights[i] === 0) continue;
    const q = i * 3;
    const out = solid(x[q] as number, x[q + 1] as number, x[q + 2] as number, normal);
    const into = (clearance ? (clearance[i] as number) : USUAL_CLEARANCE) - out;
    if (into <= 0) continue;
    const [nx, ny, nz] = [normal[0] as number, normal[1] as number, normal[2] as number];
    x[q] = (x[q] as number) + nx * into;
    x[q + 1] = (x[q + 1] as number) + ny * into;
    x[q + 2] = (x[q + 2] as number) + nz * into;
    if (friction === 0) continue;
    const dx = (x[q] as number) - (before[q] as number);
    const dy = (x[q + 1] as number) - (before[q + 1] as number);
    const dz = (x[q + 2] as number) - (before[q + 2] as number);
    const along = dx * nx + dy * ny + dz * nz;
    const [sx, sy, sz] = [dx - along * nx, dy - along * ny, dz - along * nz];
    const slide = Math.sqrt(sx * sx + sy * sy + sz * sz);
    if (slide < 1e-12) continue;
    const share = Math.min(1, (friction * into) / slide);
    x[q] = (x[q] as number) - share * sx;
    x[q + 1] = (x[q + 1] as number) - share * sy;
    x[q + 2] = (x[q + 2] as number) - share * sz;
  }
}

/** Cloth lies so far off the body: about its thickness and what is worn under it. Metres. */
export const USUAL_CLEARANCE = 0.0015;
