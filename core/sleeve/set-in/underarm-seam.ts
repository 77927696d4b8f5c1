import { type Cubic, line, type Path, type Point } from "../../geometry";

/**
 * The underarm seam from the end of the cap line through the elbow to the wrist, bent at the elbow as
 * its widths ask. The direction at the elbow is the mean of the two tapers, so there is no corner.
 * Without an elbow (a sleeve whose elbow line would lie in the cap) it runs straight.
 *
 * `hinge` is the angle, in radians, by which the part below the elbow is going to be swung outwards about it: the seam is drawn
 * with the corner that the swing takes out again.
 */
export function underarmSeam(capEnd: Point, elbow: Point | null, wrist: Point, hinge = 0): Path {
  if (!elbow) return line(capEnd, wrist);
  const upper = taper(capEnd, elbow);
  const lower = taper(elbow, wrist);
  const atElbow = Math.atan((upper + lower) / 2);
  const above = Math.tan(atElbow + hinge / 2);
  const below = Math.tan(atElbow - hinge / 2);
  return [
    throughTapers(capEnd, elbow, (3 * upper - above) / 2, above),
    throughTapers(elbow, wrist, below, (3 * lower - below) / 2),
  ];
}

/** A seam that leaves the cap straight down, so that two pieces cut along it run smoothly into each other at their caps. */
export function hangingSeam(top: Point, elbow: Point | null, wrist: Point): Path {
  if (!elbow) return [throughTapers(top, wrist, 0, taper(top, wrist))];
  const lower = taper(elbow, wrist);
  const atElbow = (taper(top, elbow) + lower) / 2;
  return [throughTapers(top, elbow, 0, atElbow), throughTapers(elbow, wrist, atElbow, (3 * lower - atElbow) / 2)];
}

/** Sideways millimetres for each millimetre down. */
function taper(from: Point, to: Point): number {
  return (to.x - from.x) / (to.y - from.y);
}

/** A cubic that leaves and arrives with the given tapers, its handles a third of the fall long. */
function throughTapers(from: Point, to: Point, leaving: number, arriving: number): Cubic {
  const third = (to.y - from.y) / 3;
  return [
    from,
    { x: from.x + leaving * third, y: from.y + third },
    { x: to.x - arriving * third, y: to.y - third },
    to,
  ];
}
