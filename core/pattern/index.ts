export { type Cut, type Edge, edge, type Piece, type PieceNotch } from "./piece";
export { sleevePiece } from "./sleeve-piece";
