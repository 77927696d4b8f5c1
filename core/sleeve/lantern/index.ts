export { lantern } from "./lantern";
