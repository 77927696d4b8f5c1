export { type Raise, type Slashed, type Slashing, slash } from "./slash";
export {
  betweenNotches,
  crownZone,
  edgeSteps,
  gatherStep,
  keptCapStep,
  slashedPiece,
  slashStep,
  spreadStep,
} from "./slash-steps";
