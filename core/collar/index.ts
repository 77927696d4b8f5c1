export { FRONT_ENDS, type FrontEnd, STAND_SCHOOLS, type StandSchool, type StandTask } from "./collar-task";
export { joinedNeckline } from "./joined-neckline";
export { type BandShape, bandOf, edgeAt, edgeLength, leanOf, neckEdgeOf } from "./stand/band-shape";
export { draftStand, type Stand } from "./stand/draft-stand";
export { schoolOf } from "./stand/schools";
