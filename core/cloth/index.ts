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
export { type ClothFold, type LayWay, type Lining, type Nap, USUAL_INTERFACING_MM, USUAL_WIDTH_MM } from "./laying";
