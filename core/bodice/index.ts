export { type Bodice, draftBodice } from "./bodice";
export type { BodiceBase } from "./bodice-base";
export type { BodiceFault } from "./bodice-faults";
export type {
  BackEdge,
  BackFacing,
  BodiceChoices,
  BodiceCut,
  BodiceHem,
  FrontEdge,
  Lap,
  NeckFinish,
  Panels,
  StandFinish,
  WaistSeam,
} from "./choices";
export { MOST_RISE_SHARE } from "./shape-hem";
