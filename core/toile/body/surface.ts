import { eachAxis } from "../place";
import { type ArmPose, armOf, conesOf } from "./arm";
import type { Trunk } from "./body";

/** Triangles to draw a body by; metres, right half. */
export type Surface = { readonly places: Float32Array<ArrayBuffer>; readonly triangles: Uint32Array<ArrayBuffer> };

/** Over neck and shoulder, which bend inwards, levels further apart would draw the body through the cloth that lies on it. Metres. */
const SHOULDER = { until: -0.07, step: 0.003 } as const;
const LEVELS_BELOW = 50;
const ROUND = 36;

/** The surface of the trunk's right half, by going out from its axis at every level to where the body ends. */
export function surfaceOf(trunk: Trunk, pose: ArmPose): Surface {
  const places: number[] = [];
  const triangles: number[] = [];
  for (const [j, y] of levelsTo(-trunk.figures.foot / 1000).entries()) {
    for (let i = 0; i <= ROUND; i++) {
      const turn = (Math.PI * i) / ROUND;
      const r = radiusAt(trunk, Math.sin(turn), y, Math.cos(turn));
      places.push(r * Math.sin(turn), y, r * Math.cos(turn) + AXIS_Z);
      if (j === 0 || i === 0) continue;
      const [a, b] = [j * (ROUND + 1) + i, (j - 1) * (ROUND + 1) + i];
      triangles.push(b - 1, a - 1, a, b - 1, a, b);
    }
  }
  for (const cone of conesOf(armOf(trunk.figures, pose))) {
    const [fromRadius, toRadius] = [cone.fromRadius - INSIDE, cone.toRadius - INSIDE];
    tubeOf({ ...cone, fromRadius, toRadius }, places, triangles);
  }
  return { places: Float32Array.from(places), triangles: Uint32Array.from(triangles) };
}

const NECK_TOP = 0.085;

/** The heights at which the trunk is drawn, from the neck down. */
function levelsTo(bottom: number): readonly number[] {
  const above = Math.ceil((NECK_TOP - SHOULDER.until) / SHOULDER.step);
  return [
    ...Array.from({ length: above }, (_, j) => NECK_TOP - j * SHOULDER.step),
    ...Array.from(
      { length: LEVELS_BELOW + 1 },
      (_, j) => SHOULDER.until + ((bottom - SHOULDER.until) * j) / LEVELS_BELOW,
    ),
  ];
}

/** The axis that is gone out from: through neck and trunk. */
const AXIS_Z = -0.005;
const FURTHEST = 0.3;
/** Drawn so much smaller than it is, in metres: cloth that lies on it would else be drawn partly behind it. */
const INSIDE = 0.0045;

function radiusAt({ exact }: Trunk, dx: number, y: number, dz: number): number {
  const outside = (r: number) => exact(dx * r, y, dz * r + AXIS_Z) + INSIDE;
  // From outside in: a shoulder that the ray leaves and enters again is drawn to its end.
  let r = FURTHEST;
  for (let n = 0; n < 80; n++) {
    const off = outside(r);
    if (off < 0.0004) return Math.max(0.002, r);
    r -= Math.max(0.0008, off * 0.7);
    if (r <= 0.002) return 0.002;
  }
  return r;
}

const SIDES = 20;
const RINGS = 5;

function tubeOf(
  { from, to, fromRadius, toRadius }: ReturnType<typeof conesOf>[number],
  places: number[],
  triangles: number[],
): void {
  const axis = eachAxis((k) => to[k] - from[k]);
  const length = Math.hypot(...axis) || 1;
  const [ux, uy, uz] = eachAxis((k) => axis[k] / length);
  const [px, py, pz] = Math.abs(uz) < 0.9 ? [-uy, ux, 0] : [0, -uz, uy];
  const size = Math.hypot(px, py, pz) || 1;
  const [ax, ay, az] = [px / size, py / size, pz / size];
  const [bx, by, bz] = [uy * az - uz * ay, uz * ax - ux * az, ux * ay - uy * ax];
  const start = places.length / 3;
  const rows = [
    ...Array.from({ length: RINGS }, (_, k) => ({
      at: -fromRadius * Math.cos((Math.PI / 2) * (k / RINGS)),
      r: fromRadius * Math.sin((Math.PI / 2) * (k / RINGS)),
    })),
    { at: 0, r: fromRadius },
    { at: length, r: toRadius },
    ...Array.from({ length: RINGS }, (_, k) => ({
      at: length + toRadius * Math.sin((Math.PI / 2) * ((k + 1) / RINGS)),
      r: toRadius * Math.cos((Math.PI / 2) * ((k + 1) / RINGS)),
    })),
  ];
  rows.forEach(({ at, r }, j) => {
    for (let i = 0; i <= SIDES; i++) {
      const turn = (2 * Math.PI * i) / SIDES;
      const [c, s] = [Math.cos(turn) * r, Math.sin(turn) * r];
      places.push(
        from[0] + ux * at + ax * c + bx * s,
        from[1] + uy * at + ay * c + by * s,
        from[2] + uz * at + az * c + bz * s,
      );
      if (j === 0 || i === 0) continue;
      const [a, b] = [start + j * (SIDES + 1) + i, start + (j - 1) * (SIDES + 1) + i];
      triangles.push(b - 1, a, a - 1, b - 1, b, a);
    }
  });
}
