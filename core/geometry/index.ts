export { cubicLength, parameterAtLength, splitCubicAtLength } from "./arc-length";
export {
  type Cubic,
  cubicDerivative,
  cubicPoint,
  cubicSecondDerivative,
  curvature,
  lineCubic,
  mapCubic,
  reverseCubic,
  splitCubic,
} from "./cubic";
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
export { add, distance, mix, type Point, scale, subtract } from "./point";
export { findRoot, type Solution } from "./solve";
export { svgPathData } from "./svg-path";
