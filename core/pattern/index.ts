export { arranged, inMakersOrder, type Layout, type PlacedPiece } from "./arrange";
export { BAND_SEAMS } from "./band-seams";
export { type BandedEdges, bandedEdges, hemBand, neckBand, neckBandLength } from "./bands";
export { type BodiceEdges, bodicePiece, placePiece } from "./bodice-piece";
export { mouthOfLegs } from "./dart-mouth";
export { type EaseProfile, easeProfile, partAt } from "./ease";
export { withFoldNotches } from "./fold-notches";
export { foldedBeyond } from "./folded-beyond";
export {
  armholeEdges,
  type HalfEdges,
  halfPiece,
  isStraightDown,
  neckAndCentre,
  shoulderEdges,
  sideDartEdges,
} from "./half-edges";
export { halfOfBlock } from "./half-of-block";
export {
  addNotches,
  type EdgeFinder,
  type EdgeRun,
  edgeFinder,
  hasEdges,
  type Join,
  type JoinMark,
  joinedSeam,
  marksOf,
  nameOf,
  notchAlong,
  reversedRuns,
  runOf,
  withNotches,
} from "./join";
export { insideOutline, levelLines, type NamedLevel, withArmLevels } from "./level-lines";
export { neckFacing } from "./neck-facing";
export {
  type Button,
  buttonAt,
  cutWords,
  type Edge,
  type EdgeRole,
  edge,
  edgeLines,
  hemEdges,
  MIRRORED_PAIR,
  type NamedLine,
  notchOn,
  type OneArm,
  type Piece,
  type PieceNotch,
  uprightGrain,
} from "./piece";
export { type Goes, hungBand, hungCollar, KIND, type PieceKind, type Worn } from "./piece-kind";
export {
  type EdgePair,
  measuredSeams,
  NECK_OF_BODICE,
  type NeckEdges,
  type Seam,
  type SeamId,
  type SeamKind,
  type SeamSection,
  section,
} from "./seam";
export { backward, type EdgeRef, forward, optional, type SeamRule } from "./seam-rule";
export { standStrip } from "./stand-strip";
export { layPart, type Walk, type WalkMoment, walkSeam } from "./walk";
