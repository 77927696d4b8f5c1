export { betweenNotches, crownZone } from "./ratios";
export { type Raise, type Slashed, type Slashing, slash } from "./slash";
export { edgeSteps, gatherStep, keptCapStep, slashStep, spreadStep } from "./slash-steps";
export { slashedPiece } from "./slashed-piece";
