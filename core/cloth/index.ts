export { CLOTH_KINDS, type Cloth, type ClothKind, clothOf, DEFAULT_CLOTH } from "./cloths";
