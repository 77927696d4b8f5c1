export type { Cut, Edge, Piece, PieceNotch } from "./piece";
export { sleevePiece } from "./sleeve-piece";
