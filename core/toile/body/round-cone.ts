/** A solid between two balls of different size. Metres. */
export type RoundCone = {
  readonly from: readonly [number, number, number];
  readonly to: readonly [number, number, number];
  readonly fromRadius: number;
  readonly toRadius: number;
};

/** A ball that holds the whole cone. */
export function ballRound({ from, to, fromRadius, toRadius }: RoundCone) {
  const [x, y, z] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, (from[2] + to[2]) / 2];
  const half = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]) / 2;
  return { x, y, z, radius: half + Math.max(fromRadius, toRadius) };
}

/** How far outside the place lies; the outward direction goes to `normal`. Exact (the hull of two balls). */
export function roundConeDistance(cone: RoundCone): (x: number, y: number, z: number, normal: Float64Array) => number {
  const { from, to, fromRadius, toRadius } = cone;
  const [fx, fy, fz] = from;
  const [ax, ay, az] = [to[0] - fx, to[1] - fy, to[2] - fz];
  const squared = ax * ax + ay * ay + az * az;
  const length = Math.sqrt(squared);
  const [ux, uy, uz] = [ax / length, ay / length, az / length];
  // The side of the cone leans by what one ball is larger.
  const lean = (fromRadius - toRadius) / length;
  const upright = Math.sqrt(Math.max(0, 1 - lean * lean));
  return (x, y, z, normal) => {
    const px = x - fx;
    const py = y - fy;
    const pz = z - fz;
    const alongAxis = px * ux + py * uy + pz * uz;
    const rx = px - alongAxis * ux;
    const ry = py - alongAxis * uy;
    const rz = pz - alongAxis * uz;
    const off = Math.sqrt(rx * rx + ry * ry + rz * rz);
    // Where the foot of the place on the leaning side lies between the balls.
    const share = (alongAxis - (off * lean) / Math.max(upright, 1e-9)) / length;
    const t = Math.min(1, Math.max(0, share));
    const cx = px - t * ax;
    const cy = py - t * ay;
    const cz = pz - t * az;
    const apart = Math.sqrt(cx * cx + cy * cy + cz * cz) || 1e-9;
    normal[0] = cx / apart;
    normal[1] = cy / apart;
    normal[2] = cz / apart;
    return apart - (fromRadius + t * (toRadius - fromRadius));
  };
}
