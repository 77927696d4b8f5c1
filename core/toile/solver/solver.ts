import { GRAVITY } from "../mechanics";
import { type BendTable, bendTable, edgesOf, middleBendTable, relaxBending } from "./bending";
import { implicitCloth } from "./implicit";
import { type Layers, layerContact, NO_LAYERS } from "./layers";
import { massesOf, type Sheet } from "./sheet";
import { relaxStretch, type StretchTable, strainsOf, stretchTable } from "./stretch";
import { type Solid, type Ties, USUAL_CLEARANCE } from "./surroundings";

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
  readonly layers?: Layers;
};

/** How a stretch of time is spent. Metres, seconds. */
export type Conditions = {
  readonly gravity?: number;
  /** A share of its speed that every point loses a second. */
  readonly damping: number;
  readonly mostSpeed?: number;
  readonly friction?: number;
  readonly solid?: Solid;
  /** How often in a step the ties are drawn together: where three edges meet, one pass leaves them apart. */
  readonly tiePasses?: number;
  /** How far off the solid each point keeps: a layer over another keeps further off. */
  readonly clearance?: Float64Array;
};

export type Solver = {
  readonly places: Float64Array;
  readonly speeds: Float64Array;
  readonly masses: Float64Array;
  /** Moves time on by so many steps. */
  readonly run: (steps: number, conditions: Conditions) => void;
  /** Draws the cloth to rest by one large step, of which a share is taken. Seconds. */
  readonly settle: ReturnType<typeof implicitCloth>;
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
  const { sheet, places, rate, edge, held, inMiddle = [], ties = NO_TIES, layers = NO_LAYERS } = setup;
  const step = 1 / rate;
  const masses = massesOf(sheet);
  const weights = masses.map((mass, i) => (held?.has(i) || mass < WEIGHTLESS ? 0 : 1 / mass));
  const stretch: StretchTable = stretchTable(sheet, weights, step, edge);
  const edges = edgesOf(sheet);
  const bend: BendTable = bendTable(edges, weights, step);
  const middleBend = middleBendTable(sheet, edges, weights, step, inMiddle);
  const speeds = setup.speeds ?? new Float64Array(places.length);
  const before = new Float64Array(places.length);
  const keepLayers = layerContact(layers, weights);
  const contact: Contact = { normal: new Float64Array(3), slack: new Float64Array(weights.length) };
  let [lastSolid, lastClearance]: [Conditions["solid"], Conditions["clearance"]] = [undefined, undefined];
  const run = (steps: number, conditions: Conditions) => {
    const { gravity = GRAVITY, damping, mostSpeed = 4, friction = 0, solid, clearance, tiePasses = 1 } = conditions;
    const keeps = Math.max(0, 1 - damping * step);
    if (solid !== lastSolid || clearance !== lastClearance) contact.slack.fill(0);
    [lastSolid, lastClearance] = [solid, clearance];
    for (let n = 0; n < steps; n++) {
      for (let i = 0; i < weights.length; i++) {
        const q = i * 3;
        before[q] = places[q] ?? 0;
        before[q + 1] = places[q + 1] ?? 0;
        before[q + 2] = places[q + 2] ?? 0;
        if (weights[i] === 0) continue;
        let vx = (speeds[q] ?? 0) * keeps;
        let vy = (speeds[q + 1] ?? 0) * keeps - gravity * step;
        let vz = (speeds[q + 2] ?? 0) * keeps;
        const speed = Math.sqrt(vx * vx + vy * vy + vz * vz);
        if (speed > mostSpeed) {
          const share = mostSpeed / speed;
          vx *= share;
          vy *= share;
          vz *= share;
        }
        places[q] = (places[q] ?? 0) + vx * step;
        places[q + 1] = (places[q + 1] ?? 0) + vy * step;
        places[q + 2] = (places[q + 2] ?? 0) + vz * step;
      }
      relaxStretch(stretch, places, weights);
      relaxBending(bend, places);
      relaxBending(middleBend, places, 1);
      for (let pass = 0; pass < tiePasses; pass++) relaxTies(ties, places, weights, step);
      keepLayers(places);
      for (const point of inMiddle) places[point * 3] = 0;
      if (solid) keepOff(solid, places, before, weights, contact, friction, clearance);
      for (let q = 0; q < places.length; q++) speeds[q] = ((places[q] ?? 0) - (before[q] ?? 0)) * rate;
    }
  };
  const kineticEnergy = () =>
    masses.reduce((sum, mass, i) => {
      const q = i * 3;
      return sum + (mass * ((speeds[q] ?? 0) ** 2 + (speeds[q + 1] ?? 0) ** 2 + (speeds[q + 2] ?? 0) ** 2)) / 2;
    }, 0);
  // Most of what is sewn never hangs by itself: what large steps take is made when the first is asked for.
  let large: ReturnType<typeof implicitCloth> | null = null;
  const settle: Solver["settle"] = (seconds, share, conditions) => {
    large ??= implicitCloth(setup, edges, masses);
    speeds.fill(0);
    return large(seconds, share, conditions);
  };
  return { places, speeds, masses, run, settle, strains: () => strainsOf(stretch, places), kineticEnergy };
}

