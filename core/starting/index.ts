export { MIDDLE_BODY, STARTING_POINTS, type StartingPoint, startedFrom, startingPoint } from "./starting-points";
