export { type BandedEdges, bandedEdges, foldedStrip, hemBand, neckBand, neckBandLength } from "./bands";
export { type BodiceEdges, bodicePiece, placePiece } from "./bodice-piece";
export { neckFacing } from "./neck-facing";
export {
  type Edge,
  edge,
  edgeLines,
  hemEdges,
  MIRRORED_PAIR,
  notchOn,
  type Piece,
  type PieceNotch,
  uprightGrain,
} from "./piece";
