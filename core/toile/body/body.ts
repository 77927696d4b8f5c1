import type { Solid } from "../solver/surroundings";
import { type ArmPose, armOf, conesOf } from "./arm";
import type { BodyFigures } from "./figure";
import { smoothLeast, withNeck } from "./neck";
import { ballRound, roundConeDistance } from "./round-cone";
import { type Torso, torsoOf } from "./torso";

/** A body without its arms, whose distance was worked out once at every corner of a grid. Metres. */
export type Trunk = {
  readonly figures: BodyFigures;
  readonly torso: Torso;
  /** Exact to the shape's formula, and slow. */
  readonly exact: (x: number, y: number, z: number) => number;
  /** Between the corners of the grid, and fast. */
  readonly solid: Solid;
};

/** How softly neck, shoulder and torso go into each other. */
const BLEND = 0.03;
const CELL = 0.01;

export function trunkOf(figures: BodyFigures): Trunk {
  const torso = torsoOf(figures);
  const { neckPoint, tip } = figures;
  const mm = (value: number) => value / 1000;
  const normal = new Float64Array(3);
  const shoulderEnd = Math.min(0.032, mm(figures.arm.upper) / 2 / Math.PI);
  const neckEnd = 0.022;
  const [rise, run] = [mm(tip.y - neckPoint.y), mm(tip.x - neckPoint.x)];
  const size = Math.hypot(rise, run);
  const [nx, ny] = [-rise / size, -run / size];
  const shoulder = roundConeDistance({
    from: [mm(neckPoint.x) + nx * neckEnd, -mm(neckPoint.y) + ny * neckEnd, mm(figures.shape.stoop)],
    to: [
      mm(tip.x) + nx * shoulderEnd - shoulderEnd * 0.6,
      -mm(tip.y) + ny * shoulderEnd,
      mm(figures.shape.stoop + figures.shape.tipForward),
    ],
    fromRadius: neckEnd,
    toRadius: shoulderEnd,
  });
  const exact = withNeck(
    (x, y, z) => {
      const side = Math.abs(x);
      return smoothLeast(torso.distance(side, y, z), shoulder(side, y, z, normal), BLEND);
    },
    figures,
    BLEND / 2,
  );
  const width =
    Math.max(
      torso.sectionAt(-mm(figures.levels[0]?.y ?? 0)).wide,
      torso.sectionAt(-mm(figures.levels[2]?.y ?? 0)).wide,
      mm(tip.x),
    ) + 0.05;
  const solid = baked(exact, { right: width, top: NECK_UP + 0.06, bottom: -mm(figures.foot) - BELOW_FOOT, deep: 0.24 });
  return { figures, torso, exact, solid };
}

/** The body goes on so far below what is drawn of it: a garment may hang lower than it was cut to. Metres. */
const BELOW_FOOT = 0.15;
/** The neck is there so far above the neck point. */
const NECK_UP = 0.1;

const cellsIn = (size: number) => Math.ceil(size / CELL) + 1;

type Extent = { readonly right: number; readonly top: number; readonly bottom: number; readonly deep: number };

