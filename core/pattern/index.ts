export { type BodiceEdges, bodicePiece, placePiece } from "./bodice-piece";
export {
  type Edge,
  edge,
  hemEdges,
  MIRRORED_PAIR,
  notchOn,
  type Piece,
  type PieceNotch,
  uprightGrain,
} from "./piece";
