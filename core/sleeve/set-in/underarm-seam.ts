import { type Cubic, line, type Path, type Point } from "../../geometry";

/**
 * The underarm seam from the end of the cap line through the elbow to the wrist, bent at the elbow as
 * its widths ask. The direction at the elbow is the mean of the two tapers, so there is no corner.
 * Without an elbow (a sleeve whose elbow line would lie in the cap) it runs straight.
 */
export function underarmSeam(capEnd: Point, elbow: Point | null, wrist: Point): Path {
  if (!elbow) return line(capEnd, wrist);
  const upper = taper(capEnd, elbow);
  const lower = taper(elbow, wrist);
  const atElbow = (upper + lower) / 2;
  return [
    throughTapers(capEnd, elbow, (3 * upper - atElbow) / 2, atElbow),
    throughTapers(elbow, wrist, atElbow, (3 * lower - atElbow) / 2),
  ];
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
