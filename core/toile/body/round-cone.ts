/** A solid between two balls of different size. Metres. */
export type RoundCone = {
  readonly from: readonly [number, number, number];
  readonly to: readonly [number, number, number];
  readonly fromRadius: number;
  readonly toRadius: number;
};

/** How far outside the place lies; the outward direction goes to `normal`. Exact (the hull of two balls). */
export function roundConeDistance(cone: RoundCone): (x: number, y: number, z: number, normal: Float64Array) => number {
  const { from, to, fromRadius, toRadius } = cone;
  const [ax, ay, az] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const squared = ax * ax + ay * ay + az * az;
  const length = Math.sqrt(squared);
  const [ux, uy, uz] = [ax / length, ay / length, az / length];
  // The side of the cone leans by what one ball is larger.
  const lean = (fromRadius - toRadius) / length;
  const upright = Math.sqrt(Math.max(0, 1 - lean * lean));
  return (x, y, z, normal) => {
    const [px, py, pz] = [x - from[0], y - from[1], z - from[2]];
    const alongAxis = px * ux + py * uy + pz * uz;
    const [rx, ry, rz] = [px - alongAxis * ux, py - alongAxis * uy, pz - alongAxis * uz];
    const off = Math.sqrt(rx * rx + ry * ry + rz * rz);
    // Where the foot of the place on the leaning side lies between the balls.
    const share = (alongAxis - (off * lean) / Math.max(upright, 1e-9)) / length;
    const t = Math.min(1, Math.max(0, share));
    const [cx, cy, cz] = [x - from[0] - t * ax, y - from[1] - t * ay, z - from[2] - t * az];
    const apart = Math.sqrt(cx * cx + cy * cy + cz * cz) || 1e-9;
    normal[0] = cx / apart;
    normal[1] = cy / apart;
    normal[2] = cz / apart;
    return apart - (fromRadius + t * (toRadius - fromRadius));
  };
}
