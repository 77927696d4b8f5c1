export type { Cut, Edge, Piece, PieceNotch } from "./piece";
export { sleevePieces, wholeSleeve } from "./sleeve-piece";
