export {
  casingDepth,
  casingFor,
  elasticRound,
  type FinishedHem,
  finishDepth,
  finishHem,
  HEM_FINISHES,
  type HemChoices,
  type HemFinish,
  OPENING_SHARE,
  passingGirth,
  USUAL_OPENING_MM,
} from "./finish";
