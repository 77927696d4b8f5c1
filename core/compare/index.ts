export {
  compareMethods,
  type MethodCompared,
  type MethodFigures,
  type Swept,
  sweepMethods,
  tradeOffOf,
} from "./compare-methods";
