export { cubicLength, parameterAtLength, splitCubicAtLength } from "./arc-length";
export { crossesItself, edgesThatCross, flatten, pathsCross } from "./crossing";
export {
  type Cubic,
  cubicDerivative,
  cubicPoint,
  curvature,
  lineCubic,
  mapCubic,
  mostBend,
  splitCubic,
} from "./cubic";
export { moveEnd, moveStart, rotatePath, rotatePoint, withStartDirection } from "./deform";
export { type EllipseArc, ellipseArcPath } from "./ellipse-arc";
export { betweenDirections, evenCurve, fairCurve } from "./fair-curve";
export { type Corners, type Homography, homographyBetween, project } from "./homography";
export { insideCorner, offset } from "./inset";
export { integral } from "./integral";
export {
  along,
  type Box,
  boxOf,
  endOf,
  lengthAtHeight,
  line,
  mapPath,
  type Path,
  pathLength,
  reversePath,
  startOf,
  subpath,
} from "./path";
export {
  add,
  DEGREE,
  directionTo,
  distance,
  lerp,
  mirrored,
  opposite,
  type Point,
  rotateDirection,
  step,
} from "./point";
export { areaOf, contains, distanceToChain, footOnStretch, partsInside, roomBeside } from "./polygon";
export { readPathData } from "./read-path-data";
export { type RingSector, ringSector } from "./ring-sector";
export { findRoot, leastAt, type NamedSolution, type Solution } from "./solve";
export { svgPathData } from "./svg-path";
export { SAME_MM, SEEN_MM, SOLVED_FINELY_MM, SOLVED_MM, STRAIGHT_TURN } from "./tolerance";
