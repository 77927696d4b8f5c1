export { dropped } from "./dropped";
