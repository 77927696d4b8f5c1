export { type Cut, type Edge, edge, type Piece, type PieceNotch } from "./piece";
