export { FRONT_ENDS, type FrontEnd, STAND_SCHOOLS, type StandSchool, type StandTask } from "./collar-task";
export { joinedNeckline } from "./joined-neckline";
export { draftStand, type Stand } from "./stand/draft-stand";
export { schoolOf } from "./stand/schools";
