export { offShoulder } from "./off-shoulder";
export { raglan } from "./raglan";
