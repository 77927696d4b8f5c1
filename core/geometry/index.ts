export { cubicLength, parameterAtLength, splitCubicAtLength } from "./arc-length";
export {
  type Cubic,
  cubicDerivative,
  cubicPoint,
  curvature,
  mapCubic,
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
export { add, distance, type Point } from "./point";
export { findRoot, type Solution } from "./solve";
export { svgPathData } from "./svg-path";