/** The right half on a grid, the left its mirror image; what lies outside the grid is far from the body. */
function baked(exact: (x: number, y: number, z: number) => number, { right, top, bottom, deep }: Extent): Solid {
  const left = -2 * CELL;
  const [nx, ny, nz] = [cellsIn(right - left), cellsIn(top - bottom), cellsIn(2 * deep)];
  const values = new Float32Array(nx * ny * nz);
  for (let k = 0; k < nz; k++)
    for (let j = 0; j < ny; j++)
      for (let i = 0; i < nx; i++)
        values[(k * ny + j) * nx + i] = exact(left + i * CELL, bottom + j * CELL, -deep + k * CELL);
  const [sy, sz] = [nx, nx * ny];
  return (x, y, z, normal) => {
    const gx = (Math.abs(x) - left) / CELL;
    const gy = (y - bottom) / CELL;
    const gz = (z + deep) / CELL;
    const i = Math.floor(gx);
    const j = Math.floor(gy);
    const k = Math.floor(gz);
    if (i < 0 || j < 0 || k < 0 || i >= nx - 1 || j >= ny - 1 || k >= nz - 1) return FAR;
    const fx = gx - i;
    const fy = gy - j;
    const fz = gz - k;
    const q = k * sz + j * sy + i;
    const v000 = values[q] ?? 0;
    const v100 = values[q + 1] ?? 0;
    const v010 = values[q + sy] ?? 0;
    const v110 = values[q + sy + 1] ?? 0;
    const v001 = values[q + sz] ?? 0;
    const v101 = values[q + sz + 1] ?? 0;
    const v011 = values[q + sz + sy] ?? 0;
    const v111 = values[q + sz + sy + 1] ?? 0;
    const a00 = v000 + (v100 - v000) * fx;
    const a10 = v010 + (v110 - v010) * fx;
    const a01 = v001 + (v101 - v001) * fx;
    const a11 = v011 + (v111 - v011) * fx;
    const b0 = a00 + (a10 - a00) * fy;
    const b1 = a01 + (a11 - a01) * fy;
    const out = b0 + (b1 - b0) * fz;
    if (out > NEAR) return out;
    const dz = b1 - b0;
    const dy = (a10 - a00) * (1 - fz) + (a11 - a01) * fz;
    const dx =
      ((v100 - v000) * (1 - fy) + (v110 - v010) * fy) * (1 - fz) + ((v101 - v001) * (1 - fy) + (v111 - v011) * fy) * fz;
    const size = Math.sqrt(dx * dx + dy * dy + dz * dz) || 1;
    normal[0] = x < 0 ? -dx / size : dx / size;
    normal[1] = dy / size;
    normal[2] = dz / size;
    return out;
  };
}

const FAR = 1;
/** Further out nothing rests on the direction. */
const NEAR = 0.05;

/** Arm and trunk go into each other so softly: in a sharp crease between them cloth would be pushed to and fro. Metres. */
const ARMPIT_BLEND = 0.018;

/** The trunk with an arm in a pose; `blend` is how softly they go into each other, in metres. */
export function withArm({ solid, figures }: Trunk, pose: ArmPose, blend = ARMPIT_BLEND): Solid {
  const arm = armOf(figures, pose);
  const cones = conesOf(arm).map((cone) => ({ ...ballRound(cone), out: roundConeDistance(cone) }));
  const [other, ofArm] = [new Float64Array(3), new Float64Array(3)];
  const from = arm.shoulder[0] - WIDEST_ARM;
  return (x, y, z, normal) => {
    const ofTrunk = solid(x, y, z, normal);
    if (x < from) return ofTrunk;
    // A limb further off than the trunk and what softens the two changes nothing.
    let least = ofTrunk + blend;
    for (const ball of cones) {
      const reach = least + ball.radius;
      const dx = x - ball.x;
      const dy = y - ball.y;
      const dz = z - ball.z;
      if (reach <= 0 || dx * dx + dy * dy + dz * dz >= reach * reach) continue;
      const out = ball.out(x, y, z, other);
      if (out >= least) continue;
      least = out;
      ofArm.set(other);
    }
    // The share of the trunk in the rounded less of the two.
    const share = Math.min(1, Math.max(0, 0.5 + (0.5 * (least - ofTrunk)) / blend));
    if (share === 1) return ofTrunk;
    const nx = mix(ofArm, normal, share, 0);
    const ny = mix(ofArm, normal, share, 1);
    const nz = mix(ofArm, normal, share, 2);
    const size = Math.sqrt(nx * nx + ny * ny + nz * nz) || 1;
    normal[0] = nx / size;
    normal[1] = ny / size;
    normal[2] = nz / size;
    return least + (ofTrunk - least) * share - blend * share * (1 - share);
  };
}

/** Nearer to the middle than this beside the shoulder no arm reaches. Metres. */
const WIDEST_ARM = 0.12;

const mix = (a: Float64Array, b: Float64Array, share: number, k: number) =>
  (a[k] ?? 0) + ((b[k] ?? 0) - (a[k] ?? 0)) * share;
