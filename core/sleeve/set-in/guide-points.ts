import { type Cubic, cubicPoint, distance, findRoot, type Point } from "../../geometry";

/** A place on the cap curve, found at the table from a place on the slant and a distance square to it. */
export type GuidePoint = {
  readonly at: Point;
  /** Distance along the slant from the crown, in millimetres. */
  readonly alongSlant: number;
  /** Square to the slant, in millimetres: outside the sleeve's triangle is positive. */
  readonly outside: number;
};

const QUARTERS = [0.25, 0.5, 0.75] as const;
const TOLERANCE_MM = 1e-9;

/** The three guide points of a half cap at the quarters of its slant, from the crown down. */
export function guidePoints(cap: Cubic): readonly GuidePoint[] {
  const crown = cap[0];
  const end = cap[3];
  const slant = distance(crown, end);
  const run = { x: (end.x - crown.x) / slant, y: (end.y - crown.y) / slant };
  const alongAt = (p: Point) => (p.x - crown.x) * run.x + (p.y - crown.y) * run.y;
  return QUARTERS.map((share) => {
    const t = findRoot((u) => alongAt(cubicPoint(cap, u)) - share * slant, 0, 1, TOLERANCE_MM).value;
    const at = cubicPoint(cap, t);
    const foot = { x: crown.x + run.x * share * slant, y: crown.y + run.y * share * slant };
    return { at, alongSlant: share * slant, outside: (at.y < foot.y ? 1 : -1) * distance(at, foot) };
  });
}
