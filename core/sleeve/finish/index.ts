export {
  casingDepth,
  type FinishedHem,
  finishDepth,
  finishHem,
  HEM_FINISHES,
  type HemChoices,
  type HemFinish,
  passingGirth,
} from "./finish";
