export { raglan } from "./raglan";
