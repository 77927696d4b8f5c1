export { choiceAt, mattersIn } from "./choice-at";
export {
  buttonStandOf,
  closingOf,
  type DefaultTaken,
  estimateBody,
  type ResolvedSpec,
  resolveSpec,
  usualAllowances,
} from "./resolve";
export type { ResolvedBlock } from "./resolve-block";
export { type ResolvedCollar, resolveCollar } from "./resolve-collar";
export { type ResolvedSleeve, usualUpperArmEase } from "./resolve-sleeve";
export type { TakeDefault } from "./take-default";
