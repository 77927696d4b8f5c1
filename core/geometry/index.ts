export { cubicLength, parameterAtLength, splitCubicAtLength } from "./arc-length";
export { betweenDirections, evenCurve } from "./between-directions";
export { crossesItself, edgesThatCross, flatten, pathsCross } from "./crossing";
export {
  type Cubic,
  cubicDerivative,
  cubicPoint,
  curvature,
  lineCubic,
  mapCubic,
  splitCubic,
} from "./cubic";
export { moveEnd, moveStart, turnPath, turnPoint, withStartDirection } from "./deform";
export { type EllipseArc, ellipseArcPath } from "./ellipse-arc";
export { fairCurve } from "./fair-curve";
export { type Corners, type Homography, homographyBetween, project } from "./homography";
export { beside, insideCorner } from "./inset";
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
export { add, distance, mirrored, mix, opposite, type Point, step, turnWay, wayTo } from "./point";
export { areaOf, contains } from "./polygon";
export { readPathData } from "./read-path-data";
export { type RingSector, ringSector } from "./ring-sector";
export { findRoot, leastAt, type Solution } from "./solve";
export { svgPathData } from "./svg-path";
