export {
  CLOTH_KINDS,
  type Cloth,
  type ClothKind,
  type ClothTable,
  type ClothTakes,
  clothOf,
  DEFAULT_CLOTH,
  takesOf,
} from "./cloths";
export { type ClothHangs, HANGS_FIGURES, hangsOf, type OwnHangs } from "./hangs";
export { CLOTH_FOLDS, LAY_WAYS, LININGS, NAPS } from "./laying";
