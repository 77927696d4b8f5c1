export { type Bodice, draftBodice } from "./bodice";
export type { BodiceBase } from "./bodice-base";
export type { BodiceFault } from "./bodice-faults";
export {
  BACK_EDGES,
  BACK_FACINGS,
  type BackEdge,
  BODICE_CUTS,
  BODICE_HEMS,
  type BodiceChoices,
  type BodiceCut,
  type BodiceHem,
  FRONT_EDGES,
  type FrontEdge,
  LAPS,
  type Lap,
  NECK_FINISHES,
  type NeckFinish,
  PANELS,
  type Panels,
  STAND_FINISHES,
  type StandFinish,
  WAIST_SEAMS,
} from "./choices";
export { MOST_RISE_SHARE } from "./shape-hem";
