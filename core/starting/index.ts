export { MIDDLE_BODY, STARTING_POINTS, type StartingPoint, startedFrom } from "./starting-points";
