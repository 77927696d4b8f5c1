// Apart from what hangs the cloth, so that a page that only asks for a pose does not load it.
export { type ArmPose, HANGING } from "./body/arm";
