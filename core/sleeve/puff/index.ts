export { puff } from "./puff";
