export { type BandedEdges, bandedEdges, foldedStrip, hemBand, neckBand, neckBandLength } from "./bands";
export { type BodiceEdges, bodicePiece, placePiece } from "./bodice-piece";
export { type EaseProfile, easeProfile, partAt } from "./ease";
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
export {
  type EdgePair,
  measuredSeams,
  NECK_OF_BODICE,
  type NeckEdges,
  type Seam,
  type SeamId,
  type SeamSection,
  section,
} from "./seam";
export { layPart, type Walk, type WalkMoment, walkSeam } from "./walk";
