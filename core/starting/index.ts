export { measuresAsked, readingsAsked } from "./asked";
export { type ShownPoint, shownOf } from "./shown";
export { type DraftPicture, type ShownWord, type ShownWords, shownWords } from "./shown-words";
export { MIDDLE_BODY, STARTING_POINTS, type StartingPoint, startedFrom } from "./starting-points";