/** A tie only draws together: what is nearer than it may be is left alone. The first ties, which are seams, have the last word. */
function relaxTies({ points, rest, stiffness }: Ties, x: Float64Array, weights: Float64Array, step: number): void {
  for (let t = rest.length - 1; t >= 0; t--) {
    const [a, b] = [points[t * 2] ?? 0, points[t * 2 + 1] ?? 0];
    const [p, q] = [a * 3, b * 3];
    const dx = (x[q] ?? 0) - (x[p] ?? 0);
    const dy = (x[q + 1] ?? 0) - (x[p + 1] ?? 0);
    const dz = (x[q + 2] ?? 0) - (x[p + 2] ?? 0);
    const apart = Math.sqrt(dx * dx + dy * dy + dz * dz);
    const over = apart - (rest[t] ?? 0);
    if (over <= 0 || apart < 1e-9) continue;
    const [wa, wb] = [weights[a] ?? 0, weights[b] ?? 0];
    const weight = wa + wb;
    if (weight === 0) continue;
    const share = over / ((weight + 1 / ((stiffness[t] ?? 0) * step * step)) * apart);
    x[p] = (x[p] ?? 0) + wa * share * dx;
    x[p + 1] = (x[p + 1] ?? 0) + wa * share * dy;
    x[p + 2] = (x[p + 2] ?? 0) + wa * share * dz;
    x[q] = (x[q] ?? 0) - wb * share * dx;
    x[q + 1] = (x[q + 1] ?? 0) - wb * share * dy;
    x[q + 2] = (x[q + 2] ?? 0) - wb * share * dz;
  }
}

type Contact = {
  readonly normal: Float64Array;
  /** How far each point may still move before it can have come near the solid, in metres. */
  readonly slack: Float64Array;
};

/** Of a distance to the solid so much is sure: where solids go into each other softly it is not exact. */
const SURE_SHARE = 0.5;
/** And never more than this at once, in metres: beyond its grid a solid says only that it is far. */
const MOST_SLACK = 0.03;

/** Every point is moved out of the solid to its clearance; friction takes from its slide as much as the push allows (Coulomb). */
function keepOff(
  solid: Solid,
  x: Float64Array,
  before: Float64Array,
  weights: Float64Array,
  { normal, slack }: Contact,
  friction: number,
  clearance: Float64Array | undefined,
): void {
  for (let i = 0; i < weights.length; i++) {
    if (weights[i] === 0) continue;
    const q = i * 3;
    const left = slack[i] ?? 0;
    if (left > 0) {
      const mx = (x[q] ?? 0) - (before[q] ?? 0);
      const my = (x[q + 1] ?? 0) - (before[q + 1] ?? 0);
      const mz = (x[q + 2] ?? 0) - (before[q + 2] ?? 0);
      const rest = left - Math.sqrt(mx * mx + my * my + mz * mz);
      slack[i] = rest;
      if (rest > 0) continue;
    }
    const out = solid(x[q] ?? 0, x[q + 1] ?? 0, x[q + 2] ?? 0, normal);
    const into = (clearance ? (clearance[i] ?? 0) : USUAL_CLEARANCE) - out;
    slack[i] = Math.min(MOST_SLACK, -into * SURE_SHARE);
    if (into <= 0) continue;
    push(x, q, normal, into);
    // In a crease one push does not bring out what lies deep in it.
    for (let pass = 0, deep = into; pass < 2 && deep > DEEP; pass++) {
      deep = into + out - solid(x[q] ?? 0, x[q + 1] ?? 0, x[q + 2] ?? 0, normal);
      if (deep > 0) push(x, q, normal, deep);
    }
    const nx = normal[0] ?? 0;
    const ny = normal[1] ?? 0;
    const nz = normal[2] ?? 0;
    const dx = (x[q] ?? 0) - (before[q] ?? 0);
    const dy = (x[q + 1] ?? 0) - (before[q + 1] ?? 0);
    const dz = (x[q + 2] ?? 0) - (before[q + 2] ?? 0);
    const along = dx * nx + dy * ny + dz * nz;
    // Cloth does not bounce: what pushed it out gives it no speed.
    if (along > 0) {
      before[q] = (before[q] ?? 0) + along * nx;
      before[q + 1] = (before[q + 1] ?? 0) + along * ny;
      before[q + 2] = (before[q + 2] ?? 0) + along * nz;
    }
    if (friction === 0) continue;
    const sx = dx - along * nx;
    const sy = dy - along * ny;
    const sz = dz - along * nz;
    const slide = Math.sqrt(sx * sx + sy * sy + sz * sz);
    if (slide < 1e-12) continue;
    const share = Math.min(1, (friction * into) / slide);
    x[q] = (x[q] ?? 0) - share * sx;
    x[q + 1] = (x[q + 1] ?? 0) - share * sy;
    x[q + 2] = (x[q + 2] ?? 0) - share * sz;
  }
}

/** Metres. */
const DEEP = 0.0005;

function push(x: Float64Array, q: number, normal: Float64Array, by: number): void {
  x[q] = (x[q] ?? 0) + (normal[0] ?? 0) * by;
  x[q + 1] = (x[q + 1] ?? 0) + (normal[1] ?? 0) * by;
  x[q + 2] = (x[q + 2] ?? 0) + (normal[2] ?? 0) * by;
}
