export { type Amended, type AmendId, amendNamed } from "./amendments";
export { OBSERVATIONS, OBSERVED_ON, type ObservationId } from "./observations";
export { type Amendment, amendGarment, type Proposal, proposalsFor } from "./proposals";
export { type Mark, readAmended, readSeen, type Seen } from "./record";
